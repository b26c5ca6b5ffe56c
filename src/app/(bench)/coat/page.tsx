import type { Metadata } from 'next';
import { CoatStation } from '@/stations/coat';

export const metadata: Metadata = { title: 'Coat' };

export default function CoatPage() {
  return <CoatStation />;
}
