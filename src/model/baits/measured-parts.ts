import { compareNames } from '@/core/numeric/compare-names';
import { oncePer } from '@/core/numeric/once-per';
import { PLAIN_GAUGE } from '@/core/parts/part-roles';
import type { Bin, HookBin, PartBin } from '@/records/bin';
import type { BenchFacts } from '../bench/bench-facts';

/** What a bait is made of besides its head and skirt: a part, or a hook from the rack. */
export type BaitPart = Pick<
  PartBin,
  'id' | 'name' | 'sort' | 'unit' | 'gauge' | 'massG' | 'hex' | 'condition'
>;

/** A hook that was bought to be cast in hangs on a bait as well as any. */
function hookAsPart({ id, name, unit, massG, wireMm, shankMm, gapeMm }: HookBin): BaitPart {
  return {
    id,
    name,
    unit,
    massG,
    sort: 'Hooks',
    hex: null,
    condition: 'new',
    gauge: { ...PLAIN_GAUGE, as: 'hook', sizes: { lengthMm: shankMm, gapeMm, wireMm }, basis: 'measured' },
  };
}

/**
 * A bin as a part of baits; null for what is none, and for parts that nobody measured.
 *
 * @example baitPartOf(hookBin)?.gauge?.as // 'hook'
 */
export function baitPartOf(bin: Bin | undefined): BaitPart | null {
  if (bin?.kind === 'hook') return hookAsPart(bin);
  return bin?.kind === 'part' && bin.gauge !== null ? bin : null;
}

/** Parts of the shelf that somebody measured, and its hooks, in the order of the drawer. */
export function measuredParts({ bins }: Pick<BenchFacts, 'bins'>): readonly BaitPart[] {
  return measuredOf(bins);
}

const measuredOf = oncePer((bins: readonly Bin[]): readonly BaitPart[] =>
  bins
    .flatMap((bin) => baitPartOf(bin) ?? [])
    .sort((a, b) => compareNames(a.sort, b.sort) || compareNames(a.name, b.name)),
);
