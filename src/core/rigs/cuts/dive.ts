import type { CutGrid } from './cut-grid';
import { type CutColumn, type CutProblem } from './cut-master';
import { growColumns } from './grow-columns';

/** Of the fractions left, one is rounded up among so many of the largest: another dive takes another way. */
const CHOICE = 3;

/**
 * A whole plan made from real ones: what the real answer cuts often is cut, what is left over is answered anew with ways of
 * its own, and so on down to the last length (diving with column generation). Null where stock runs out on the way.
 *
 * @example (await dive(problem, grid, columns, random))?.length // lengths opened
 */
export async function dive(
  problem: CutProblem,
  grid: CutGrid,
  columns: readonly CutColumn[],
  random: () => number,
): Promise<CutColumn[] | null> {
  const plan: CutColumn[] = [];
  let { demand, stockCounts } = problem;
  let known = columns;
  while (demand.some((count) => count > 0)) {
    const left = { ...problem, demand, stockCounts };
    const proper = known
      .map((column) => trimmed(column, demand))
      .filter(({ counts }) => counts.some(Boolean));
    const { columns: grown, answer } = await growColumns(left, grid, proper);
    known = grown;
    const values = answer.values.slice(0, grown.length);
    const whole = values.map((value) => Math.floor(value + 1e-6));
    if (!whole.some((count) => count > 0)) {
      const byFraction = values.map((value, at) => ({ value, at })).sort((a, b) => b.value - a.value);
      const open = byFraction.filter(({ value }) => value > 1e-6).slice(0, CHOICE);
      const pick = open[Math.floor(random() ** 2 * open.length)];
      if (!pick) return null;
      whole[pick.at] = 1;
    }
    for (const [at, count] of whole.entries()) {
      const column = grown[at];
      for (let nth = 0; column && nth < count; nth += 1) {
        const { stock, counts } = trimmed(column, demand);
        if (!counts.some(Boolean)) break;
        if ((stockCounts[stock] ?? Infinity) < 1) return null;
        plan.push({ stock, counts });
        demand = demand.map((wanted, piece) => wanted - (counts[piece] ?? 0));
        stockCounts = stockCounts.map((there, on) => (on === stock && there !== null ? there - 1 : there));
      }
    }
  }
  return plan;
}

function trimmed({ stock, counts }: CutColumn, demand: readonly number[]): CutColumn {
  return { stock, counts: counts.map((count, piece) => Math.min(count, demand[piece] ?? 0)) };
}
