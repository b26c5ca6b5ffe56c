import type { Metadata } from 'next';
import { ShelfStation } from '@/stations/shelf';

export const metadata: Metadata = { title: 'Shelf' };

export default function ShelfPage() {
  return <ShelfStation />;
}
