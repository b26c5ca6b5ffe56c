import { did } from '../did';
import { sum } from '@/core/numeric/sum';
import type { Rigging } from '@/records/rig';
import type { Store } from '../store';
import { type WriteTransaction, RefusedInside } from '../write';
import { cardRunRepository } from './card-runs';
import { lengthOf } from './lengths';
import { rigBin } from './rig-bin';

type NewRigging = Pick<Rigging, 'rigId' | 'count' | 'way' | 'taken' | 'cut'>;

const SAME_MM = 0.001;

/** Cuts the lengths of a run: what is used, what the cutting loses, what is too short to keep. */
async function cutLengths(
  store: Store,
  tx: WriteTransaction,
  cut: Rigging['cut'],
  note: string,
): Promise<void> {
  for (const { binId, lengthId, fromMm, cuts, leftMm, isKept } of cut) {
    const thereMm = await lengthOf(store, binId, lengthId);
    if (Math.abs(thereMm - fromMm) > SAME_MM) {
      const bin = (await store.db.bins.get(binId))?.name ?? 'a roll';
      throw new RefusedInside({ code: 'bench.length-changed', bin, thereMm, toldMm: fromMm });
    }
    const usedMm = sum(cuts.map(({ lengthMm, count }) => lengthMm * count));
    await tx.enter({ binId, lengthId, kind: 'taken', qty: -usedMm, note });
    const kerfMm = fromMm - usedMm - leftMm;
    if (kerfMm > SAME_MM) await tx.enter({ binId, lengthId, kind: 'lost', qty: -kerfMm, note: 'cutting' });
    if (!isKept && leftMm > 0) {
      await tx.enter({ binId, lengthId, kind: 'lost', qty: -leftMm, note: 'too short to keep' });
    }
  }
}

/** Runs of rigs: what is cut for them stays cut, however they end. */
export function riggingRepository(store: Store) {
  const { db } = store;
  const { runs, change } = cardRunRepository<Rigging, NewRigging>(store, {
    of: 'rigs',
    table: db.riggings,
    put: (tx, run) => tx.put('riggings', run),
    states: { underWay: 'rigging', made: 'made' },
    noun: 'rig run',
    deeds: 'rigging',
    begun: (run, fresh) => ({ ...run, ...fresh, state: 'rigging', putBack: [], failed: [], cutDone: 0 }),
    prepare: (tx, { cut }, note) => cutLengths(store, tx, cut, note),
    book: async (tx, { rigId }, { passed, massG, gauge = null }, note) => {
      const rig = await db.rigs.get(rigId);
      if (!rig) throw new RefusedInside({ code: 'bench.gone', what: 'rig' });
      const bin = await rigBin(store, tx, rig, massG, gauge);
      await tx.enter({ binId: bin.id, kind: 'rigged', qty: passed, note });
    },
  });
  return {
    ...runs,

    /** One cut more, or one taken back; never under none. */
    cutOne: (id: string, by: 1 | -1) =>
      change(id, did(by === 1 ? 'cut.made' : 'cut.taken-back'), (rigging) => ({
        ...rigging,
        cutDone: Math.max(0, rigging.cutDone + by),
      })),

    /** Everything is cut: `cuts` is how many there are in all. */
    cutAll: (id: string, cuts: number) =>
      change(id, did('cut.all'), (rigging) => ({ ...rigging, cutDone: cuts })),
  };
}
