import type { Ticket } from '@/records/ticket';

/** By the day it is due; what has none comes last, older tickets first. */
export function inOrderOfDue(tickets: readonly Ticket[]): Ticket[] {
  const due = ({ lines, wares }: Ticket) =>
    [...lines, ...wares].map(({ dueOn }) => dueOn ?? '9999').sort()[0] ?? '9999';
  return [...tickets].sort((a, b) => due(a).localeCompare(due(b)) || a.no - b.no);
}
