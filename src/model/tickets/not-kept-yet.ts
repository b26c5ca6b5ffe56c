import type { Ticket, TicketWare } from '@/records/ticket';
import { wareRecord } from '../bills/promises';
import type { BenchFacts } from '../bench/bench-facts';

/** What an open ticket asks for by a name, before anybody kept a recipe of it. */
export interface NotKeptYet {
  readonly ware: TicketWare;
  readonly ticket: Pick<Ticket, 'id' | 'no' | 'title'>;
  readonly name: string;
}

/**
 * Baits, rigs or skirts that open tickets ask for and that nobody has kept yet, by the name they are to have.
 *
 * @example notKeptYet('build', view) // [{ name: 'Pond bait', ticket: { no: 3, ... }, ware: { count: 12, ... } }]
 */
export function notKeptYet(
  kind: TicketWare['kind'],
  view: Pick<BenchFacts, 'tickets' | 'builds' | 'rigs' | 'skirts' | 'binById'>,
): NotKeptYet[] {
  return view.tickets.flatMap((ticket) =>
    ticket.state === 'closed'
      ? []
      : ticket.wares.flatMap((ware) =>
          ware.kind === kind && ware.says !== undefined && !wareRecord(ware, view)
            ? [{ ware, ticket, name: ware.says.trim() }]
            : [],
        ),
  );
}
