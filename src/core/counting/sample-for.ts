import jstat from 'jstat';
import { countError } from './count-error';
import type { PieceWeight } from './weigh-piece';

/** How sure a count is before it is weighed: that what it strays by stays under half a piece. */
function surenessOf(piece: PieceWeight, pieces: number, isAmong: boolean, scaleG: number): number {
  const strays = countError(piece, pieces, isAmong, scaleG);
  return strays > 0 ? 1 - 2 * jstat.studentt.cdf(-0.5 / strays, piece.spread.degrees) : 1;
}

/**
 * How many have to be counted by hand so that a count by weight of about so many is as sure as wanted; null where none but all
 * of them would do.
 *
 * @example sampleFor(piece, 60, 0.99, true, 0.003) // 24
 */
export function sampleFor(
  piece: PieceWeight,
  pieces: number,
  sure: number,
  isAmong: boolean,
  scaleG: number,
): number | null {
  const isSure = (count: number) =>
    surenessOf({ ...piece, count, massG: count * piece.eachG }, pieces, isAmong, scaleG) >= sure;
  const whole = Math.max(1, Math.floor(pieces));
  // The more are counted by hand, the surer: the least that will do lies between what will not and what will.
  let [not, will] = [0, whole];
  if (!isSure(whole)) return null;
  while (will - not > 1) {
    const middle = (not + will) >> 1;
    if (isSure(middle)) will = middle;
    else not = middle;
  }
  return will >= whole && whole > 1 ? null : will;
}
