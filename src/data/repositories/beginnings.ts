import type { Bench } from '@/records/bench';
import type { Bin } from '@/records/bin';
import type { Heater } from '@/records/heater';
import type { Mold } from '@/records/mold';
import type { Ticket } from '@/records/ticket';
import { did } from '../did';
import type { Store } from '../store';
import { write } from '../write';

/** What a maker begins with. */
export interface BeginningRecords {
  readonly bench: Bench;
  readonly bins: readonly Bin[];
  readonly molds: readonly Mold[];
  readonly tickets: readonly Ticket[];
  readonly heaters: readonly Heater[];
}

/** How a bench begins. */
export function beginningRepository(store: Store) {
  return {
    /** Lays a whole bench out in one go: taken back, it is as empty as before. */
    layOut: ({ bench, bins, molds, tickets, heaters }: BeginningRecords): Promise<void> =>
      write(
        store,
        did('bench.begun', { things: bins.length + molds.length + tickets.length + heaters.length }),
        async (tx) => {
          await tx.put('bench', bench);
          await tx.putMany('bins', bins);
          await tx.putMany('molds', molds);
          await tx.putMany('heaters', heaters);
          const last = await store.db.tickets.orderBy('no').last();
          await tx.putMany(
            'tickets',
            tickets.map((ticket, at) => ({ ...ticket, no: (last?.no ?? 0) + at + 1 })),
          );
        },
      ),
  };
}
