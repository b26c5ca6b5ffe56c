export interface KnownAlloy {
  readonly key: string;
  readonly densityGcm3: number;
  /** How far to either side it is sold, g/cm3; 0 where absent. */
  readonly halfRangeGcm3?: number;
}

export interface AlloyFit {
  readonly key: string;
  readonly densityGcm3: number;
  /** Measured less the alloy's own, g/cm3. */
  readonly gapGcm3: number;
  /** The gap, past its range, in standard errors of the weighing and of the alloy's own density together. */
  readonly gapErrors: number;
  /** Within two errors: cannot be ruled out. */
  readonly fits: boolean;
}

/** How far a computed alloy density lies from a real casting's: mixing volumes and a pore or two, as a share. */
export const ALLOY_SPREAD = 0.003;

/** Past this many standard errors an alloy is ruled out; 95 % of weighings lie within. */
export const MOST_ERRORS = 2;

/**
 * Holds a measured density against the alloys known, nearest first. All that lie within two standard errors fit
 * alike: density tells no more apart than that. Densities and error in g/cm3.
 *
 * @example rankAlloys(11.3, 0.02, [{ key: 'soft-lead', densityGcm3: 11.34 }])[0].fits // true
 */
export function rankAlloys(
  densityGcm3: number,
  standardErrorGcm3: number,
  alloys: readonly KnownAlloy[],
): AlloyFit[] {
  return alloys
    .map((alloy): AlloyFit => {
      const gapGcm3 = densityGcm3 - alloy.densityGcm3;
      const error = Math.hypot(standardErrorGcm3, ALLOY_SPREAD * alloy.densityGcm3);
      const beyondGcm3 = Math.max(0, Math.abs(gapGcm3) - (alloy.halfRangeGcm3 ?? 0));
      const gapErrors = beyondGcm3 / error;
      const { key, densityGcm3: own } = alloy;
      return { key, densityGcm3: own, gapGcm3, gapErrors, fits: gapErrors <= MOST_ERRORS };
    })
    .sort((a, b) => a.gapErrors - b.gapErrors);
}
