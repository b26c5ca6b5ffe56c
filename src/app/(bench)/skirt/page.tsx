import type { Metadata } from 'next';
import { SkirtStation } from '@/stations/skirt';

export const metadata: Metadata = { title: 'Skirt' };

export default function SkirtPage() {
  return <SkirtStation />;
}
