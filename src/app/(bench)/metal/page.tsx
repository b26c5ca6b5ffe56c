import type { Metadata } from 'next';
import { MetalStation } from '@/stations/metal';

export const metadata: Metadata = { title: 'Metal' };

export default function MetalPage() {
  return <MetalStation />;
}
