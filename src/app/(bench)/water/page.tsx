import type { Metadata } from 'next';
import { WaterStation } from '@/stations/water';

export const metadata: Metadata = { title: 'Water' };

export default function WaterPage() {
  return <WaterStation />;
}
