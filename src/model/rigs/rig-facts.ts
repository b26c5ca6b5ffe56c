import { oncePer } from '@/core/numeric/once-per';
import { compareNames } from '@/core/numeric/compare-names';
import { factsOfRig } from '@/core/rigs/facts-of-rig';
import { findRigKind } from '@/core/rigs/kinds/index';
import type { RigPiece } from '@/core/rigs/rig';
import { lengthsOnShelf, type ShelfLength } from '@/core/stock/lengths-on-shelf';
import { tallyByItem } from '@/core/stock/tally-by-item';
import type { Bin } from '@/records/bin';
import { rigPieceOf } from '@/records/rig-piece';
import type { RigRecord } from '@/records/rig';
import { cutsOf, rigOf, rigPieces, type RigLike } from '../bills/rig-uses';
import type { BenchFacts } from '../bench/bench-facts';
import { newestByFamily } from '../versions/newest-by-family';
import { lengthText } from '@/text/words';
import type { BenchView } from '../bench/bench-view';
import { freeOf } from '../stock/free-of';
import { givesOf, type Gives } from '../stock/gives';

/** Everything of the shelf that a rig can use, by its drawer. */
export function rigShelf({ bins }: Pick<BenchFacts, 'bins'>): readonly RigPiece[] {
  return piecesOf(bins);
}

const piecesOf = oncePer((bins: readonly Bin[]): readonly RigPiece[] =>
  bins.flatMap((bin) => rigPieceOf(bin) ?? []).sort((a, b) => compareNames(a.name, b.name)),
);

/** The lengths of a bin that is kept by length, longest first. */
export function lengthsOf(binId: string, view: Pick<BenchFacts, 'lengthEntries' | 'levels'>): ShelfLength[] {
  const own = view.lengthEntries.filter((entry) => entry.binId === binId);
  return lengthsOnShelf(own, view.levels.get(binId) ?? 0);
}

/** How a rig is made, step by step, its lengths in the maker's unit. */
export function stepsOfRig(
  record: RigLike,
  view: Pick<BenchFacts, 'binById' | 'allowances'>,
  length: 'mm' | 'in' = 'mm',
) {
  const rig = rigOf(record, view);
  const mm = (value: number) => lengthText(value, length);
  return findRigKind(record.kind).steps(factsOfRig(rig, cutsOf(record, view), mm));
}

/** The newest version of every rig that was not put away, the latest first. */
export function newestRigs(rigs: readonly RigRecord[]): RigRecord[] {
  return newestByFamily(rigs).sort((a, b) => b.createdAt - a.createdAt || compareNames(a.name, b.name));
}

/** How many rigs the free shelf gives, and what runs out first: counted parts by their count, lengths by the millimeter. */
export function riggable(
  record: RigLike,
  view: Pick<BenchView, 'binById' | 'allowances' | 'levels' | 'promised'>,
): Gives {
  const cuts = cutsOf(record, view).map(({ binId, cutMm }) => ({ item: binId, qty: cutMm }));
  return givesOf(
    [...tallyByItem([...rigPieces(record, view), ...cuts])].map(([item, qty]) => ({
      item,
      qty,
      name: view.binById.get(item)?.name ?? 'a bin gone',
      free: freeOf(view, item),
    })),
  );
}
