import type { ProgramOptions } from '../../numeric/integer-program';
import { repeatableRandom } from '../../numeric/repeatable-random';
import { sum } from '../../numeric/sum';
import type { CutPiece, CutStock } from './cut-facts';
import type { CutGrid } from './cut-grid';
import { cutLongestFirst } from './cut-longest-first';
import type { CutColumn, CutProblem } from './cut-master';
import { solveMaster } from './cut-master';
import { cutsWithin } from './cuts-within';
import { dive } from './dive';
import { fillLengths } from './fill-lengths';
import { growColumns, keyOf, singles, type GrownColumns } from './grow-columns';
import { stockTotals } from './stock-totals';

/** How often lengths that add up to one total are filled, how many totals are tried, and how many dives. */
const FILLS = 60;
const TOTALS = 8;
const DIVES = 6;
/** Two totals are at least so far apart. */
const LEAST_STEP_MM = 0.001;
const START = 6151;
/** Ways to cut that one program takes at most. */
const MOST_COLUMNS = 4000;
/** Rounding noise in a total, as a share of it. */
export const SAME = 1e-7;

/** Lengths opened, and whether none can open less. */
export interface SearchedCuts {
  readonly opened: readonly CutColumn[];
  readonly isOptimal: boolean;
}

/**
 * The least lengths to open for some hundred pieces: what a real answer bounds, filled, dived for and searched until a whole
 * plan meets the bound. 'too-little' where the stock is proven not to hold all, 'unfinished' where nothing was found in time.
 *
 * @example (await searchCuts(stock, pieces, 0, problem, grid)).isOptimal // true
 */
export async function searchCuts(
  stock: readonly CutStock[],
  pieces: readonly CutPiece[],
  kerfMm: number,
  problem: CutProblem,
  grid: CutGrid,
  options: ProgramOptions = {},
): Promise<SearchedCuts | 'too-little' | 'unfinished'> {
  const greedy = cutLongestFirst(stock, pieces, kerfMm);
  const grown = await growColumns(problem, grid, [
    ...(greedy ?? []),
    ...singles(problem, grid.sizes, grid.rooms),
  ]);
  const isBound = grid.isExact && grown.boundMm !== null;
  if (isBound && grown.answer.short > SAME) return 'too-little';

  const hand = new BestInHand(problem.lengthsMm, greedy);
  const totals = stockTotals(problem.lengthsMm, problem.stockCounts, mostOpened(problem, hand.mm));
  const proofMm = isBound ? totals.nextFrom((grown.boundMm ?? 0) * (1 - SAME)) : 0;
  const random = repeatableRandom(START);
  const isProven = () => hand.mm <= proofMm * (1 + SAME);
  const tryTotal = (totalMm: number) => {
    for (let nth = 0; nth < FILLS && !isProven(); nth += 1) {
      const shares = totals.sharesOf(totalMm, stockUse(problem, grown), random);
      const plan = shares && fillLengths(grid, problem.demand, shares, random);
      if (!shares || hand.offer(plan)) return;
    }
  };
  if (isBound) tryTotal(proofMm);
  for (let nth = 0; nth < DIVES && !isProven(); nth += 1) {
    hand.offer(await dive(problem, grid, grown.columns, random));
  }
  let totalMm = isBound ? totals.nextFrom(proofMm + LEAST_STEP_MM) : Infinity;
  for (let nth = 0; nth < TOTALS && totalMm < hand.mm && !isProven(); nth += 1) {
    tryTotal(totalMm);
    totalMm = totals.nextFrom(totalMm + LEAST_STEP_MM);
  }

  const search = async (columns: readonly CutColumn[]) => {
    const unlike = [...new Map(columns.map((column) => [keyOf(column), column])).values()];
    const answer = await solveMaster(problem, unlike, { ...options, whole: true, leastMm: proofMm });
    if (answer.status === 'optimal' || answer.status === 'feasible') {
      hand.offer(
        unlike.flatMap((column, at) => Array.from({ length: answer.values[at] ?? 0 }, () => column)),
      );
    }
    return answer.status;
  };
  let isOptimal = isProven();
  if (!isOptimal) {
    const complete = allThatMatter(problem, pieces, kerfMm, isBound ? grown : null, hand.mm);
    const status = await search([...(complete ?? grown.columns), ...hand.seen]);
    if (complete && status === 'impossible' && hand.plan === null) return 'too-little';
    isOptimal = isProven() || (complete !== null && status === 'optimal');
  }
  return hand.plan === null ? 'unfinished' : { opened: hand.plan, isOptimal };
}

/** The best plan so far, and every way of cutting that some plan used. */
class BestInHand {
  plan: readonly CutColumn[] | null = null;
  mm = Infinity;
  readonly seen: CutColumn[] = [];

  constructor(
    private readonly lengthsMm: readonly number[],
    first: readonly CutColumn[] | null,
  ) {
    this.offer(first);
  }

  /** Takes a plan where it is better than the one in hand. */
  offer(plan: readonly CutColumn[] | null): boolean {
    if (!plan) return false;
    this.seen.push(...plan);
    const mm = sum(plan.map(({ stock }) => this.lengthsMm[stock] ?? 0));
    if (mm >= this.mm * (1 - SAME)) return false;
    [this.plan, this.mm] = [plan, mm];
    return true;
  }
}

/** Over this no plan needs to open: the greedy one, or all there is. */
function mostOpened({ lengthsMm, stockCounts, demand }: CutProblem, greedyMm: number): number {
  if (greedyMm < Infinity) return greedyMm;
  const pieces = sum(demand);
  return sum(lengthsMm.map((mm, stock) => mm * (stockCounts[stock] ?? pieces)));
}

/** How many of each stock the real answer opens. */
function stockUse({ lengthsMm }: CutProblem, { columns, answer }: GrownColumns): number[] {
  return lengthsMm.map((_, stock) =>
    sum(columns.map((column, at) => (column.stock === stock ? (answer.values[at] ?? 0) : 0))),
  );
}

/**
 * Every way to cut that a better plan could use: those whose reduced cost leaves room under the best in hand, or simply all
 * full ones; null where they are too many.
 */
function allThatMatter(
  { lengthsMm, demand, stockCounts }: CutProblem,
  pieces: readonly CutPiece[],
  kerfMm: number,
  grown: GrownColumns | null,
  bestMm: number,
): CutColumn[] | null {
  const takesMm = pieces.map(({ lengthMm }) => lengthMm + kerfMm);
  const gather = (of: (stock: number, lengthMm: number) => ReturnType<typeof cutsWithin>) => {
    const found: CutColumn[] = [];
    for (const [stock, lengthMm] of lengthsMm.entries()) {
      if (stockCounts[stock] === 0) continue;
      const cuts = of(stock, lengthMm);
      if (!cuts || found.length + cuts.length > MOST_COLUMNS) return null;
      found.push(...cuts.map((counts) => ({ stock, counts })));
    }
    return found;
  };
  const full = gather((_, lengthMm) =>
    cutsWithin(takesMm, lengthMm + kerfMm, demand, { most: MOST_COLUMNS, onlyFull: true }),
  );
  if (full || !grown || grown.boundMm === null || bestMm === Infinity) return full;
  const gapMm = bestMm - grown.boundMm;
  const { worths, savings } = grown.answer;
  return gather((stock, lengthMm) =>
    cutsWithin(takesMm, lengthMm + kerfMm, demand, {
      most: MOST_COLUMNS,
      worths,
      leastWorth: (lengthMm + (savings[stock] ?? 0) - gapMm) * (1 - SAME),
    }),
  );
}
