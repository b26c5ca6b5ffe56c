import { did } from '../did';
import { NEW_BENCH, type Bench } from '@/records/bench';
import type { Store } from '../store';
import { write } from '../write';

/** A bench before its maker has said anything, in the money of where it stands. */
const benchWith = (sign: string = NEW_BENCH.money.sign): Bench => ({
  ...NEW_BENCH,
  money: { ...NEW_BENCH.money, sign },
});

/** The bench's name and its pot. */
export function benchRepository(store: Store) {
  const { db } = store;
  return {
    read: async (): Promise<Bench> => (await db.bench.get('bench')) ?? benchWith(store.sign?.()),
    save: (bench: Bench): Promise<void> => write(store, did('bench.edited'), (tx) => tx.put('bench', bench)),
    /** Whether nothing was ever put on this bench. */
    isBare: async (): Promise<boolean> =>
      (await Promise.all([db.bins.count(), db.molds.count(), db.tickets.count(), db.acts.count()])).every(
        (count) => count === 0,
      ),
  };
}
