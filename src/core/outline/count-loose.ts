import { kmeans } from 'ml-kmeans';
import { median } from '../numeric/median';
import { repeatableRandom } from '../numeric/repeatable-random';
import { isInside } from './is-inside';
import { areaOf, middleOf, type Outline, type Spot } from './outline';

/** An area within these shares of the usual one is of a single piece. */
const SINGLE = [0.6, 1.45] as const;
/** Places looked at inside a clump, a piece. */
const LOOKS = 120;

/**
 * Counts loose pieces of one sort, a dot each: most lie by themselves and say how large one is; a clump holds as many as its
 * area has room for. Specks far smaller than a piece are left out.
 *
 * @example countLoose([bead, bead, twoBeadsThatTouch]).length // 4
 */
export function countLoose(outlines: readonly Outline[]): Spot[] {
  if (outlines.length === 0) return [];
  const areas = outlines.map(({ outer }) => Math.abs(areaOf(outer)));
  const usual = usualArea(areas);
  return outlines.flatMap(({ outer }, index) => {
    const pieces = Math.round((areas[index] ?? 0) / usual);
    if (pieces === 0) return [];
    return pieces === 1 ? [middleOf(outer)] : apartIn(outer, pieces);
  });
}

/** The area of one piece: the size that most of them are near, of two alike the smaller, since clumps are larger. */
function usualArea(areas: readonly number[]): number {
  const near = areas.map(
    (area) => areas.filter((other) => other > area * SINGLE[0] && other < area * SINGLE[1]).length,
  );
  const most = Math.max(...near);
  const usual = Math.min(...areas.filter((_, index) => near[index] === most));
  return median(areas.filter((area) => area > usual * SINGLE[0] && area < usual * SINGLE[1]));
}

/** So many dots inside a line, each amid its share. */
function apartIn(outer: readonly Spot[], pieces: number): Spot[] {
  const xs = outer.map(([x]) => x);
  const ys = outer.map(([, y]) => y);
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const [width, height] = [Math.max(...xs) - left, Math.max(...ys) - top];
  const step = Math.sqrt((width * height) / (LOOKS * pieces));
  const inside: number[][] = [];
  for (let y = top + step / 2; y < top + height; y += step) {
    for (let x = left + step / 2; x < left + width; x += step)
      if (isInside([x, y], outer)) inside.push([x, y]);
  }
  if (inside.length <= pieces) return inside.map(([x = 0, y = 0]) => [x, y]);
  const start = repeatableRandom(pieces);
  const { centroids } = kmeans(inside, pieces, {
    seed: Math.floor(start() * 1e6),
    initialization: 'kmeans++',
  });
  return centroids.map(([x = 0, y = 0]) => [x, y]);
}
