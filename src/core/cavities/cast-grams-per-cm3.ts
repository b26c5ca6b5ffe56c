/** A metal as a mold knows it. */
export interface CastMetal {
  /** Density at 20 C, g/cm3. */
  readonly densityGcm3: number;
  /** Linear shrink from cavity to cold casting, a share; bismuth alloys expand (below 0). */
  readonly shrinkLinear: number;
}

/**
 * A metal's weight per cm3 of cavity, g/cm3. A casting fills the cavity hot and shrinks as it cools, so a
 * cavity of volume V leaves V (1 - s)^3 of metal at 20 C: f = density (1 - s)^3.
 *
 * @example castGramsPerCm3({ densityGcm3: 10, shrinkLinear: 0.01 }) // 9.70299
 */
export function castGramsPerCm3({ densityGcm3, shrinkLinear }: CastMetal): number {
  return densityGcm3 * (1 - shrinkLinear) ** 3;
}
