import type { ProgramRow, ProgramVariable } from '../numeric/integer-program';
import type { GatheredMold, PourSolution } from './pour-plan';

interface PourProgram {
  readonly variables: readonly ProgramVariable[];
  readonly rows: readonly ProgramRow[];
  readonly read: (values: readonly number[]) => PourSolution;
}

/**
 * Writes the pour plan as an integer program. Unknowns: pours of each mold; whether it is set up (only where
 * that costs); for a group that can give several wanted keys, castings of each. Whether a cavity stays empty
 * needs no unknown: covering the demand from what the pours could give is the same.
 *
 * @example writePourProgram(new Map([['a', 3]]), []).rows.length // 1, which nothing covers
 */
export function writePourProgram(
  wanted: ReadonlyMap<string, number>,
  molds: readonly GatheredMold[],
): PourProgram {
  const variables: ProgramVariable[] = [];
  const rows: ProgramRow[] = [];
  const cover = new Map<string, [number, number][]>();
  const add = (variable: ProgramVariable) => variables.push(variable) - 1;
  const covers = (key: string, variable: number, castings: number) => {
    const terms = cover.get(key) ?? [];
    const term = terms.find(([known]) => known === variable);
    if (term) term[1] += castings;
    else terms.push([variable, castings]);
    cover.set(key, terms);
  };

  const unknowns = molds.map(({ mold, groups, mostPours }) => {
    const pours = add({ cost: mold.secondsPerPour, lower: 0, upper: mostPours, whole: true });
    if (mold.setupSeconds > 0) {
      const isSetUp = add({ cost: mold.setupSeconds, lower: 0, upper: 1, whole: true });
      rows.push({
        terms: [
          [pours, 1],
          [isSetUp, -mostPours],
        ],
        lower: -Infinity,
        upper: 0,
      });
    }
    const shared = groups.map((group) => {
      const [only] = group.wantedKeys;
      if (group.wantedKeys.length <= 1) {
        if (only !== undefined) covers(only, pours, group.slots);
        return null;
      }
      const byKey = new Map(
        group.wantedKeys.map((key) => {
          const castings = add({ cost: 0, lower: 0, upper: wanted.get(key) ?? 0, whole: true });
          covers(key, castings, 1);
          return [key, castings] as const;
        }),
      );
      const terms = [...byKey.values()].map((variable) => [variable, 1] as const);
      rows.push({ terms: [...terms, [pours, -group.slots]], lower: -Infinity, upper: 0 });
      return byKey;
    });
    return { pours, shared };
  });
  for (const [key, count] of wanted) {
    if (count > 0) rows.push({ terms: cover.get(key) ?? [], lower: count, upper: Infinity });
  }

  const read = (values: readonly number[]): PourSolution => {
    const at = (variable: number) => values[variable] ?? 0;
    return {
      pours: unknowns.map(({ pours }) => at(pours)),
      shared: unknowns.map(({ shared }) =>
        shared.map((byKey) => byKey && new Map([...byKey].map(([key, variable]) => [key, at(variable)]))),
      ),
    };
  };
  return { variables, rows, read };
}
