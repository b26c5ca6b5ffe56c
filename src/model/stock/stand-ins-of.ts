import { standInDifferences, type StandInDifference, standInsFor } from '@/core/stock/stand-ins';
import type { Bin } from '@/records/bin';
import type { BenchView } from '../bench/bench-view';
import { freeOf } from './free-of';

/** A bin that may stand in for another. */
export interface ShelfStandIn {
  readonly bin: Bin;
  readonly free: number;
  /** The maker said before that it may. */
  readonly isSaid: boolean;
  readonly differences: readonly StandInDifference[];
}

/**
 * What of the shelf is free to stand in for a bin: first what the maker let stand in before, then what fits by its
 * sizes, the nearest first.
 *
 * @example standInsOf(hook, view)[0]?.free // 40
 */
export function standInsOf(
  bin: Bin,
  view: Pick<BenchView, 'bins' | 'binById' | 'levels' | 'promised' | 'substitutes'>,
): ShelfStandIn[] {
  const free = (id: string) => freeOf(view, id);
  const isWare = (each: Bin) => each.kind === 'part' && (each.buildId !== null || each.rigId !== null);
  if (bin.unit === 'mm' || bin.kind === 'head' || isWare(bin)) return [];
  const shelf = view.bins.filter((each) => each.kind === bin.kind && free(each.id) > 0 && !isWare(each));
  const said = new Set(
    view.substitutes.filter(({ standsForId }) => standsForId === bin.id).map(({ binId }) => binId),
  );
  const fitting = standInsFor<Bin>(bin, shelf);
  const known = new Set(fitting.map(({ id }) => id));
  // The maker's word goes before the rule: what was let stand in once may again, however it measures.
  const beyond = [...said]
    .filter((id) => !known.has(id) && free(id) > 0)
    .flatMap((id) => {
      const other = view.binById.get(id);
      return other ? [{ id, differences: standInDifferences(bin, other) ?? [] }] : [];
    });
  return [...fitting, ...beyond]
    .flatMap(({ id, differences }): ShelfStandIn[] => {
      const other = view.binById.get(id);
      return other ? [{ bin: other, free: free(id), isSaid: said.has(id), differences }] : [];
    })
    .sort((a, b) => Number(b.isSaid) - Number(a.isSaid));
}
