import type { ProgramOptions } from '../../numeric/integer-program';
import { sum } from '../../numeric/sum';
import { done, fail, type Outcome } from '../../problems/problem';
import { cutBulk } from './cut-bulk';
import type { CutPiece, CutPlan, CutStock } from './cut-facts';
import { cutGrid } from './cut-grid';
import type { CutProblem } from './cut-master';
import { SAME, searchCuts } from './search-cuts';
import { writePlan } from './write-plan';

/**
 * The plan that opens the least total length of stock for all pieces, by column generation and branch and cut run to
 * proof. Lengths and kerf in mm; a pattern's cuts take their length each and the kerf between two, none after the last when it
 * ends flush.
 *
 * Problems: `cut.same-id-twice`; `cut.no-stock`; `cut.too-long` where a piece is longer than every stock; `cut.too-little`
 * where the stock does not hold all; `plan.unfinished` where the time limit passed with nothing in hand.
 *
 * Source: Gilmore and Gomory 1961; a whole plan that meets the rounded-up bound, or is the best of all ways whose reduced
 * cost leaves room for a better one, is optimal.
 *
 * @example
 * (await planCuts([{ id: 'stick', lengthMm: 1000, count: null }], [{ id: 'arm', lengthMm: 300, count: 4 }], 0)).value.used
 * // [{ stockId: 'stick', count: 2 }]
 */
export async function planCuts(
  stock: readonly CutStock[],
  wanted: readonly CutPiece[],
  kerfMm: number,
  options: ProgramOptions = {},
): Promise<Outcome<CutPlan>> {
  for (const [what, ids] of [
    ['stock', stock.map(({ id }) => id)],
    ['pieces', wanted.map(({ id }) => id)],
  ] as const) {
    const twice = ids.findIndex((id, index) => ids.indexOf(id) !== index);
    if (twice >= 0) return fail('cut.same-id-twice', { id: ids[twice] ?? '' }, [what, twice, 'id']);
  }
  const pieces = wanted.filter(({ count }) => count > 0);
  const longest = Math.max(0, ...stock.filter(({ count }) => count !== 0).map(({ lengthMm }) => lengthMm));
  if (stock.length === 0) return fail('cut.no-stock', {});
  const tooLong = pieces.find(({ lengthMm }) => lengthMm > longest * (1 + 1e-9));
  if (tooLong)
    return fail('cut.too-long', { id: tooLong.id, lengthMm: tooLong.lengthMm, longestMm: longest });
  if (pieces.length === 0) return done({ used: [], patterns: [], wasteMm: 0, optimal: true });

  const problem: CutProblem = {
    lengthsMm: stock.map(({ lengthMm }) => lengthMm),
    stockCounts: stock.map(({ count }) => count),
    demand: pieces.map(({ count }) => count),
  };
  const grid = cutGrid(
    problem.lengthsMm,
    pieces.map(({ lengthMm }) => lengthMm),
    kerfMm,
  );
  const bulk = await cutBulk(problem, grid);
  const rest = pieces
    .map((piece, at) => ({ ...piece, count: bulk.rest.demand[at] ?? 0 }))
    .filter(({ count }) => count > 0);
  const there = stock.map((each, at) => ({ ...each, count: bulk.rest.stockCounts[at] ?? null }));
  const kept = pieces.flatMap((_, at) => ((bulk.rest.demand[at] ?? 0) > 0 ? [at] : []));
  const searched = bulk.isShort
    ? 'too-little'
    : await searchCuts(
        there,
        rest,
        kerfMm,
        { ...bulk.rest, demand: rest.map(({ count }) => count) },
        { ...grid, sizes: kept.map((at) => grid.sizes[at] ?? 0) },
        options,
      );
  if (searched === 'too-little' && (bulk.isShort || bulk.cut.length === 0)) {
    return fail('cut.too-little', {
      neededMm: sum(pieces.map(({ lengthMm, count }) => lengthMm * count)),
      thereMm: sum(stock.map(({ lengthMm, count }) => lengthMm * (count ?? 0))),
    });
  }
  if (typeof searched === 'string') return fail('plan.unfinished', { seconds: options.timeLimitS ?? 0 });
  const opened = searched.opened.map(({ stock: from, counts }) => {
    const all = pieces.map(() => 0);
    kept.forEach((at, nth) => (all[at] = counts[nth] ?? 0));
    return { stock: from, counts: all };
  });
  const plan = writePlan(stock, pieces, opened, bulk.cut);
  const openedMm = sum(plan.used.map(({ stockId, count }) => count * (lengthOf(stock, stockId) ?? 0)));
  const isOptimal = bulk.cut.length === 0 ? searched.isOptimal : openedMm <= (bulk.leastMm ?? 0) * (1 + SAME);
  return done({ ...plan, optimal: isOptimal });
}

const lengthOf = (stock: readonly CutStock[], id: string) => stock.find((each) => each.id === id)?.lengthMm;
