import type { Vec3 } from './mesh';
import { dot, lengthOf, minus, plus, times } from './vectors';

/**
 * The point of a triangle nearest to `p` (Ericson, Real-Time Collision Detection, 5.1.5).
 *
 * @example nearestOnTriangle([0, 0, 5], [0, 0, 0], [1, 0, 0], [0, 1, 0]) // [0, 0, 0]
 */
function nearestOnTriangle(p: Vec3, a: Vec3, b: Vec3, c: Vec3): Vec3 {
  const [ab, ac, ap] = [minus(b, a), minus(c, a), minus(p, a)];
  const [d1, d2] = [dot(ab, ap), dot(ac, ap)];
  if (d1 <= 0 && d2 <= 0) return a;
  const bp = minus(p, b);
  const [d3, d4] = [dot(ab, bp), dot(ac, bp)];
  if (d3 >= 0 && d4 <= d3) return b;
  const vc = d1 * d4 - d3 * d2;
  if (vc <= 0 && d1 >= 0 && d3 <= 0) return plus(a, times(ab, d1 / (d1 - d3)));
  const cp = minus(p, c);
  const [d5, d6] = [dot(ab, cp), dot(ac, cp)];
  if (d6 >= 0 && d5 <= d6) return c;
  const vb = d5 * d2 - d1 * d6;
  if (vb <= 0 && d2 >= 0 && d6 <= 0) return plus(a, times(ac, d2 / (d2 - d6)));
  const va = d3 * d6 - d5 * d4;
  if (va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0) {
    return plus(b, times(minus(c, b), (d4 - d3) / (d4 - d3 + (d5 - d6))));
  }
  const whole = va + vb + vc;
  return plus(a, plus(times(ab, vb / whole), times(ac, vc / whole)));
}

/**
 * The point of a list of triangles nearest to `p`.
 *
 * Throws where there is none.
 *
 * @example nearestPoint([0, 0, 5], [[[0, 0, 0], [1, 0, 0], [0, 1, 0]]]) // [0, 0, 0]
 */
export function nearestPoint(p: Vec3, triangles: readonly (readonly [Vec3, Vec3, Vec3])[]): Vec3 {
  let best: Vec3 | null = null;
  for (const [a, b, c] of triangles) {
    const point = nearestOnTriangle(p, a, b, c);
    if (!best || lengthOf(minus(point, p)) < lengthOf(minus(best, p))) best = point;
  }
  if (!best) throw new RangeError('nearestPoint requires a triangle');
  return best;
}
