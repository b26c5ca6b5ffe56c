import { RELATIVE_SLACK } from '../numeric/relative-slack';
import { done, fail, type Outcome } from '../problems/problem';

export interface PourYield {
  /** The fewest castings of which enough are good, with the chance that was asked. */
  readonly pieces: number;
  /** How many it takes in the mean. */
  readonly expected: number;
}

const USUAL_CONFIDENCE = 0.9;
const MOST_PIECES = 100_000;

/**
 * The fewest castings of which at least `wanted` are good with a chance of `confidence`, where each is good by itself with
 * `goodShare` (over 0, up to 1). The casting that brings the last good one comes as the negative binomial has it; its
 * chances are summed from the first casting that could be it.
 *
 * Problem: `yield.too-many` past 100,000 castings.
 *
 * @example castingsToPour(20, 0.9).value // { pieces: 24, expected: 22.2 }
 */
export function castingsToPour(
  wanted: number,
  goodShare: number,
  confidence = USUAL_CONFIDENCE,
): Outcome<PourYield> {
  const expected = wanted / goodShare;
  if (wanted === 0) return done({ pieces: 0, expected });
  // As a logarithm: the first chance of many castings is smaller than a double holds.
  let chanceLn = wanted * Math.log(goodShare);
  const badLn = Math.log1p(-goodShare);
  let reached = 0;
  for (let pieces = wanted; pieces <= MOST_PIECES; pieces += 1) {
    reached += Math.exp(chanceLn);
    if (reached >= confidence - RELATIVE_SLACK) return done({ pieces, expected });
    chanceLn += badLn + Math.log(pieces / (pieces - wanted + 1));
  }
  return fail('yield.too-many', { wanted, most: MOST_PIECES }, ['wanted']);
}
