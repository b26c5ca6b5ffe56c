/** kg in a g, and m2 in a cm2. */
export const MASS_KG_PER_G = 1e-3;
export const AREA_M2_PER_CM2 = 1e-4;

/** A piece taken as one temperature throughout, and how well heat passes to it. */
export interface LumpedPiece {
  readonly massG: number;
  readonly specificHeatJkgK: number;
  readonly areaCm2: number;
  /** Heat transfer to the piece, W/(m2 K). */
  readonly hWm2K: number;
}

/**
 * The time constant of a piece, s: after so long 63 % of the way to its surroundings is done. m c / (h A).
 *
 * @example timeConstantS({ massG: 10, specificHeatJkgK: 129, areaCm2: 4, hWm2K: 60 }) // 53.75
 */
export function timeConstantS({ massG, specificHeatJkgK, areaCm2, hWm2K }: LumpedPiece): number {
  return (massG * MASS_KG_PER_G * specificHeatJkgK) / (hWm2K * areaCm2 * AREA_M2_PER_CM2);
}

/**
 * A piece's temperature after some time in surroundings that hold their own, C: T = Ts + (T0 - Ts) exp(-t / tau).
 *
 * @example pieceTemperature(53.75, 230, 20, 0) // 20
 */
export function pieceTemperature(tauS: number, sourceC: number, startC: number, seconds: number): number {
  return sourceC + (startC - sourceC) * Math.exp(-seconds / tauS);
}
