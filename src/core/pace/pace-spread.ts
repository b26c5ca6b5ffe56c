import { sum } from '../numeric/sum';
import type { TimedRun } from './learn-pace';

/** How far one evening's pace lies from the next, as a share, until the maker's own runs say (typical), and how many runs that weighs as. */
const [USUAL_SPREAD, USUAL_WEIGHT] = [0.25, 4];

/**
 * How far the next run's pace may lie from what earlier runs say, as one standard deviation of its logarithm: the runs' own
 * spread about their pace, beside the usual one where they are few, and that their mean itself is not certain.
 *
 * @example paceSpread([]) // 0.35: the usual spread, of a pace that is only the usual one
 */
export function paceSpread(runs: readonly Pick<TimedRun, 'begun' | 'seconds'>[]): number {
  const logs = runs
    .filter(({ begun, seconds }) => begun > 0 && seconds > 0)
    .map(({ begun, seconds }) => Math.log(seconds / begun));
  const count = logs.length;
  // A usual pace is as far off as makers differ from one another.
  if (count === 0) return Math.SQRT2 * USUAL_SPREAD;
  const mean = sum(logs) / count;
  const squares = sum(logs.map((log) => (log - mean) ** 2));
  const variance = (squares + USUAL_WEIGHT * USUAL_SPREAD ** 2) / (Math.max(0, count - 1) + USUAL_WEIGHT);
  return Math.sqrt(variance * (1 + 1 / count));
}
