import { sum } from '../numeric/sum';

export interface MovingRanges {
  /** From each casting to the next, g: one fewer than there are weights. */
  readonly rangesG: readonly number[];
  readonly meanG: number;
  /** Over this a jump is no chance. */
  readonly upperG: number;
  /** Indexes of ranges over the limit. */
  readonly outside: readonly number[];
}

/** Upper limit of a range of two over its mean (Shewhart's D4 for n = 2). */
const D4 = 3.267;

/**
 * The moving ranges of castings weighed one by one, with their upper limit. At least two weights, in g.
 *
 * Throws with fewer than two.
 *
 * @example movingRanges([10, 10.1, 9.9]).meanG // 0.15
 */
export function movingRanges(weighedG: readonly number[]): MovingRanges {
  if (weighedG.length < 2) throw new RangeError('movingRanges requires at least two weights');
  const rangesG = weighedG.slice(1).map((weight, index) => Math.abs(weight - (weighedG[index] ?? weight)));
  const meanG = sum(rangesG) / rangesG.length;
  const upperG = D4 * meanG;
  return {
    rangesG,
    meanG,
    upperG,
    outside: rangesG.flatMap((each, index) => (each > upperG ? [index] : [])),
  };
}
