import type { HookDimensions } from '@/core/cavities/guess-hook-mass';

/**
 * Jig hooks of common make, by size: wire, shank from eye bend to hook bend, and gape, all in mm. 'typical':
 * sizes on packets differ between makers by some 10 %; measure yours.
 * Source: midpoints of the spread between common packets, rounded to half a millimeter.
 */
export const TYPICAL_JIG_HOOKS: Readonly<Record<string, HookDimensions>> = {
  '#8': { wireMm: 0.6, shankMm: 14, gapeMm: 5 },
  '#6': { wireMm: 0.65, shankMm: 16, gapeMm: 6 },
  '#4': { wireMm: 0.75, shankMm: 19, gapeMm: 7 },
  '#2': { wireMm: 0.85, shankMm: 22.5, gapeMm: 8.5 },
  '#1': { wireMm: 0.9, shankMm: 25, gapeMm: 9.5 },
  '1/0': { wireMm: 1, shankMm: 28, gapeMm: 11 },
  '2/0': { wireMm: 1.1, shankMm: 31.5, gapeMm: 12.5 },
  '3/0': { wireMm: 1.2, shankMm: 35, gapeMm: 14 },
  '4/0': { wireMm: 1.3, shankMm: 39, gapeMm: 15.5 },
  '5/0': { wireMm: 1.45, shankMm: 43, gapeMm: 17.5 },
  '6/0': { wireMm: 1.6, shankMm: 48, gapeMm: 19.5 },
};
