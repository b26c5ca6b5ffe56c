import { sum } from '../../numeric/sum';
import { bestCuts } from './best-cuts';
import type { CutGrid } from './cut-grid';
import { solveMaster, type CutColumn, type CutProblem, type MasterAnswer } from './cut-master';

/** What growing gave: the ways to cut that matter, and the least that any plan opens. */
export interface GrownColumns {
  readonly columns: readonly CutColumn[];
  readonly answer: MasterAnswer;
  /** No plan opens less, mm; null where the search was cut short. */
  readonly boundMm: number | null;
}

const MOST_ROUNDS = 400;
const WORTH_IT = 1e-7;

/**
 * Ways to cut grown one by one from what pieces are worth, until no new one pays (column generation). The last real answer
 * is then the least that any plan can open.
 *
 * Source: Gilmore and Gomory, A linear programming approach to the cutting-stock problem, Operations Research 9, 1961.
 *
 * @example (await growColumns(problem, grid, first)).boundMm
 */
export async function growColumns(
  problem: CutProblem,
  grid: CutGrid,
  first: readonly CutColumn[],
): Promise<GrownColumns> {
  const { lengthsMm, stockCounts, demand } = problem;
  const mostRoom = Math.max(...grid.rooms);
  const columns = [...first];
  const known = new Set(columns.map(keyOf));
  let answer = await solveMaster(problem, columns, { whole: false });
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const best = bestCuts(grid.sizes, answer.worths, demand, mostRoom);
    let grew = false;
    for (const [stock, room] of grid.rooms.entries()) {
      const length = lengthsMm[stock] ?? 0;
      const gain = best.worthAt(room) - length - (answer.savings[stock] ?? 0);
      if (stockCounts[stock] === 0 || gain <= WORTH_IT * length) continue;
      const column = { stock, counts: best.cutsAt(room) };
      if (known.has(keyOf(column))) continue;
      known.add(keyOf(column));
      columns.push(column);
      grew = true;
    }
    if (!grew) return { columns, answer, boundMm: openedMm(problem, columns, answer) };
    answer = await solveMaster(problem, columns, { whole: false });
  }
  return { columns, answer, boundMm: null };
}

function openedMm(
  { lengthsMm }: CutProblem,
  columns: readonly CutColumn[],
  { values }: MasterAnswer,
): number {
  return sum(columns.map(({ stock }, at) => (lengthsMm[stock] ?? 0) * (values[at] ?? 0)));
}

/** As many of one piece as a stock holds, for every piece and stock. */
export function singles(
  { demand }: CutProblem,
  sizes: readonly number[],
  rooms: readonly number[],
): CutColumn[] {
  return rooms.flatMap((room, stock) =>
    sizes.flatMap((size, piece) => {
      const fits = Math.min(demand[piece] ?? 0, Math.floor(room / size));
      return fits > 0 ? [{ stock, counts: demand.map((_, at) => (at === piece ? fits : 0)) }] : [];
    }),
  );
}

export function keyOf({ stock, counts }: CutColumn): string {
  return `${stock}:${counts.join(',')}`;
}
