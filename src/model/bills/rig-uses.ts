import { cutsOfRig, type LearnedEnd, type RigCut } from '@/core/rigs/cuts-of-rig';
import { bundleGrams, hairLength } from '@/core/rigs/kinds/hair-lure';
import type { Rig, RigItem } from '@/core/rigs/rig';
import { tallyByItem, type ItemAmount } from '@/core/stock/tally-by-item';
import { rigPieceOf } from '@/records/rig-piece';
import type { RigRecord } from '@/records/rig';
import type { BenchFacts } from '../bench/bench-facts';

/** A rig as it is kept, or as it lies half made on the bench. */
export type RigLike = Pick<RigRecord, 'kind' | 'wants' | 'picks' | 'items'>;

/** What the maker learned of an end: of this line, else of every line. */
export function learnedEnds({ allowances }: Pick<BenchFacts, 'allowances'>): LearnedEnd {
  return (end, binId) =>
    (
      allowances.find((each) => each.end === end && each.binId === binId) ??
      allowances.find((each) => each.end === end && each.binId === null)
    )?.mm ?? null;
}

/** A rig as the core takes it. Parts that are gone are left out. */
export function rigOf({ kind, wants, picks, items }: RigLike, view: Pick<BenchFacts, 'binById'>): Rig {
  return {
    kind,
    wants,
    picks,
    items: items.flatMap(({ binId, ...item }): RigItem[] => {
      const bin = view.binById.get(binId);
      const part = bin ? rigPieceOf(bin) : null;
      return part ? [{ ...item, part }] : [];
    }),
  };
}

/** What is cut for one, with the maker's own allowances. */
export function cutsOf(record: RigLike, view: Pick<BenchFacts, 'binById' | 'allowances'>): RigCut[] {
  return cutsOfRig(rigOf(record, view), learnedEnds(view));
}

/** What one takes of bins that are counted or weighed; what is cut is another matter. */
export function rigPieces(record: RigLike, view: Pick<BenchFacts, 'binById'>): ItemAmount[] {
  const { items, wants, picks } = rigOf(record, view);
  const all = items.flatMap(({ part, lengthMm, count }): ItemAmount[] => {
    if (part.gauge.as === 'hair') {
      const grams = bundleGrams(wants.bundleMm ?? 6, hairLength({ ...wants, hairMm: lengthMm ?? 60 }, picks));
      // Of two colors each is half.
      return [{ item: part.binId, qty: picks.colors && picks.colors !== 'one' ? grams / 2 : grams }];
    }
    return lengthMm === null ? [{ item: part.binId, qty: count }] : [];
  });
  return [...tallyByItem(all)].map(([item, qty]) => ({ item, qty: Math.round(qty * 1000) / 1000 }));
}
