import { compareNames } from '@/core/numeric/compare-names';
import { oncePer } from '@/core/numeric/once-per';
import type { Bin, PartBin } from '@/records/bin';
import type { BenchFacts } from '../bench/bench-facts';

/** Parts of the shelf that somebody measured, in the order of the drawer. */
export function measuredParts({ bins }: Pick<BenchFacts, 'bins'>): readonly PartBin[] {
  return measuredOf(bins);
}

const measuredOf = oncePer((bins: readonly Bin[]): readonly PartBin[] =>
  bins
    .filter((bin): bin is PartBin => bin.kind === 'part' && bin.gauge !== null)
    .sort((a, b) => compareNames(a.sort, b.sort) || compareNames(a.name, b.name)),
);
