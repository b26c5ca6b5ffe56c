import type { Metadata } from 'next';
import { CostStation } from '@/stations/cost';

export const metadata: Metadata = { title: 'Cost' };

export default function CostPage() {
  return <CostStation />;
}
