import type { Arc } from './skirt-layer';

const FULL_DEG = 360;

/**
 * How much two arcs of a round share, degrees.
 *
 * @example arcOverlap({ fromDeg: -70, toDeg: 70 }, { fromDeg: 180, toDeg: 360 }) // 70
 */
export function arcOverlap(a: Arc, b: Arc): number {
  const shared = [-2, -1, 0, 1, 2].reduce(
    (so, turns) =>
      so +
      Math.max(
        0,
        Math.min(a.toDeg, b.toDeg + turns * FULL_DEG) - Math.max(a.fromDeg, b.fromDeg + turns * FULL_DEG),
      ),
    0,
  );
  return Math.min(shared, a.toDeg - a.fromDeg, b.toDeg - b.fromDeg);
}
