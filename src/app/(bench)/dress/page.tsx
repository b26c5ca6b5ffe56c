import type { Metadata } from 'next';
import { DressStation } from '@/stations/dress';

export const metadata: Metadata = { title: 'Dress' };

export default function DressPage() {
  return <DressStation />;
}
