import type { Metadata } from 'next';
import { PourStation } from '@/stations/pour';

export const metadata: Metadata = { title: 'Pour' };

export default function PourPage() {
  return <PourStation />;
}
