/** So much of a pinched bundle's round is hair, the rest air. */
export const PACKED = 0.75;

/**
 * How many strands a bundle of a thickness holds, pinched: packed x (bundle / strand)^2, at least one. mm.
 *
 * Source: round fibers pressed by hand fill some three quarters of the round (touching on all sides would be 0.907).
 *
 * @example bundleStrands(3, 0.12) // 0.75 x 25^2: 469
 */
export function bundleStrands(bundleMm: number, strandMm: number): number {
  return Math.max(1, Math.round(PACKED * (bundleMm / strandMm) ** 2));
}
