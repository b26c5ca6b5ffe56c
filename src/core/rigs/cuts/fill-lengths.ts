import { bestCuts } from './best-cuts';
import type { CutGrid } from './cut-grid';
import type { CutColumn } from './cut-master';

/** How much more a long piece is felt to be worth, at most: long ones go first, short ones fit in at the end. */
const LONG_FIRST = 0.004;

/**
 * Fills given lengths one after the other, each as full as it goes, long pieces before short ones; what is left at the end
 * is in the last length where little was wasted on the way. Null where a piece stays over. `shares` is how many of each stock.
 *
 * @example fillLengths(grid, [4, 4], [0, 2], random)?.length // 2
 */
export function fillLengths(
  { sizes, rooms }: CutGrid,
  demand: readonly number[],
  shares: readonly number[],
  random: () => number,
): CutColumn[] | null {
  const left = [...demand];
  const longest = Math.max(...sizes);
  const lengths = shares.flatMap((count, stock) => Array.from({ length: count }, () => stock));
  // The longest last: it takes the most different rests.
  lengths.sort((a, b) => (rooms[a] ?? 0) - (rooms[b] ?? 0));
  const plan: CutColumn[] = [];
  for (const stock of lengths) {
    const room = rooms[stock] ?? 0;
    const felt = LONG_FIRST * random();
    const worths = sizes.map((size) => size * (1 + felt * (size / longest) * (0.6 + 0.4 * random())));
    const counts = bestCuts(sizes, worths, left, room).cutsAt(room);
    counts.forEach((count, piece) => (left[piece] = (left[piece] ?? 0) - count));
    plan.push({ stock, counts });
  }
  return left.every((count) => count === 0) ? plan.filter(({ counts }) => counts.some(Boolean)) : null;
}
