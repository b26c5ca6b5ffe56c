import type { CutCounts } from './cut-facts';

/**
 * Every way to cut one length of stock that is worth at least `leastWorth`, none left out; null where there are more than
 * `most` of them. With `onlyFull`, only those to which nothing can be added. Lengths in mm with the blade's share in them.
 *
 * @example cutsWithin([300, 500], 1000, [9, 9], { most: 100, onlyFull: true }) // [[0, 2], [1, 1], [3, 0]]
 */
export function cutsWithin(
  takesMm: readonly number[],
  roomMm: number,
  mosts: readonly number[],
  {
    most,
    onlyFull = false,
    worths,
    leastWorth = 0,
  }: {
    readonly most: number;
    readonly onlyFull?: boolean;
    readonly worths?: readonly number[];
    readonly leastWorth?: number;
  },
): CutCounts[] | null {
  const slack = 1e-9 * roomMm;
  const densest = takesMm.map((_, from) =>
    Math.max(0, ...takesMm.slice(from).map((mm, nth) => (worths?.[from + nth] ?? 0) / mm)),
  );
  const found: CutCounts[] = [];
  let steps = 0;
  const isFull = (counts: CutCounts, leftMm: number) =>
    takesMm.every((mm, piece) => (counts[piece] ?? 0) >= (mosts[piece] ?? 0) || mm > leftMm + slack);
  const go = (piece: number, leftMm: number, counts: number[], worth: number): boolean => {
    steps += 1;
    if (steps > 200 * most || found.length > most) return false;
    if (worths && worth + (densest[piece] ?? 0) * Math.max(0, leftMm) < leastWorth) return true;
    if (piece === takesMm.length) {
      if (counts.some((count) => count > 0) && (!onlyFull || isFull(counts, leftMm))) found.push([...counts]);
      return true;
    }
    const takes = takesMm[piece] ?? 0;
    const fits = Math.min(mosts[piece] ?? 0, Math.floor((leftMm + slack) / takes));
    for (let count = fits; count >= 0; count -= 1) {
      counts[piece] = count;
      if (!go(piece + 1, leftMm - count * takes, counts, worth + count * (worths?.[piece] ?? 0)))
        return false;
    }
    counts[piece] = 0;
    return true;
  };
  const isWhole = go(
    0,
    roomMm,
    takesMm.map(() => 0),
    0,
  );
  return isWhole && found.length <= most ? found.reverse() : null;
}
