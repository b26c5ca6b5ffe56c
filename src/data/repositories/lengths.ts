import { did } from '../did';
import { sum } from '@/core/numeric/sum';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Store } from '../store';
import { attempt, granted, refuse } from '../write';

/** Rolls, sticks and offcuts, told apart by the entries that name them. */
export function lengthRepository(store: Store) {
  const { db } = store;
  return {
    /** Receives so many rolls or sticks of one length, mm, each told apart from now on; `unitCost` a mm, null where nobody said. */
    receive: (
      binId: string,
      lengthMm: number,
      count: number,
      note: string,
      unitCost: number | null = null,
    ): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('length.received', { count }), async (tx) => {
        const bin = await db.bins.get(binId);
        if (bin?.unit !== 'mm') return refuse<undefined>({ code: 'bench.gone', what: 'roll' });
        for (let nth = 0; nth < count; nth += 1) {
          await tx.enter({ binId, kind: 'received', qty: lengthMm, lengthId: store.newId(), note, unitCost });
        }
        return granted(undefined);
      }),

    /** Sets a length right to what was measured: enters the difference; 0 throws it away. */
    measure: (binId: string, lengthId: string | null, mm: number): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('length.measured'), async (tx) => {
        if (!(await db.bins.get(binId))) return refuse<undefined>({ code: 'bench.gone', what: 'roll' });
        const thereMm = await lengthOf(store, binId, lengthId);
        await tx.enter({ binId, kind: 'counted', qty: mm - thereMm, lengthId, note: 'measured' });
        return granted(undefined);
      }),
  };
}

/** How much is left of a length, mm; of null, of all that nobody told apart. */
export async function lengthOf({ db }: Store, binId: string, lengthId: string | null): Promise<number> {
  const entries = await db.entries.where('binId').equals(binId).toArray();
  return sum(entries.filter((entry) => entry.lengthId === lengthId).map(({ qty }) => qty));
}
