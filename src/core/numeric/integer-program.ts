import highsLoader, { type CallbackData, type Highs, type ModelData } from 'highs';

/** One unknown: its cost in the objective and its bounds. Costs and bounds are finite; `upper` may be Infinity. */
export interface ProgramVariable {
  readonly cost: number;
  readonly lower: number;
  readonly upper: number;
  readonly whole: boolean;
}

/** One condition: lower <= sum(coefficient x variable) <= upper. A variable stands at most once in a row. */
export interface ProgramRow {
  readonly terms: readonly (readonly [variable: number, coefficient: number])[];
  readonly lower: number;
  readonly upper: number;
}

/** How far a search has come: the best plan so far and the bound that none can beat; null before there is one. */
export interface ProgramProgress {
  readonly seconds: number;
  readonly best: number | null;
  readonly bound: number | null;
}

/**
 * `optimal`: proven. `feasible`: time ran out with something in hand. `none`: time ran out with nothing.
 * `impossible`: proven that nothing fits.
 */
export interface ProgramAnswer {
  readonly status: 'optimal' | 'feasible' | 'none' | 'impossible';
  readonly values: readonly number[];
  /** Proven: nothing costs less; null where the search found no bound. */
  readonly bound: number | null;
  /** By row, what one more of its bound would cost; only where every unknown is real and the answer is proven. */
  readonly duals: readonly number[];
}

export interface ProgramOptions {
  /** Seconds of search before giving up on the proof. */
  readonly timeLimitS?: number;
  readonly onProgress?: (progress: ProgramProgress) => void;
}

/** Past this the search gives what it has; chosen well over what a workshop's plan takes. */
const DEFAULT_TIME_LIMIT_S = 60;

/** The tightest tolerance that HiGHS takes. */
const EXACT = 1e-10;

/** HiGHS writes an absent bound as an infinity or as 1e30. */
const HUGE = 1e29;

let loading: Promise<Highs> | null = null;

/**
 * Minimizes a linear objective over whole and real unknowns, by the HiGHS branch-and-cut solver run to a
 * gap of zero. The caller owns what the numbers mean. Whole unknowns come back rounded to whole numbers.
 *
 * Throws where a row names a variable that is not there: that is the caller's mistake, not the maker's.
 *
 * @example
 * // 3a + 2b >= 7, a and b whole, cost 4a + 3b: a = 1, b = 2 costs 10
 * (await solveIntegerProgram(
 *   [{ cost: 4, lower: 0, upper: 9, whole: true }, { cost: 3, lower: 0, upper: 9, whole: true }],
 *   [{ terms: [[0, 3], [1, 2]], lower: 7, upper: Infinity }],
 * )).values // [1, 2]
 */
export async function solveIntegerProgram(
  variables: readonly ProgramVariable[],
  rows: readonly ProgramRow[],
  options: ProgramOptions = {},
): Promise<ProgramAnswer> {
  for (const row of rows) {
    for (const [variable] of row.terms) {
      if (!variables[variable]) {
        throw new RangeError(
          `solveIntegerProgram requires every term to name a variable; ${variable} is none`,
        );
      }
    }
  }
  loading ??= highsLoader();
  const highs = await loading;
  const { modelStatus, variableType, callbackType } = highs.constants;

  const starts = [0];
  for (const row of rows) starts.push((starts.at(-1) ?? 0) + row.terms.length);

  const program: ModelData = {
    numCols: variables.length,
    numRows: rows.length,
    colCost: variables.map((v) => v.cost),
    colLower: variables.map((v) => v.lower),
    colUpper: variables.map((v) => v.upper),
    rowLower: rows.map((r) => r.lower),
    rowUpper: rows.map((r) => r.upper),
    integrality: variables.map((v) => (v.whole ? variableType.integer : variableType.continuous)),
    matrix: {
      format: 'csr',
      numRows: rows.length,
      numCols: variables.length,
      starts,
      indices: rows.flatMap((r) => r.terms.map(([variable]) => variable)),
      values: rows.flatMap((r) => r.terms.map(([, coefficient]) => coefficient)),
    },
  };
  return highs.withModel(program, (model): ProgramAnswer => {
    model.options.set({
      output_flag: false,
      mip_rel_gap: 0,
      mip_abs_gap: 0,
      time_limit: options.timeLimitS ?? DEFAULT_TIME_LIMIT_S,
      // Without whole unknowns the solver can be exact for little; with them it would search for nothing.
      ...(variables.some(({ whole }) => whole)
        ? {}
        : { primal_feasibility_tolerance: EXACT, dual_feasibility_tolerance: EXACT }),
    });
    let bound: number | null = null;
    const report = ({ data }: { data: CallbackData }) => {
      bound = finiteOrNull(data.mip_dual_bound) ?? bound;
      options.onProgress?.({
        seconds: data.running_time ?? 0,
        best: finiteOrNull(data.mip_primal_bound),
        bound,
      });
      return undefined;
    };
    const result = model.run({
      [callbackType.mipLogging]: report,
      [callbackType.mipImprovingSolution]: report,
    });
    const solution = model.getSolution();
    const values = Array.from(solution.colValue, (value, index) =>
      variables[index]?.whole ? Math.round(value) : value,
    );
    if (result.modelStatus === modelStatus.infeasible)
      return { status: 'impossible', values: [], bound, duals: [] };
    if (result.modelStatus === modelStatus.optimal) {
      const duals = variables.some(({ whole }) => whole) ? [] : Array.from(solution.rowDual);
      return { status: 'optimal', values, bound, duals };
    }
    const isUsable = values.length === variables.length && rows.every((row) => holds(row, values));
    return isUsable
      ? { status: 'feasible', values, bound, duals: [] }
      : { status: 'none', values: [], bound, duals: [] };
  });
}

function finiteOrNull(value: number | undefined): number | null {
  return value !== undefined && Math.abs(value) < HUGE ? value : null;
}

function holds(row: ProgramRow, values: readonly number[]): boolean {
  const activity = row.terms.reduce(
    (total, [variable, coefficient]) => total + coefficient * (values[variable] ?? 0),
    0,
  );
  const slack = 1e-6 * Math.max(1, Math.abs(activity));
  return activity >= row.lower - slack && activity <= row.upper + slack;
}
