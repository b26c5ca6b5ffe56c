import { did } from '../did';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { HeadAllotment } from '@/core/tickets/allot-free-heads';
import type { Entry } from '@/records/entry';
import type { Ticket } from '@/records/ticket';
import type { Store } from '../store';
import { attempt, granted, refuse, write } from '../write';
import type { NewTicket } from '@/records/ticket';

/** Orders and stock tickets. */
export function ticketRepository(store: Store) {
  const { db } = store;

  async function heldFor(ticketId: string): Promise<Map<string, { qty: number; lineId: string | null }>> {
    const entries: Entry[] = await db.entries.where('ticketId').equals(ticketId).toArray();
    const held = new Map<string, { qty: number; lineId: string | null }>();
    for (const { binId, qty, lineId } of entries) {
      held.set(binId, { qty: (held.get(binId)?.qty ?? 0) + qty, lineId });
    }
    return held;
  }

  return {
    all: (): Promise<Ticket[]> => db.tickets.orderBy('no').toArray(),

    /** Writes a new ticket; it gets the next number. */
    add: (ticket: NewTicket): Promise<string> =>
      write(store, did('ticket.new', { title: ticket.title }), async (tx) => {
        const last = await db.tickets.orderBy('no').last();
        const id = store.newId();
        await tx.put('tickets', { ...ticket, id, no: (last?.no ?? 0) + 1, state: 'open', createdAt: tx.at });
        return id;
      }),

    /** Puts free heads on the shelf to lines of tickets: they need not be cast. Refuses more than lie there. */
    giveFromShelf: (allotments: readonly HeadAllotment[]): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('ticket.heads-given'), async (tx) => {
        const asked = new Map<string, number>();
        for (const { headBinId, count } of allotments) {
          asked.set(headBinId, (asked.get(headBinId) ?? 0) + count);
        }
        for (const [binId, count] of asked) {
          const bin = await db.bins.get(binId);
          if (!bin) return refuse<undefined>({ code: 'bench.gone', what: 'bin' });
          const entries = await db.entries.where('binId').equals(binId).toArray();
          const onHand = entries.reduce((total, { qty }) => total + qty, 0);
          if (count > onHand) {
            return refuse<undefined>({
              code: 'bench.too-little',
              bin: bin.name,
              onHand,
              asked: count,
              unit: 'pieces',
            });
          }
        }
        for (const { headBinId: binId, ticketId, lineId, count } of allotments) {
          const note = 'from the shelf to a ticket';
          await tx.enter({ binId, kind: 'taken', qty: -count, note });
          await tx.enter({ binId, kind: 'made', qty: count, note, ticketId, lineId });
        }
        return granted(undefined);
      }),

    edit: (ticket: Ticket): Promise<void> =>
      write(store, did('ticket.edited', { no: ticket.no }), (tx) => tx.put('tickets', ticket)),

    /** Sets a ticket aside, or takes it up again. */
    setState: (ticket: Ticket, state: 'open' | 'set-aside'): Promise<void> =>
      write(store, did(state === 'open' ? 'ticket.taken-up' : 'ticket.set-aside', { no: ticket.no }), (tx) =>
        tx.put('tickets', { ...ticket, state }),
      ),

    /** Closes a ticket. Heads cast for an order leave the shelf with it; for stock they stay. */
    close: (ticketId: string): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('ticket.closed'), async (tx) => {
        const ticket = await db.tickets.get(ticketId);
        if (!ticket) return refuse<undefined>({ code: 'bench.gone', what: 'ticket' });
        if (ticket.buyer !== null) {
          for (const [binId, { qty, lineId }] of await heldFor(ticketId)) {
            const note = `handed over to ${ticket.buyer}`;
            if (qty > 0) await tx.enter({ binId, kind: 'taken', qty: -qty, note, ticketId, lineId });
          }
        }
        await tx.put('tickets', { ...ticket, state: 'closed' });
        return granted(undefined);
      }),
  };
}
