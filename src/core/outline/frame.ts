import type { Outline, Spot } from './outline';

/** The smallest box round an outline: how long and wide, and which way it lies. */
export interface OutlineFrame {
  readonly lengthMm: number;
  readonly widthMm: number;
  /** The way of its length, a unit long. */
  readonly along: Spot;
  /** A point in terms of the box: from its left end along, and from its middle line aside, mm. */
  readonly inside: (spot: Spot) => [along: number, aside: number];
  /** The place on the mat of a point so told. */
  readonly outside: (along: number, aside: number) => [x: number, y: number];
}

const TURNS = 180;
const NARROWINGS = 24;

function extent(points: readonly Spot[], angle: number): [least: number, most: number] {
  const c = Math.cos(angle);
  const s = Math.sin(angle);
  let least = Infinity;
  let most = -Infinity;
  for (let index = 0; index < points.length; index += 1) {
    const point = points[index];
    if (!point) continue;
    const at = point[0] * c + point[1] * s;
    if (at < least) least = at;
    if (at > most) most = at;
  }
  return [least, most];
}

/**
 * Lays the narrowest box round an outline, as calipers would be closed on it.
 *
 * @example frameOf({ outer: [[0, 0], [4, 0], [4, 1], [0, 1]], holes: [] }).lengthMm // 4
 */
export function frameOf({ outer }: Pick<Outline, 'outer'>): OutlineFrame {
  const wide = (angle: number, points = outer) => {
    const [least, most] = extent(points, angle);
    return most - least;
  };
  // First by some of its points, then by all.
  const some = outer.filter((_, index) => index % Math.max(1, Math.floor(outer.length / 200)) === 0);
  let narrowest = 0;
  let leastWide = Infinity;
  for (let turn = 0; turn < TURNS; turn += 1) {
    const angle = (turn * Math.PI) / TURNS;
    const width = wide(angle, some);
    if (width < leastWide) [leastWide, narrowest] = [width, angle];
  }
  let now = wide(narrowest);
  let step = Math.PI / TURNS;
  for (let round = 0; round < NARROWINGS; round += 1) {
    step /= 1.5;
    for (const angle of [narrowest - step, narrowest + step]) {
      const width = wide(angle);
      if (width < now) [now, narrowest] = [width, angle];
    }
  }
  let across = narrowest;
  const [least, most] = extent(outer, across);
  const [first, last] = extent(outer, across - Math.PI / 2);
  // Nearly square boxes turn by a hair: the longer side is the length.
  const isTurned = last - first < most - least;
  if (isTurned) across += Math.PI / 2;
  const [left, right] = extent(outer, across - Math.PI / 2);
  const [low, high] = extent(outer, across);
  const along: Spot = [Math.cos(across - Math.PI / 2), Math.sin(across - Math.PI / 2)];
  const aside: Spot = [Math.cos(across), Math.sin(across)];
  const middle = (low + high) / 2;
  return {
    lengthMm: right - left,
    widthMm: high - low,
    along,
    inside: ([x, y]) => [x * along[0] + y * along[1] - left, x * aside[0] + y * aside[1] - middle],
    outside: (a, b) => [
      (a + left) * along[0] + (b + middle) * aside[0],
      (a + left) * along[1] + (b + middle) * aside[1],
    ],
  };
}
