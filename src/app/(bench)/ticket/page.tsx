import type { Metadata } from 'next';
import { TicketStation } from '@/stations/ticket';

export const metadata: Metadata = { title: 'Ticket' };

export default function TicketPage() {
  return <TicketStation />;
}
