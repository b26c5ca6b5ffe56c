import type { MassUnit } from '@/core/units/write-mass';
import type { BenchView } from '@/model/bench/bench-view';
import type { StationDefinition } from '@/station-kit/station-definition';
import type { Stop } from '@/ui/frame/Line';

/** The line's stops with what waits at each. */
export function stopsOf(
  stations: readonly StationDefinition[],
  view: BenchView,
  mass: MassUnit,
  now: number,
): Stop[] {
  return stations.map(({ key, name, href, glyph, waits }) => ({
    key,
    name,
    href,
    glyph,
    ...waits(view, { mass, now }),
  }));
}
