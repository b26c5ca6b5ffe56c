import type { Vec3 } from './mesh';
import { cross, dot, lengthOf } from './vectors';

/**
 * The solid angle in steradians that a triangle takes up seen from the origin (van Oosterom and Strackee 1983).
 *
 * @example solidAngle([1, 0, 0], [0, 1, 0], [0, 0, 1]) // pi / 2, an eighth of the sphere
 */
export function solidAngle(a: Vec3, b: Vec3, c: Vec3): number {
  const [la, lb, lc] = [lengthOf(a), lengthOf(b), lengthOf(c)];
  const triple = Math.abs(dot(a, cross(b, c)));
  const across = la * lb * lc + dot(a, b) * lc + dot(a, c) * lb + dot(b, c) * la;
  return 2 * Math.atan2(triple, across);
}
