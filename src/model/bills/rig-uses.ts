import { cutsOfRig, type LearnedEnd, type RigCut } from '@/core/rigs/cuts-of-rig';
import { RIG_ENDS, type RigEndId } from '@/core/rigs/ends';
import { pulledShare, type PulledShare } from '@/core/rigs/pulled-share';
import { bundleGrams, hairLength } from '@/core/rigs/kinds/hair-lure';
import type { Rig, RigItem } from '@/core/rigs/rig';
import { tallyByItem, type ItemAmount } from '@/core/stock/tally-by-item';
import type { Bin } from '@/records/bin';
import type { Gauge } from '@/records/gauge';
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

/** What the maker's pulls said of the ends of a line: those on it, else those on others of its make. */
export function pulledEnds(
  bin: Bin,
  { pulls, binById }: Pick<BenchFacts, 'binById' | 'pulls'>,
): Partial<Record<RigEndId, PulledShare>> {
  const line = gaugeOfLine(bin);
  if (!line) return {};
  const tests = pulls.flatMap(({ end, binId, brokeKgf }) => {
    const other = gaugeOfLine(binById.get(binId));
    const breakKgf = other?.sizes.breakKgf;
    return other?.line === line.line && breakKgf !== undefined
      ? [{ end, brokeKgf, breakKgf, isOnIt: binId === bin.id }]
      : [];
  });
  const shares = RIG_ENDS.flatMap(({ id, leaves }) => {
    const of = tests.filter(({ end }) => end === id);
    const own = of.filter(({ isOnIt }) => isOnIt);
    const share = leaves && pulledShare(own.length > 0 ? own : of, leaves[line.line ?? 'strand']);
    return share ? [[id, share] as const] : [];
  });
  return Object.fromEntries(shares);
}

function gaugeOfLine(bin: Bin | undefined): Gauge | null {
  return bin?.kind === 'part' && bin.gauge?.as === 'line' ? bin.gauge : null;
}

/** A rig as the core takes it. Parts that are gone are left out; without pulls its ends are typical. */
export function rigOf(
  { kind, wants, picks, items }: RigLike,
  { binById, pulls = [] }: Pick<BenchFacts, 'binById'> & Partial<Pick<BenchFacts, 'pulls'>>,
): Rig {
  return {
    kind,
    wants,
    picks,
    items: items.flatMap(({ binId, ...item }): RigItem[] => {
      const bin = binById.get(binId);
      const part = bin ? rigPieceOf(bin) : null;
      if (!bin || !part) return [];
      return [{ ...item, part: { ...part, pulled: pulledEnds(bin, { binById, pulls }) } }];
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
