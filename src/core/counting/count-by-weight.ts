import jstat from 'jstat';
import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';
import { countError } from './count-error';
import type { PieceWeight } from './weigh-piece';

export interface CountChance {
  readonly count: number;
  /** How likely it is that there are so many. */
  readonly chance: number;
}

export interface WeighedCount extends CountChance {
  /** What else it may be, the likeliest first. */
  readonly others: readonly CountChance[];
  /** The weight over what one weighs, as it came out. */
  readonly pieces: number;
  /** One standard deviation, in pieces. */
  readonly strays: number;
}

/** Counts as far off as this are not looked at, in standard deviations; and never more than so many. */
const [FAR, MOST] = [7, 2000];

/**
 * How many pieces lie on a scale, and how sure that is: each whole number by how well the weight suits it. `wholeG` is all that
 * lies there, in g; `isAmong`: those that were counted by hand lie with it.
 *
 * Problems: `count.under-handful` where the whole weighs less than the handfuls that are said to be among it.
 *
 * Source: Bayes over whole numbers, none likelier before; Student's t where the spread of pieces is itself an estimate.
 *
 * @example countByWeight(piece, 25.3, true, 0.003).value // { count: 60, chance: 0.94, others: [{ count: 61, chance: 0.04 }, ...] }
 */
export function countByWeight(
  piece: PieceWeight,
  wholeG: number,
  isAmong: boolean,
  scaleG: number,
): Outcome<WeighedCount> {
  const least = isAmong ? piece.count : 0;
  if (isAmong && wholeG < piece.massG - Math.max(3 * scaleG, piece.eachG / 2)) {
    return fail('count.under-handful', { wholeG, handfulG: piece.massG }, ['wholeG']);
  }
  const pieces = isAmong ? piece.count + (wholeG - piece.massG) / piece.eachG : wholeG / piece.eachG;
  const strays = countError(piece, Math.max(least, pieces), isAmong, scaleG);
  const near = Math.max(least, Math.round(pieces));
  const reach = Math.min(MOST, Math.ceil(FAR * strays) + 1);
  const weighed = Array.from({ length: 2 * reach + 1 }, (_, at) => near - reach + at)
    .filter((count) => count >= least)
    .map((count) => ({ count, weight: jstat.studentt.pdf((pieces - count) / strays, piece.spread.degrees) }));
  const all = sum(weighed.map(({ weight }) => weight));
  const chances = weighed
    .map(({ count, weight }) => ({ count, chance: all > 0 ? weight / all : Number(count === near) }))
    .sort((a, b) => b.chance - a.chance || a.count - b.count);
  const [first, ...others] = chances;
  return done({
    count: first?.count ?? near,
    chance: first?.chance ?? 1,
    others: others.filter(({ chance }) => chance >= 0.005).slice(0, 3),
    pieces,
    strays,
  });
}
