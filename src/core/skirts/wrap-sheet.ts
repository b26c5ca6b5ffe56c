import { forgivingFloor } from '../numeric/forgiving-floor';

export interface SheetWrap {
  readonly legs: number;
  /** How much the legs are stretched to close the round, a share; null where there is no room for a leg. */
  readonly stretch: number | null;
  readonly fits: boolean;
}

/**
 * A sheet cut into legs, wrapped once round a head: as many legs as go round without overlapping, stretched to close.
 *
 * @example wrapSheet(20, 3, 0.1) // round 62.8 mm: { legs: 20, stretch: 0.047, fits: true }
 */
export function wrapSheet(headDiameterMm: number, legWidthMm: number, maxStretch: number): SheetWrap {
  const roundMm = Math.PI * headDiameterMm;
  const legs = forgivingFloor(roundMm / legWidthMm);
  if (legs === 0) return { legs, stretch: null, fits: false };
  // Legs that close the round to the last digit are not stretched.
  const stretch = Math.max(0, roundMm / (legs * legWidthMm) - 1);
  return { legs, stretch, fits: stretch <= maxStretch };
}
