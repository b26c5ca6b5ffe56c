import { solveIntegerProgram, type ProgramAnswer, type ProgramOptions } from '../../numeric/integer-program';
import type { CutCounts } from './cut-facts';

/** One way to cut one stock. */
export interface CutColumn {
  readonly stock: number;
  readonly counts: CutCounts;
}

/** What is to be cut, from what: pieces and stock by index. */
export interface CutProblem {
  readonly lengthsMm: readonly number[];
  readonly stockCounts: readonly (number | null)[];
  readonly demand: readonly number[];
}

export interface MasterAnswer extends ProgramAnswer {
  /** What a piece more would cost, mm of stock, by piece. */
  readonly worths: readonly number[];
  /** What a length more of a stock would save, mm, by stock; not below 0. */
  readonly savings: readonly number[];
  /** Pieces that no column makes. */
  readonly short: number;
}

/** Makes leaving a piece out dearer than any way to cut it. */
const LEFT_OUT = 50;

/**
 * How often to cut each way so that every piece is there and the least stock is opened; real numbers or whole ones. With
 * `leastMm`, a total that is known to be needed. A piece may be left out at a price, so that real answers always exist.
 *
 * @example (await solveMaster(problem, columns, { whole: true })).values
 */
export async function solveMaster(
  { lengthsMm, stockCounts, demand }: CutProblem,
  columns: readonly CutColumn[],
  { whole, leastMm = 0, ...options }: ProgramOptions & { readonly whole: boolean; readonly leastMm?: number },
): Promise<MasterAnswer> {
  const longest = Math.max(...lengthsMm);
  const costOf = (stock: number) => (lengthsMm[stock] ?? 0) / longest;
  const most = (column: CutColumn) =>
    Math.min(
      stockCounts[column.stock] ?? Infinity,
      Math.max(
        ...column.counts.map((count, piece) => (count > 0 ? Math.ceil((demand[piece] ?? 0) / count) : 0)),
      ),
    );
  const variables = [
    ...columns.map((column) => ({ cost: costOf(column.stock), lower: 0, upper: most(column), whole })),
    ...(whole ? [] : demand.map((count) => ({ cost: LEFT_OUT, lower: 0, upper: count, whole: false }))),
  ];
  const rows = [
    ...demand.map((count, piece) => ({
      terms: [
        ...columns.flatMap(({ counts }, at) =>
          (counts[piece] ?? 0) > 0 ? [[at, counts[piece] ?? 0] as const] : [],
        ),
        ...(whole ? [] : [[columns.length + piece, 1] as const]),
      ],
      lower: count,
      upper: Infinity,
    })),
    ...stockCounts.map((count, stock) => ({
      terms: columns.flatMap((column, at) => (column.stock === stock ? [[at, 1] as const] : [])),
      lower: -Infinity,
      upper: count ?? Infinity,
    })),
    ...(leastMm > 0
      ? [
          {
            terms: columns.map(({ stock }, at) => [at, costOf(stock)] as const),
            lower: (leastMm / longest) * (1 - 1e-9),
            upper: Infinity,
          },
        ]
      : []),
  ];
  const answer = await solveIntegerProgram(variables, rows, options);
  return {
    ...answer,
    worths: demand.map((_, piece) => Math.max(0, answer.duals[piece] ?? 0) * longest),
    savings: stockCounts.map(
      (_, stock) => Math.max(0, -(answer.duals[demand.length + stock] ?? 0)) * longest,
    ),
    short: answer.values.slice(columns.length).reduce((total, value) => total + value, 0),
  };
}
