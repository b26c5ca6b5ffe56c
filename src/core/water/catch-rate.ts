import jstat from 'jstat';

export interface CatchRate {
  readonly perHour: number;
  readonly low: number;
  readonly high: number;
}

const TAIL = 0.05;

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
    low: jstat.gamma.inv(TAIL, shape, 1 / rate),
    high: jstat.gamma.inv(1 - TAIL, shape, 1 / rate),
  };
}
