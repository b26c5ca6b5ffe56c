import { done, fail, type Outcome } from '../problems/problem';
import { castGramsPerCm3, type CastMetal } from './cast-grams-per-cm3';
import { embeddedTotals } from './embedded-totals';
import type { EmbeddedPart } from './embedded-part';

export interface CastingPrediction {
  /** Metal poured in, g. */
  readonly metalG: number;
  /** The casting with all that stays in it, g. */
  readonly finishedG: number;
  /** Cavity volume taken by what is embedded, cm3. */
  readonly displacedCm3: number;
}

/**
 * What a cavity gives in a metal around its hook and pins: metalG = f (V - displaced), with f the metal's
 * weight per cm3 of cavity; finishedG adds the mass of what stays.
 *
 * Problem: `cavity.no-room` where what is embedded takes the whole cavity.
 *
 * @example
 * // 1 cm3 in lead that shrinks 0.8 %, no hook: 11.34 (1 - 0.008)^3 = 11.07 g
 * predictCasting(1, { densityGcm3: 11.34, shrinkLinear: 0.008 }, []).value.finishedG // 11.0700...
 */
export function predictCasting(
  cavityVolumeCm3: number,
  metal: CastMetal,
  embedded: readonly EmbeddedPart[],
): Outcome<CastingPrediction> {
  const { displacedCm3, staysG } = embeddedTotals(embedded);
  if (displacedCm3 >= cavityVolumeCm3) {
    return fail('cavity.no-room', { displacedCm3, cavityVolumeCm3 }, ['embedded']);
  }
  const metalG = castGramsPerCm3(metal) * (cavityVolumeCm3 - displacedCm3);
  return done({ metalG, finishedG: metalG + staysG, displacedCm3 });
}
