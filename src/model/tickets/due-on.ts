import type { Ticket } from '@/records/ticket';

/** When a ticket is due first; null where no line says. */
export function dueOn(ticket: Pick<Ticket, 'lines' | 'wares'>): string | null {
  const days = [...ticket.lines, ...ticket.wares].flatMap(({ dueOn: day }) => (day ? [day] : [])).sort();
  return days[0] ?? null;
}
