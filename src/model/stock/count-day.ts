import { compareNames } from '@/core/numeric/compare-names';
import type { Bin } from '@/records/bin';
import type { BenchFacts } from '../bench/bench-facts';

/** A drawer with what is to be counted in it. */
export interface CountDrawer {
  readonly name: string;
  readonly bins: readonly Bin[];
}

const LOOSE = 'Nowhere in particular';

/**
 * The drawers in the order in which they stand in the cabinet, with their bins by place and name; what lies in none of
 * them by where it says it lies. Rolls and sticks are measured one by one at Rig.
 */
export function drawersToCount({ bins, drawers }: Pick<BenchFacts, 'bins' | 'drawers'>): CountDrawer[] {
  const inOrder = [...drawers].sort((a, b) => a.row - b.row || a.column - b.column);
  const nameOf = new Map(inOrder.map(({ id, name }) => [id, name]));
  const found = new Map<string, Bin[]>(inOrder.map(({ name }) => [name, []]));
  for (const bin of bins) {
    if (bin.unit === 'mm') continue;
    const name = nameOf.get(bin.drawerId ?? '') ?? (bin.place.split(',')[0]?.trim() || LOOSE);
    const list = found.get(name);
    if (list) list.push(bin);
    else found.set(name, [bin]);
  }
  return [...found]
    .filter(([, list]) => list.length > 0)
    .map(([name, list]) => ({
      name,
      bins: list.sort((a, b) => compareNames(a.place, b.place) || compareNames(a.name, b.name)),
    }));
}
