/** A snell of seven turns and an overhand loop, mm. */
export const STINGER_ENDS_MM = 75;

/**
 * How far behind its loop a stinger hangs that was cut so long, mm: what the ends take is gone.
 *
 * @example stingerReach(130) // 55
 */
export function stingerReach(cutMm: number): number {
  return Math.max(0, cutMm - STINGER_ENDS_MM);
}

/**
 * Lengths of braid for a graded set of stingers, mm, from hook to loop: the middle one puts the stinger two thirds down the
 * trailer; the others lie a step to either side. `cutMm` adds what the snell and the loop take.
 *
 * Source: practice: two thirds back catches short takers and leaves the tail its play.
 *
 * @example stingerLengths(90, 18, 3, 12, 60).map(({ lengthMm }) => lengthMm) // [30, 42, 54]
 */
export function stingerLengths(
  trailerMm: number,
  shankMm: number,
  count: number,
  stepMm: number,
  endsMm: number,
): { readonly lengthMm: number; readonly cutMm: number }[] {
  const middle = (trailerMm * 2) / 3 - shankMm;
  return Array.from({ length: count }, (_, nth) => {
    const lengthMm = Math.max(0, middle + (nth - (count - 1) / 2) * stepMm);
    return { lengthMm, cutMm: lengthMm + endsMm };
  }).filter(({ lengthMm }) => lengthMm > 0);
}
