import svgpath from 'svgpath';
import { done, fail, type Outcome } from '../problems/problem';
import type { ProfilePoint } from './loft';

const CURVE_STEPS = 16;
/** Backward steps smaller than this are a drawing program's rounding, mm. */
const ROUNDING_MM = 1e-3;

type Point = readonly [x: number, y: number];

/**
 * A profile from an SVG path, one unit a millimeter: half the outline of a turned body from nose to tail, its axis
 * through the first point, level with it. Curves are cut into straight steps.
 *
 * Problems: `outline.not-a-path`, `outline.too-few-points`, `outline.crosses-axis`, `outline.turns-back`.
 *
 * @example readOutline('M0 0L5 6L15 4L20 0').value // [[0, 0], [6, 5], [4, 15], [0, 20]]: [r, z]
 */
export function readOutline(text: string): Outcome<ProfilePoint[]> {
  const path = svgpath(text);
  const { err } = path as unknown as { err: string };
  if (text.trim() === '') return fail('outline.not-a-path', { why: 'there is nothing here' });
  if (err) return fail('outline.not-a-path', { why: err.replace(/^SvgPath: /, '') });
  const points = flatten(path.abs().unshort().unarc());
  return checkProfile(points);
}

/**
 * Holds points of a half outline, [along, off the axis] in mm, to what a turned body can have: on one side of the
 * axis, never turning back. Gives them from z = 0 up.
 *
 * Problems: as for `readOutline`, but for its first.
 *
 * @example checkProfile([[0, 0], [5, 6], [20, 0]]).value // [[0, 0], [6, 5], [0, 20]]
 */
export function checkProfile(points: readonly Point[]): Outcome<ProfilePoint[]> {
  if (points.length < 3) return fail('outline.too-few-points', { points: points.length });
  const [[startX, axisY] = [0, 0]] = points;
  const [lastX] = points.at(-1) ?? [0];
  // Drawn from the tail: read it the other way round.
  if (lastX < startX) return checkProfile([...points].reverse());
  const sides = points.map(([, y]) => y - axisY);
  const above = Math.max(...sides);
  const below = Math.min(...sides);
  const sign = Math.abs(above) >= Math.abs(below) ? 1 : -1;
  const profile: ProfilePoint[] = [];
  for (const [x, y] of points) {
    const along = x - startX;
    const radius = sign * (y - axisY);
    if (radius < -ROUNDING_MM) return fail('outline.crosses-axis', { alongMm: along });
    const before = profile.at(-1)?.[1] ?? 0;
    if (along < before - ROUNDING_MM) return fail('outline.turns-back', { alongMm: before });
    profile.push([Math.max(0, radius), Math.max(before, along)]);
  }
  return done(profile);
}

function flatten(path: ReturnType<typeof svgpath>): Point[] {
  const points: Point[] = [];
  path.iterate((segment, _, x, y) => {
    const [command, ...numbers] = segment as [string, ...number[]];
    const n = (index: number) => numbers[index] ?? 0;
    const curve = (at: (t: number) => Point) => {
      for (let step = 1; step <= CURVE_STEPS; step += 1) points.push(at(step / CURVE_STEPS));
    };
    if (command === 'M' || command === 'L') points.push([n(0), n(1)]);
    if (command === 'H') points.push([n(0), y]);
    if (command === 'V') points.push([x, n(0)]);
    if (command === 'Q') {
      curve((t) => {
        const [a, b, c] = [(1 - t) ** 2, 2 * t * (1 - t), t ** 2];
        return [a * x + b * n(0) + c * n(2), a * y + b * n(1) + c * n(3)];
      });
    }
    if (command === 'C') {
      curve((t) => {
        const [a, b, c, d] = [(1 - t) ** 3, 3 * t * (1 - t) ** 2, 3 * t ** 2 * (1 - t), t ** 3];
        return [a * x + b * n(0) + c * n(2) + d * n(4), a * y + b * n(1) + c * n(3) + d * n(5)];
      });
    }
  });
  return points;
}
