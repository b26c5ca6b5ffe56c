import { RELATIVE_SLACK } from './relative-slack';

/**
 * The smallest whole number not below `x`, forgiving rounding noise of one part in a billion, so that a sum
 * that should have come to 100 and came to 100.0000000001 is 100.
 *
 * @example forgivingCeil(100.00000000001) // 100
 * @example forgivingCeil(100.001) // 101
 */
export function forgivingCeil(x: number): number {
  const nearest = Math.round(x);
  return Math.abs(x - nearest) <= RELATIVE_SLACK * Math.abs(x) ? nearest : Math.ceil(x);
}
