import type { Metadata } from 'next';
import { RigStation } from '@/stations/rig';

export const metadata: Metadata = { title: 'Rig' };

export default function RigPage() {
  return <RigStation />;
}
