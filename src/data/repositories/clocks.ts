import { did } from '../did';
import type { Clock } from '@/records/clock';
import type { Store } from '../store';
import { write } from '../write';

/** Named bench clocks. They run to an instant, so nothing has to tick for them. */
export function clockRepository(store: Store) {
  const { db } = store;
  return {
    all: (): Promise<Clock[]> => db.clocks.toArray(),

    start: (name: string, seconds: number): Promise<void> =>
      write(store, did('clock.started', { name }), async (tx) => {
        const startedAt = tx.at;
        const endsAt = startedAt + Math.round(seconds * 1000);
        await tx.put('clocks', { id: store.newId(), name, startedAt, endsAt, silencedAt: null });
      }),

    /** Lays a clock by, rung or not. */
    stop: (clock: Clock): Promise<void> =>
      write(store, did('clock.stopped', { name: clock.name }), (tx) => tx.remove('clocks', clock.id)),
  };
}
