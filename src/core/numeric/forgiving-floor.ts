import { RELATIVE_SLACK } from './relative-slack';

/**
 * The largest whole number not above `x`, forgiving rounding noise of one part in a billion.
 *
 * @example forgivingFloor(99.9999999999) // 100
 * @example forgivingFloor(99.999) // 99
 */
export function forgivingFloor(x: number): number {
  const nearest = Math.round(x);
  return Math.abs(x - nearest) <= RELATIVE_SLACK * Math.abs(x) ? nearest : Math.floor(x);
}
