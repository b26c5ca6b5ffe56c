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
  const read = async (): Promise<Bench> => (await db.bench.get('bench')) ?? benchWith(store.sign?.());
  return {
    read,
    save: (bench: Bench): Promise<void> => write(store, did('bench.edited'), (tx) => tx.put('bench', bench)),
    /** The pot is lit, cold: a clock says when it should pour, and the next run knows how long it took. */
    light: (seconds: number, clockName: string): Promise<void> =>
      write(store, did('pot.lit'), async (tx) => {
        const [bench, now] = [await read(), tx.at];
        await tx.put('bench', { ...bench, potLitAt: now });
        const endsAt = now + Math.round(seconds * 1000);
        await tx.put('clocks', {
          id: store.newId(),
          name: clockName,
          startedAt: now,
          endsAt,
          silencedAt: null,
        });
      }),

    /** It was not, or it is out again before anything was poured. */
    putOut: (): Promise<void> =>
      write(store, did('pot.out'), async (tx) => {
        const { potLitAt: _lit, ...bench } = await read();
        await tx.put('bench', bench);
      }),

    /** Whether nothing was ever put on this bench. */
    isBare: async (): Promise<boolean> =>
      (await Promise.all([db.bins.count(), db.molds.count(), db.tickets.count(), db.acts.count()])).every(
        (count) => count === 0,
      ),
  };
}
