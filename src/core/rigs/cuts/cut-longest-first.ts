import type { CutCounts, CutPiece, CutStock } from './cut-facts';

/** One length opened: which stock, and what is cut from it. */
export interface OpenedLength {
  readonly stock: number;
  readonly counts: CutCounts;
}

/**
 * How most people cut: the longest piece first, from the first opened length it still fits in; where it fits in none, the
 * shortest stock that holds it is opened. Null where the stock runs out. The beat that a plan is measured by.
 *
 * @example cutLongestFirst([{ id: 'a', lengthMm: 1000, count: null }], [{ id: 'p', lengthMm: 400, count: 3 }], 0)?.length // 2
 */
export function cutLongestFirst(
  stock: readonly CutStock[],
  pieces: readonly CutPiece[],
  kerfMm: number,
): OpenedLength[] | null {
  const left = stock.map(({ count }) => count ?? Infinity);
  const byLength = pieces
    .map((piece, index) => ({ ...piece, index }))
    .sort((a, b) => b.lengthMm - a.lengthMm);
  const byStock = stock.map((_, index) => index).sort((a, b) => lengthOf(stock, a) - lengthOf(stock, b));
  const opened: { stock: number; counts: number[]; roomMm: number }[] = [];
  for (const { lengthMm, count, index } of byLength) {
    const takes = lengthMm + kerfMm;
    for (let nth = 0; nth < count; nth += 1) {
      let on = opened.find(({ roomMm }) => takes <= roomMm * (1 + 1e-9));
      if (!on) {
        const pick = byStock.find(
          (each) => (left[each] ?? 0) > 0 && takes <= (lengthOf(stock, each) + kerfMm) * (1 + 1e-9),
        );
        if (pick === undefined) return null;
        left[pick] = (left[pick] ?? 0) - 1;
        on = { stock: pick, counts: pieces.map(() => 0), roomMm: lengthOf(stock, pick) + kerfMm };
        opened.push(on);
      }
      on.counts[index] = (on.counts[index] ?? 0) + 1;
      on.roomMm -= takes;
    }
  }
  return opened.map(({ stock: from, counts }) => ({ stock: from, counts }));
}

function lengthOf(stock: readonly CutStock[], index: number): number {
  return stock[index]?.lengthMm ?? 0;
}
