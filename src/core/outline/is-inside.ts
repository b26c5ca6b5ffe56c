import type { Spot } from './outline';

/**
 * Whether a place lies within a closed line.
 *
 * @example isInside([1, 1], [[0, 0], [2, 0], [2, 2], [0, 2]]) // true
 */
export function isInside([x, y]: Spot, line: readonly Spot[]): boolean {
  let isIn = false;
  for (let at = 0, before = line.length - 1; at < line.length; before = at, at += 1) {
    const [ax, ay] = line[before] ?? [0, 0];
    const [bx, by] = line[at] ?? [0, 0];
    if (ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * (bx - ax)) isIn = !isIn;
  }
  return isIn;
}
