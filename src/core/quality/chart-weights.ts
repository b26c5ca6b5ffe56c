import { sum } from '../numeric/sum';

export interface WeightChart {
  readonly meanG: number;
  /** Short-term spread from moving ranges, g. */
  readonly sigmaG: number;
  readonly centerG: number;
  readonly lowerG: number;
  readonly upperG: number;
  /** Indexes of weights outside the limits. */
  readonly outside: readonly number[];
  /** How well the weights lie within the tolerance; null where they do not spread. */
  readonly cpk: number | null;
}

/** Mean range of two draws from a normal spread of 1 (Shewhart's d2 for n = 2, rounded as charts do). */
const D2 = 1.128;
const LIMIT_SIGMAS = 3;

/**
 * A chart of individual weights in g with moving ranges: sigma = mean moving range / 1.128, limits three sigmas
 * off the mean, cpk against target +/- tolerance. Weights in the order of casting, at least two.
 *
 * Throws with fewer than two weights.
 *
 * @example chartWeights([10, 10.1, 9.9, 10], 10, 0.5).sigmaG // 0.118...
 */
export function chartWeights(weighedG: readonly number[], targetG: number, toleranceG: number): WeightChart {
  if (weighedG.length < 2) throw new RangeError('chartWeights requires at least two weights');
  const meanG = sum(weighedG) / weighedG.length;
  const ranges = weighedG.slice(1).map((weight, index) => Math.abs(weight - (weighedG[index] ?? weight)));
  const sigmaG = sum(ranges) / ranges.length / D2;
  const [lowerG, upperG] = [meanG - LIMIT_SIGMAS * sigmaG, meanG + LIMIT_SIGMAS * sigmaG];
  const isSpread = sigmaG > 0;
  return {
    meanG,
    sigmaG,
    centerG: meanG,
    lowerG,
    upperG,
    outside: isSpread
      ? weighedG.flatMap((weight, index) => (weight < lowerG || weight > upperG ? [index] : []))
      : [],
    cpk: isSpread
      ? Math.min(targetG + toleranceG - meanG, meanG - targetG + toleranceG) / (LIMIT_SIGMAS * sigmaG)
      : null,
  };
}
