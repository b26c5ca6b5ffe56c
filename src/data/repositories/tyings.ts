import { did } from '../did';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Tying } from '@/records/tying';
import type { Store } from '../store';
import { attempt, granted, refuse, RefusedInside } from '../write';
import { cardRunRepository } from './card-runs';
import { dressedBin, looseBin } from './dressed-bin';
import { mustHold } from './must-hold';

type NewTying = Pick<
  Tying,
  'skirtId' | 'count' | 'way' | 'headBinId' | 'ticketId' | 'lineId' | 'swaps' | 'taken'
>;

/** Runs of skirts: loose ones for the shelf, or heads that are dressed in them. */
export function tyingRepository(store: Store) {
  const { db } = store;
  const { runs } = cardRunRepository<Tying, NewTying>(store, {
    of: 'skirts',
    table: db.tyings,
    put: (tx, run) => tx.put('tyings', run),
    states: { underWay: 'tying', made: 'tied' },
    noun: 'tying run',
    deeds: 'tying',
    begun: (run, fresh) => ({ ...run, ...fresh, state: 'tying', putBack: [], failed: [] }),
    prepare: async (_pen, { headBinId, count }) => {
      if (headBinId !== null) await mustHold(store, headBinId, count);
    },
    book: async (tx, { skirtId, headBinId, ticketId, lineId }, { passed }, note) => {
      const skirt = await db.skirts.get(skirtId);
      if (!skirt) throw new RefusedInside({ code: 'bench.gone', what: 'skirt' });
      if (headBinId === null) {
        const bin = await looseBin(store, tx, skirt);
        await tx.enter({ binId: bin.id, kind: 'made', qty: passed, note });
        return;
      }
      const head = await db.bins.get(headBinId);
      if (head?.kind !== 'head') throw new RefusedInside({ code: 'bench.gone', what: 'bin' });
      await mustHold(store, headBinId, passed);
      const dressed = await dressedBin(store, tx, head, skirt);
      await tx.enter({ binId: headBinId, kind: 'tied', qty: -passed, note, ticketId, lineId });
      await tx.enter({ binId: dressed.id, kind: 'tied', qty: passed, note, ticketId, lineId });
    },
  });
  return {
    ...runs,

    /** Pulls loose skirts from the shelf over heads. */
    dress: (
      dressing: Pick<Tying, 'skirtId' | 'count' | 'ticketId' | 'lineId'> & { readonly headBinId: string },
    ): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('skirts.pulled', { count: dressing.count }), async (tx) => {
        const { skirtId, headBinId, count, ticketId, lineId } = dressing;
        const [skirt, head] = [await db.skirts.get(skirtId), await db.bins.get(headBinId)];
        if (!skirt || head?.kind !== 'head') {
          return refuse<undefined>({ code: 'bench.gone', what: skirt ? 'bin' : 'skirt' });
        }
        const loose = await looseBin(store, tx, skirt);
        await mustHold(store, loose.id, count);
        await mustHold(store, headBinId, count);
        const dressed = await dressedBin(store, tx, head, skirt);
        const note = 'a loose skirt over it';
        await tx.enter({ binId: loose.id, kind: 'taken', qty: -count, note });
        await tx.enter({ binId: headBinId, kind: 'tied', qty: -count, note, ticketId, lineId });
        await tx.enter({ binId: dressed.id, kind: 'tied', qty: count, note, ticketId, lineId });
        return granted(undefined);
      }),
  };
}
