import type { PartGauge } from '../parts/part-roles';

/**
 * How much longer a chain is by a ring in it, mm: what hangs in it lies on its inside, so that the wire counts for nothing at
 * either end. A split ring's wire is measured doubled, its two turns side by side; 0 for what is no ring.
 *
 * @example ringReach({ as: 'solid', sizes: { diameterMm: 8, ringMm: 1.2 } }) // 5.6
 */
export function ringReach({ as, sizes }: Pick<PartGauge, 'as' | 'sizes'>): number {
  const { diameterMm = 0, ringMm = 0 } = sizes;
  if (as === 'solid') return Math.max(0, diameterMm - 2 * ringMm);
  return as === 'ring' ? Math.max(0, diameterMm - ringMm) : 0;
}
