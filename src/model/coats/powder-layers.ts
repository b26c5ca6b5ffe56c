import type { CoatLayer } from '@/core/coats/coat-use';
import { findCoatWay } from '@/core/coats/ways';
import type { CoatWayId } from '@/core/coats/ways/definition';
import type { Coat } from '@/records/coat';
import type { BenchFacts } from '../bench/bench-facts';

/** The layers of a recipe as they use powder, by a way to coat. Jars that were weighed know their own share. */
export function powderLayers(
  coat: Pick<Coat, 'base' | 'second' | 'clearBinId'>,
  wayId: CoatWayId,
  view: Pick<BenchFacts, 'binById'>,
): CoatLayer[] {
  const way = findCoatWay(wayId);
  const layer = (binId: string | null, coverShare: number): CoatLayer[] => {
    const bin = binId === null ? undefined : view.binById.get(binId);
    if (bin?.kind !== 'powder') return [];
    const { id, densityGcm3, utilization } = bin;
    const powder = { id, densityGcm3, filmUm: way.filmUm, utilization: utilization ?? way.utilization };
    return [{ powder, coverShare }];
  };
  return [
    ...layer(coat.base.kind === 'powder' ? coat.base.powderBinId : null, 1),
    ...layer(coat.second?.powderBinId ?? null, coat.second?.share ?? 0),
    ...layer(coat.clearBinId, 1),
  ];
}
