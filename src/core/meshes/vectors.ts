import type { Vec3 } from './mesh';

export const minus = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const plus = (a: Vec3, b: Vec3): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const times = (a: Vec3, k: number): Vec3 => [a[0] * k, a[1] * k, a[2] * k];
export const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const lengthOf = (a: Vec3): number => Math.hypot(a[0], a[1], a[2]);

/**
 * A vector of length 1 in the same direction; the zero vector stays.
 *
 * @example unit([0, 0, 2]) // [0, 0, 1]
 */
export function unit(a: Vec3): Vec3 {
  const length = lengthOf(a);
  return length > 0 ? [a[0] / length, a[1] / length, a[2] / length] : a;
}
