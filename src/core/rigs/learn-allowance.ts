/** One made piece of line: as it was cut, as it came out, and how its ends are. */
export interface MadePiece {
  readonly cutMm: number;
  readonly madeMm: number;
  /** How many of its ends are of the kind that is to be learned: 1 or 2. */
  readonly ends: 1 | 2;
  /** What the other end takes, where it is of another kind, mm. */
  readonly otherMm: number;
}

/**
 * What one end takes of a line, learned from one made piece, mm; null where the piece came out longer than what is left of
 * the cut for it, which cannot be.
 *
 * @example learnAllowance({ cutMm: 180, madeMm: 100, ends: 2, otherMm: 0 }) // 40
 */
export function learnAllowance({ cutMm, madeMm, ends, otherMm }: MadePiece): number | null {
  const eachMm = (cutMm - madeMm - (ends === 1 ? otherMm : 0)) / ends;
  return eachMm < 0 ? null : eachMm;
}
