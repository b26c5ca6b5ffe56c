import type { Metadata } from 'next';
import { BuildStation } from '@/stations/build';

export const metadata: Metadata = { title: 'Build' };

export default function BuildPage() {
  return <BuildStation />;
}
