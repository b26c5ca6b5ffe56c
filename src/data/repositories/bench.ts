import { did } from '../did';
import { NEW_BENCH, type Bench } from '@/records/bench';
import type { Store } from '../store';
import { write } from '../write';

/** The bench's name and its pot. */
export function benchRepository(store: Store) {
  const { db } = store;
  return {
    read: async (): Promise<Bench> => (await db.bench.get('bench')) ?? NEW_BENCH,
    save: (bench: Bench): Promise<void> => write(store, did('bench.edited'), (tx) => tx.put('bench', bench)),
    /** Whether nothing was ever put on this bench. */
    isBare: async (): Promise<boolean> =>
      (await Promise.all([db.bins.count(), db.molds.count(), db.tickets.count(), db.acts.count()])).every(
        (count) => count === 0,
      ),
  };
}
