'use client';

import type { Ticket } from '@/records/ticket';
import { useBench } from './BenchProvider';
import { usePreferences } from './preferences-store';
import { dueOn } from '@/model/tickets/due-on';

/** The ticket in hand on this screen; else the open one that is due first; null where none is open. */
export function useTicketInHand(): Ticket | null {
  const { view } = useBench();
  const { ticketInHand } = usePreferences();
  const chosen = view.tickets.find((ticket) => ticket.id === ticketInHand);
  if (chosen) return chosen;
  const open = view.tickets.filter((ticket) => ticket.state === 'open');
  return [...open].sort((a, b) => (dueOn(a) ?? '9999').localeCompare(dueOn(b) ?? '9999'))[0] ?? null;
}
