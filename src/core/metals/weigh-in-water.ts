import { done, fail, type Outcome } from '../problems/problem';
import { waterDensity } from '../water/water-density';

/** Air at room temperature and sea level, g/cm3 (calculation contract). */
const AIR_GCM3 = 0.0012;

/**
 * Density in g/cm3 of a piece weighed in air and hung in water of `waterC`, both in g; the air's own lift is
 * counted: rho = (rhoWater - rhoAir) air / (air - submerged) + rhoAir (Archimedes).
 *
 * Problem: `metal.not-lighter-in-water`.
 *
 * @example weighInWater(100, 91.2, 20).value.densityGcm3 // 11.33... : lead
 */
export function weighInWater(
  airG: number,
  submergedG: number,
  waterC: number,
): Outcome<{ densityGcm3: number }> {
  if (submergedG >= airG) {
    return fail('metal.not-lighter-in-water', { airG, submergedG }, ['submergedG']);
  }
  return done({ densityGcm3: ((waterDensity(waterC) - AIR_GCM3) * airG) / (airG - submergedG) + AIR_GCM3 });
}
