import type { LineWant } from '@/core/tickets/facts';
import type { Ticket } from '@/records/ticket';

/** What is still to be cast of each line of a ticket. */
export function wantsOf(
  ticket: Pick<Ticket, 'id' | 'lines' | 'toleranceShare'>,
  made: ReadonlyMap<string, number>,
): LineWant[] {
  return ticket.lines.map(({ id, style, nominalG, count, hookBinId, metalBinId, dueOn }) => ({
    ticketId: ticket.id,
    lineId: id,
    style,
    nominalG,
    hookBinId,
    metalBinId,
    dueOn,
    left: Math.max(0, count - (made.get(id) ?? 0)),
    toleranceShare: ticket.toleranceShare,
  }));
}
