import { did } from '../did';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Weighing } from '@/records/weighing';
import type { Store } from '../store';
import { attempt, granted, refuse, write } from '../write';
import { recalibrate } from './recalibrate';

export type NewWeighing = Omit<Weighing, 'id' | 'at'>;

/** A refusal found only after the first writes: thrown, so that the transaction takes them back. */
class TakenBack extends Error {
  readonly hardwareG: number;
  constructor(hardwareG: number) {
    super('lighter than its hardware');
    this.hardwareG = hardwareG;
  }
}

/** Castings weighed, and the cavity volumes found from them. */
export function weighingRepository(store: Store) {
  const { db } = store;
  return {
    all: (): Promise<Weighing[]> => db.weighings.toArray(),
    /** Takes a weighing in, and the cavity's volume with it. Refuses castings lighter than their hook. */
    add: async (weighing: NewWeighing): Promise<BenchOutcome<string>> => {
      try {
        return await attempt(store, did('weighing.new'), async (tx) => {
          const id = store.newId();
          await tx.put('weighings', { ...weighing, id, at: tx.at });
          const found = await recalibrate(db, tx, weighing);
          if (!found.ok && found.problem.code === 'cavity.lighter-than-hardware') {
            throw new TakenBack(found.problem.facts.hardwareG);
          }
          return granted(id);
        });
      } catch (error) {
        if (!(error instanceof TakenBack)) throw error;
        const eachG = weighing.weighedG / weighing.count;
        return refuse({ code: 'bench.too-light', eachG, hardwareG: error.hardwareG });
      }
    },
    /** Takes a weighing back out; the cavity is found from the others. */
    remove: (weighing: Weighing): Promise<void> =>
      write(store, did('weighing.struck'), async (tx) => {
        await tx.remove('weighings', weighing.id);
        const found = await recalibrate(db, tx, weighing);
        const mold = await db.molds.get(weighing.moldId ?? '');
        // With nothing left to tell it, the volume is a guess again.
        if (!mold || !found.ok || found.value !== null) return;
        const cavities = mold.cavities.map((cavity) =>
          cavity.id === weighing.cavityId && weighing.calibrates
            ? { ...cavity, volumeBasis: 'guess' as const, standardErrorCm3: null, weighedCount: 0 }
            : cavity,
        );
        await tx.put('molds', { ...mold, cavities });
      }),
  };
}
