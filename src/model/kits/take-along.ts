import { compareNames } from '@/core/numeric/compare-names';
import type { Bin } from '@/records/bin';
import type { BenchView } from '../bench/bench-view';
import { freeOf } from '../stock/free-of';

function rank(bin: Bin): number {
  if (bin.kind !== 'part') return 2;
  return bin.rigId !== null ? 0 : 1;
}

/** Rigs in the wallet, baits in the box and cast weights: what one takes along first. */
export function takeAlong(view: Pick<BenchView, 'bins' | 'levels' | 'promised'>): Bin[] {
  return view.bins
    .filter((bin) => {
      const isMade = bin.kind === 'part' && (bin.rigId !== null || bin.buildId !== null);
      return (isMade || bin.kind === 'head') && freeOf(view, bin.id) >= 1;
    })
    .sort((a, b) => rank(a) - rank(b) || compareNames(a.name, b.name));
}
