import { forgivingCeil } from '../numeric/forgiving-ceil';
import { done, fail, type Outcome } from '../problems/problem';

/**
 * From how many pieces on making is no dearer than buying: the smallest whole count for which outlay and making together
 * cost no more. All in the maker's own money.
 *
 * Problems: `cost.never-pays` where making one costs as much as buying it, or more.
 *
 * @example breakEven(120, 0.4, 1.2).value // 150
 */
export function breakEven(startCost: number, makeEach: number, buyEach: number): Outcome<number> {
  if (makeEach >= buyEach) return fail('cost.never-pays', { makeEach, buyEach });
  return done(forgivingCeil(startCost / (buyEach - makeEach)));
}
