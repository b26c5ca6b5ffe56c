import type { OutlinePoint } from './definition';

const STEPS = 20;

/**
 * Points of an elliptic nose or body from angle `from` to `to` (degrees, 0 at the nose), centered at `center`.
 *
 * @example ellipse(1, 1, 1, 0, 180)[0] // [0, 0], the nose of a ball of radius 1
 */
export function ellipse(
  center: number,
  halfLength: number,
  radius: number,
  from: number,
  to: number,
): OutlinePoint[] {
  return Array.from({ length: STEPS + 1 }, (_, step): OutlinePoint => {
    const angle = ((from + ((to - from) * step) / STEPS) * Math.PI) / 180;
    return [center - halfLength * Math.cos(angle), Math.max(0, radius * Math.sin(angle))];
  });
}

/**
 * The keeper behind a head: a neck and a cone that holds the plastic, from `start` on, in body radii.
 *
 * @example keeper(1.9).at(-1) // [2.75, 0], closed on the axis
 */
export function keeper(start: number): OutlinePoint[] {
  return [
    [start, 0.28],
    [start + 0.22, 0.28],
    [start + 0.26, 0.46],
    [start + 0.78, 0.24],
    [start + 0.85, 0.2],
    [start + 0.85, 0],
  ];
}
