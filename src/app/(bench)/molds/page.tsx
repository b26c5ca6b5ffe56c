import type { Metadata } from 'next';
import { MoldsStation } from '@/stations/molds';

export const metadata: Metadata = { title: 'Molds' };

export default function MoldsPage() {
  return <MoldsStation />;
}
