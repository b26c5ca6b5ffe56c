export interface PowderUse {
  readonly areaCm2: number;
  /** How thick the cured film is, micrometers. */
  readonly filmUm: number;
  readonly densityGcm3: number;
  /** How much of the powder that is used stays on the head, 0 to 1, over 0. */
  readonly utilization: number;
  readonly count: number;
}

const CM_PER_UM = 1e-4;

/**
 * How much powder heads take, g each and together: area x film x density, over the share that stays on.
 *
 * @example powderUsage({ areaCm2: 5, filmUm: 80, densityGcm3: 1.5, utilization: 0.6, count: 20 })
 * // 5 x 0.008 x 1.5 / 0.6: { gramsPerPiece: 0.1, totalG: 2 }
 */
export function powderUsage({ areaCm2, filmUm, densityGcm3, utilization, count }: PowderUse): {
  readonly gramsPerPiece: number;
  readonly totalG: number;
} {
  const gramsPerPiece = (areaCm2 * filmUm * CM_PER_UM * densityGcm3) / utilization;
  return { gramsPerPiece, totalG: gramsPerPiece * count };
}
