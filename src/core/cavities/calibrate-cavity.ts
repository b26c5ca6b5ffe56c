import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';
import { castGramsPerCm3, type CastMetal } from './cast-grams-per-cm3';
import { embeddedTotals } from './embedded-totals';
import type { EmbeddedPart } from './embedded-part';

/** `count` finished castings of one cavity weighed together. */
export interface CastingSample {
  readonly weighedG: number;
  readonly count: number;
  readonly metal: CastMetal;
  readonly embedded: readonly EmbeddedPart[];
}

export interface CavityCalibration {
  readonly cavityVolumeCm3: number;
  /** Null where one sample alone says nothing of the spread. */
  readonly standardErrorCm3: number | null;
  readonly samples: readonly {
    /** The cavity's volume by this sample alone, cm3. */
    readonly volumeCm3: number;
    /** What a piece of the sample weighs more than the volume found gives, g. */
    readonly residualG: number;
  }[];
}

/**
 * A cavity's volume and its standard error from castings weighed, in any metals and on any hooks: each sample
 * gives V_i = (weighed/count - staying mass)/f + displaced; the mean is weighted by count. At least one sample.
 *
 * Problem: `cavity.lighter-than-hardware`.
 *
 * @example
 * calibrateCavity([{ weighedG: 22, count: 2, metal: { densityGcm3: 11, shrinkLinear: 0 }, embedded: [] }])
 * // value.cavityVolumeCm3: 1, standardErrorCm3: null
 */
export function calibrateCavity(samples: readonly CastingSample[]): Outcome<CavityCalibration> {
  const read = samples.map(({ weighedG, count, metal, embedded }) => {
    const { displacedCm3, staysG } = embeddedTotals(embedded);
    const eachG = weighedG / count;
    const gramsPerCm3 = castGramsPerCm3(metal);
    return {
      count,
      eachG,
      staysG,
      displacedCm3,
      gramsPerCm3,
      volumeCm3: (eachG - staysG) / gramsPerCm3 + displacedCm3,
    };
  });
  const light = read.findIndex(({ eachG, staysG, volumeCm3 }) => eachG < staysG || !(volumeCm3 > 0));
  const tooLight = read[light];
  if (tooLight) {
    const { eachG, staysG } = tooLight;
    return fail('cavity.lighter-than-hardware', { eachG, hardwareG: staysG }, ['samples', light, 'weighedG']);
  }
  const pieces = sum(read.map(({ count }) => count));
  const cavityVolumeCm3 = sum(read.map(({ count, volumeCm3 }) => count * volumeCm3)) / pieces;
  const squares = sum(read.map(({ count, volumeCm3 }) => count * (volumeCm3 - cavityVolumeCm3) ** 2));
  return done({
    cavityVolumeCm3,
    standardErrorCm3: read.length === 1 ? null : Math.sqrt(squares / ((read.length - 1) * pieces)),
    samples: read.map(({ eachG, staysG, gramsPerCm3, displacedCm3, volumeCm3 }) => ({
      volumeCm3,
      residualG: eachG - (gramsPerCm3 * (cavityVolumeCm3 - displacedCm3) + staysG),
    })),
  });
}
