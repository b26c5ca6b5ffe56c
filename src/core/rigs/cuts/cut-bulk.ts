import { sum } from '../../numeric/sum';
import type { CutCounts } from './cut-facts';
import type { CutGrid } from './cut-grid';
import type { CutProblem } from './cut-master';
import { growColumns, singles } from './grow-columns';
import { SAME } from './search-cuts';
import { stockTotals } from './stock-totals';

/** So many pieces are searched whole; of more, as many are left to the search. */
const AT_ONCE = 400;
const LEFT_OVER = 200;

/** One way to cut, and how often. */
export interface RepeatedCuts {
  readonly stock: number;
  readonly counts: CutCounts;
  readonly times: number;
}

export interface CutBulk {
  readonly cut: readonly RepeatedCuts[];
  /** What is left to search. */
  readonly rest: CutProblem;
  /** No plan for all of it opens less, mm; null where nobody asked or could say. */
  readonly leastMm: number | null;
  /** Proven: the stock does not hold all. */
  readonly isShort: boolean;
}

/**
 * Cuts the bulk of a long list as its real answer cuts it, rounded down, and leaves some hundred pieces to be searched; of a
 * short list nothing.
 *
 * Source: residual instances, Wäscher and Gau, Heuristics for the integer one-dimensional cutting stock problem, OR Spektrum
 * 18, 1996.
 *
 * @example (await cutBulk({ lengthsMm: [1000], stockCounts: [null], demand: [3000] }, grid)).cut // [{ stock: 0, counts: [3], times: 933 }]
 */
export async function cutBulk(problem: CutProblem, grid: CutGrid): Promise<CutBulk> {
  const pieces = sum(problem.demand);
  const untouched = { cut: [], rest: problem, leastMm: null, isShort: false };
  if (pieces <= AT_ONCE) return untouched;
  const { columns, answer, boundMm } = await growColumns(
    problem,
    grid,
    singles(problem, grid.sizes, grid.rooms),
  );
  if (answer.short > SAME * pieces) {
    return { ...untouched, isShort: grid.isExact && boundMm !== null };
  }
  let { demand, stockCounts } = problem;
  const cut = columns.flatMap(({ stock, counts }, at) => {
    const wished = Math.floor((answer.values[at] ?? 0) * (1 - LEFT_OVER / pieces));
    // Rounding in the answer must never cut over what is wanted or there.
    const most = counts.map((count, piece) =>
      count > 0 ? Math.floor((demand[piece] ?? 0) / count) : Infinity,
    );
    const times = Math.min(wished, stockCounts[stock] ?? Infinity, ...most);
    if (times <= 0) return [];
    demand = demand.map((wanted, piece) => wanted - times * (counts[piece] ?? 0));
    stockCounts = stockCounts.map((there, on) => (on === stock && there !== null ? there - times : there));
    return [{ stock, counts, times }];
  });
  const isBound = grid.isExact && boundMm !== null;
  const most = sum(problem.lengthsMm) + (boundMm ?? 0) * 1.01;
  const leastMm = isBound
    ? stockTotals(problem.lengthsMm, problem.stockCounts, most).nextFrom(boundMm * (1 - SAME))
    : null;
  return { cut, rest: { ...problem, demand, stockCounts }, leastMm, isShort: false };
}
