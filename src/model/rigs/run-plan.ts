import { compareNames } from '@/core/numeric/compare-names';
import { sum } from '@/core/numeric/sum';
import type { CutPiece, CutPlan, CutStock } from '@/core/rigs/cuts/cut-facts';
import type { CutLength, Rigging } from '@/records/rig';
import { cutsOf, rigPieces, type RigLike } from '../bills/rig-uses';
import type { BenchFacts } from '../bench/bench-facts';
import type { KitLine } from '../kits/kit-line';
import { lengthsOf } from './rig-facts';

/** What of one material is to be cut for a run, and from what. */
export interface CutQuestion {
  readonly binId: string;
  readonly stock: readonly CutStock[];
  readonly pieces: readonly CutPiece[];
}

/** Stock that nobody told apart goes by this id. */
const LOOSE = 'loose';

/** What a run of so many cuts, material by material: pieces of one length together. */
export function cutQuestions(
  record: RigLike,
  count: number,
  view: Pick<BenchFacts, 'binById' | 'allowances' | 'lengthEntries' | 'levels'>,
): CutQuestion[] {
  const byBin = new Map<string, Map<number, number>>();
  for (const { binId, cutMm } of cutsOf(record, view)) {
    const lengths = byBin.get(binId) ?? new Map<number, number>();
    lengths.set(cutMm, (lengths.get(cutMm) ?? 0) + count);
    byBin.set(binId, lengths);
  }
  return [...byBin].map(([binId, lengths]) => ({
    binId,
    stock: lengthsOf(binId, view).map(({ id, mm }) => ({ id: id ?? LOOSE, lengthMm: mm, count: 1 })),
    pieces: [...lengths]
      .sort(([a], [b]) => b - a)
      .map(([lengthMm, pieces]) => ({ id: String(lengthMm), lengthMm, count: pieces })),
  }));
}

/** A plan as it is cut: roll by roll, with what is left of each and whether it is worth keeping. */
export function cutLengths(
  { binId, stock, pieces }: CutQuestion,
  { patterns }: CutPlan,
  name: string,
  leastOffcutMm: number,
): CutLength[] {
  return patterns.flatMap(({ stockId, times, cuts }): CutLength[] => {
    const fromMm = stock.find(({ id }) => id === stockId)?.lengthMm ?? 0;
    const own = cuts.map(({ id, count }) => {
      const lengthMm = pieces.find((piece) => piece.id === id)?.lengthMm ?? 0;
      return { name, lengthMm, count };
    });
    const leftMm = Math.max(0, fromMm - sum(own.map(({ lengthMm, count }) => lengthMm * count)));
    const isKept = leftMm >= leastOffcutMm;
    // Every roll is one of its kind: a pattern is cut from it once.
    return Array.from({ length: times }, () => ({
      binId,
      lengthId: stockId === LOOSE ? null : stockId,
      fromMm,
      cuts: own,
      leftMm,
      isKept,
    }));
  });
}

/** What a run takes that is counted or weighed, by where it lies. */
export function rigKit(record: RigLike, count: number, view: BenchFacts): KitLine[] {
  return rigPieces(record, view)
    .flatMap(({ item, qty }): KitLine[] => {
      const bin = view.binById.get(item);
      const needed = Math.round(qty * count * 1000) / 1000;
      if (!bin || needed <= 0) return [];
      return [{ binId: item, name: bin.name, place: bin.place, needed, onHand: view.levels.get(item) ?? 0 }];
    })
    .sort((a, b) => compareNames(a.place, b.place));
}

/** Every cut of a run in the order in which it is made. */
export function cutOrder(
  cut: Rigging['cut'],
): { name: string; lengthMm: number; roll: number; nth: number; of: number }[] {
  return cut.flatMap(({ cuts }, roll) => {
    const all = cuts.flatMap(({ name, lengthMm, count }) =>
      Array.from({ length: count }, () => ({ name, lengthMm })),
    );
    return all.map((each, nth) => ({ ...each, roll, nth, of: all.length }));
  });
}
