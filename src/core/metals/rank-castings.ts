import { ALLOY_SPREAD, MOST_ERRORS, type AlloyFit, type KnownAlloy } from './rank-alloys';

/** An alloy as it is cast: how dense it is cold, and how much it shrinks from the cavity, a share; below 0 it swells. */
export interface CastAlloy extends KnownAlloy {
  readonly shrinkLinear: number;
}

/** Pores and cold shuts lighten a casting by so much as a rule, and make none heavier; a share (typical). */
const PORES = 0.006;

/**
 * Holds what a cavity gave of an unknown metal, g a cm3 of cavity with its error as a share, against the alloys known, each
 * with its own density and its own shrink, nearest first. Pores only lighten: a casting may be lighter than sound metal is,
 * not heavier.
 *
 * @example rankCastings(8.62, 0.004, [{ key: 'bismuth-tin', densityGcm3: 8.55, shrinkLinear: -0.0005 }])[0].fits // true
 */
export function rankCastings(
  gramsPerCm3: number,
  errorShare: number,
  alloys: readonly CastAlloy[],
): AlloyFit[] {
  return alloys
    .map(({ key, densityGcm3, shrinkLinear }): AlloyFit => {
      const found = gramsPerCm3 / (1 - shrinkLinear) ** 3;
      const gapGcm3 = found - densityGcm3;
      const shares = [errorShare, ALLOY_SPREAD, ...(gapGcm3 < 0 ? [PORES] : [])];
      const gapErrors = Math.abs(gapGcm3) / (densityGcm3 * Math.hypot(...shares));
      return { key, densityGcm3, gapGcm3, gapErrors, fits: gapErrors <= MOST_ERRORS };
    })
    .sort((a, b) => a.gapErrors - b.gapErrors);
}
