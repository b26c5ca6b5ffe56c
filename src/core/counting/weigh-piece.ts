import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';

/** Pieces that were counted by hand, and what they weigh together, g. */
export interface Handful {
  readonly count: number;
  readonly massG: number;
}

/** How far pieces of a kind stray from their mean, as a share of it, and how many pieces' worth that is known. */
export interface PieceSpread {
  readonly share: number;
  readonly degrees: number;
}

/** What one piece weighs, as handfuls tell it. */
export interface PieceWeight {
  readonly eachG: number;
  /** Counted by hand, and what they weigh together. */
  readonly count: number;
  readonly massG: number;
  readonly spread: PieceSpread;
}

/**
 * What one piece weighs, and how far pieces stray: the handfuls together, and how they differ from one another beside what is
 * usual for such pieces. A scale is off by `scaleG` (one standard deviation) each time. Counts are whole and over 0, masses g.
 *
 * Problems: `count.no-handful` without one; `count.light-handful` where one weighs no more than the scale is off.
 *
 * Source: pooled variance of means of unlike size, with the usual spread as a scaled inverse chi-squared prior.
 *
 * @example weighPiece([{ count: 10, massG: 4.2 }], { share: 0.015, degrees: 6 }, 0.003).value.eachG // 0.42
 */
export function weighPiece(
  handfuls: readonly Handful[],
  usual: PieceSpread,
  scaleG: number,
): Outcome<PieceWeight> {
  if (handfuls.length === 0) return fail('count.no-handful', {}, ['handfuls']);
  const light = handfuls.find(({ massG }) => !(massG > 3 * scaleG));
  if (light) return fail('count.light-handful', { massG: light.massG }, ['handfuls']);
  const count = sum(handfuls.map((each) => each.count));
  const massG = sum(handfuls.map((each) => each.massG));
  const eachG = massG / count;
  const between = handfuls.length - 1;
  // What a handful's mean strays by is the pieces' own spread over their number, and what the scale is off.
  const strays = sum(handfuls.map((each) => each.count * (each.massG / each.count / eachG - 1) ** 2));
  const ofScale =
    sum(handfuls.map((each) => (scaleG / eachG) ** 2 / each.count)) * (between / handfuls.length);
  const own = Math.max(0, strays - ofScale);
  const degrees = usual.degrees + between;
  const share = Math.sqrt((usual.degrees * usual.share ** 2 + own) / degrees);
  return done({ eachG, count, massG, spread: { share, degrees } });
}
