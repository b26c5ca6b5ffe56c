import { done, fail, type Outcome } from '../problems/problem';

/** Random close packing of like balls: the most that poured powder fills (Scott and Kilgour 1969). */
const CLOSE_PACKING = 0.64;

/**
 * Density in g/cm3 and tungsten's mass share of tungsten powder bound in resin, from its volume share (0..0.64)
 * and the two densities in g/cm3. Volumes add: rho = s rhoW + (1 - s) rhoBinder.
 *
 * Problem: `metal.too-packed` over random close packing.
 *
 * @example bindTungsten(0.5, 1.1, 19.25).value // { densityGcm3: 10.175, tungstenMassShare: 0.94594... }
 */
export function bindTungsten(
  tungstenVolumeShare: number,
  binderDensityGcm3: number,
  tungstenDensityGcm3: number,
): Outcome<{ densityGcm3: number; tungstenMassShare: number }> {
  if (tungstenVolumeShare > CLOSE_PACKING) {
    return fail('metal.too-packed', { tungstenVolumeShare, most: CLOSE_PACKING }, ['tungstenVolumeShare']);
  }
  const tungstenG = tungstenVolumeShare * tungstenDensityGcm3;
  const densityGcm3 = tungstenG + (1 - tungstenVolumeShare) * binderDensityGcm3;
  return done({ densityGcm3, tungstenMassShare: tungstenG / densityGcm3 });
}
