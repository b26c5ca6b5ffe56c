import type { PieceWeight } from './weigh-piece';

/**
 * How many pieces a count by weight of so many strays by (one standard deviation): pieces differ, what one weighs is known from
 * those counted by hand alone, and the scale is off by `scaleG` each time. `isAmong`: those counted by hand lie with the rest.
 *
 * Source: propagation of error through n + (W − Ws) / m, or W / m, with m = Ws / n.
 *
 * @example countError(piece, 60, true, 0.003) // 0.29
 */
export function countError(
  { eachG, count, spread }: PieceWeight,
  pieces: number,
  isAmong: boolean,
  scaleG: number,
): number {
  const unknown = Math.max(0, isAmong ? pieces - count : pieces);
  const ofPieces = unknown * spread.share ** 2 + (unknown ** 2 * spread.share ** 2) / count;
  const inPieces = scaleG / eachG;
  // The handful's own weighing counts twice where it is taken off the whole, too.
  const ofScale = inPieces ** 2 * (1 + ((isAmong ? count : 0) / count + unknown / count) ** 2);
  return Math.sqrt(ofPieces + ofScale);
}
