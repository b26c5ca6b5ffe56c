import type { BaitKindId } from '@/core/builds/kinds/definition';
import type { NewBin } from '@/records/plain-bin';
import type { PartBin } from '@/records/bin';
import { USUAL_BAITS } from '@/reference/typical/usual-baits';
import type { BenchFacts } from '../bench/bench-facts';
import { typicalThing } from '../stock/typical-things';

/** A part for a bait: one that lies on the shelf, or a typical one to be put down. */
export type TypicalPart =
  | { readonly isThere: true; readonly bin: PartBin }
  | { readonly isThere: false; readonly bin: NewBin };

/** Whether a part of the shelf does what a typical one would: the same thing of the same form. */
function isAlike(bin: PartBin, typical: NewBin): boolean {
  if (typical.kind !== 'part' || bin.gauge === null || typical.gauge === null) return false;
  const [own, other] = [bin.gauge, typical.gauge];
  return (
    own.as === other.as &&
    own.form === other.form &&
    own.bend === other.bend &&
    own.sizes.points === other.sizes.points
  );
}

/** How far a part's length and thickness are off another's, mm. */
function offBy(bin: PartBin, typical: NewBin): number {
  const sizes = typical.kind === 'part' ? (typical.gauge?.sizes ?? {}) : {};
  return (['lengthMm', 'diameterMm', 'upperMm'] as const)
    .map((id) => Math.abs((bin.gauge?.sizes[id] ?? 0) - (sizes[id] ?? 0)))
    .reduce((so, off) => so + off, 0);
}

/**
 * The parts that a bait of a kind usually has, in the order in which they go on: where the shelf has such a part with some
 * left, the nearest of them; else a typical one.
 *
 * @example typicalParts('spinnerbait', emptyBench, 'in')[0]?.bin.name // 'Spinnerbait wire Long, .040 in'
 */
export function typicalParts(
  kind: BaitKindId,
  view: Pick<BenchFacts, 'bins' | 'levels'>,
  length: 'mm' | 'in',
): readonly TypicalPart[] {
  const there = view.bins.filter(
    (bin): bin is PartBin => bin.kind === 'part' && bin.buildId === null && bin.rigId === null,
  );
  return USUAL_BAITS[kind].map((each): TypicalPart => {
    const typical = typicalThing(each, length).bin;
    const known = there.find(({ name }) => name === typical.name);
    const [nearest] = there
      .filter((bin) => (view.levels.get(bin.id) ?? 0) > 0 && isAlike(bin, typical))
      .sort((a, b) => offBy(a, typical) - offBy(b, typical));
    const bin = nearest ?? known;
    return bin ? { isThere: true, bin } : { isThere: false, bin: typical };
  });
}
