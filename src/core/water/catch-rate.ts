import jstat from 'jstat';

export interface CatchRate {
  readonly perHour: number;
  readonly low: number;
  readonly high: number;
}

const TAIL = 0.05;
/** From so many on the quantile is taken by its cube root, which lies within a millionth of the whole there. */
const MANY = 10_000;

/**
 * Quantile of a gamma of this shape and rate 1. Of large shapes by the cube root of what is nearly normal.
 *
 * Source: Wilson and Hilferty, The distribution of chi-square, 1931.
 */
function gammaQuantile(share: number, shape: number): number {
  if (shape < MANY) return jstat.gamma.inv(share, shape, 1);
  const ninth = 1 / (9 * shape);
  return shape * (1 - ninth + jstat.normal.inv(share, 0, 1) * Math.sqrt(ninth)) ** 3;
}

/**
 * Fish an hour, from what was caught in some hours and a weak guess before it: the mean of the gamma posterior and its
 * central 90 % interval. Counts and hours may be 0; the prior's are over 0.
 *
 * Source: Poisson catches with a gamma prior of shape `priorCatches` and rate `priorHours`.
 *
 * @example catchRate(4, 5) // { perHour: 0.75, low: 0.277, high: 1.41 }
 */
export function catchRate(catches: number, hours: number, priorCatches = 0.5, priorHours = 1): CatchRate {
  const [shape, rate] = [catches + priorCatches, hours + priorHours];
  return {
    perHour: shape / rate,
    low: gammaQuantile(TAIL, shape) / rate,
    high: gammaQuantile(1 - TAIL, shape) / rate,
  };
}
