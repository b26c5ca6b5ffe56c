import type { BenchFacts } from '../bench/bench-facts';

/** How many heads of each bin hang on a rack, to be coated or in their cure: they are on the shelf by the books alone. */
export function hungHeads({ racks }: Pick<BenchFacts, 'racks'>): ReadonlyMap<string, number> {
  const hung = new Map<string, number>();
  for (const rack of racks) {
    if (rack.state !== 'hanging' && rack.state !== 'curing') continue;
    for (const { headBinId } of rack.hung) hung.set(headBinId, (hung.get(headBinId) ?? 0) + 1);
  }
  return hung;
}

/**
 * How many heads of a bin can be taken in hand now. What hangs is counted once for all that are asked.
 *
 * @example const there = headsThere(view); // there('head-2') is 5
 */
export function headsThere(view: Pick<BenchFacts, 'racks' | 'levels'>): (binId: string) => number {
  const hung = hungHeads(view);
  return (binId) => Math.max(0, (view.levels.get(binId) ?? 0) - (hung.get(binId) ?? 0));
}
