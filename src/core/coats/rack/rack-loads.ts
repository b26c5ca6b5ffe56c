import { solveIntegerProgram, type ProgramRow, type ProgramVariable } from '../../numeric/integer-program';
import { hangLoads } from './hang-loads';
import type { RackGroup, RackPlan, RackSize } from './rack-facts';
import { rodPatterns, type RodPattern } from './rod-patterns';

interface RackOptions {
  readonly timeLimitS?: number;
}

/** What the program decides, by place in its list of unknowns. */
interface Unknowns {
  /** Heads of a group in a cure. */
  readonly heads: ReadonlyMap<string, number>;
  /** Rods hung by a pattern in a cure. */
  readonly rods: ReadonlyMap<string, number>;
  readonly loads: readonly number[];
}

const cell = (a: number, cure: number) => `${a} ${cure}`;

/**
 * Hangs heads on as few oven loads as can be. A load has one cure, which must suit every head on it; a group may be
 * split over loads and cures. Of plans with as few loads, one with the least time in the oven is taken. Within a cure
 * heads are hung light before dark, so that little is to be cleaned between.
 *
 * An integer program over the fullest patterns of a rod, run to the proof; `optimal` is false where time ran out.
 *
 * @example await rackLoads([{ key: 'a', count: 5, slotsEach: 1, cures: [0], order: 0 }], [15], { rods: 2, slots: 2 })
 * // two loads: four heads and one
 */
export async function rackLoads(
  groups: readonly RackGroup[],
  /** Minutes of each cure, for choosing among plans alike. */
  cureMinutes: readonly number[],
  rack: RackSize,
  options: RackOptions = {},
): Promise<RackPlan> {
  const fits = (group: RackGroup) =>
    group.cures.length > 0 && group.slotsEach > 0 && group.slotsEach <= rack.slots;
  const hangable = groups.filter((group) => fits(group) && group.count > 0);
  const refused = groups.filter((group) => !fits(group)).map(({ key }) => key);
  if (hangable.length === 0) return { loads: [], optimal: true, refused };

  const sizes = [...new Set(hangable.map(({ slotsEach }) => slotsEach))].sort((a, b) => a - b);
  const patterns = rodPatterns(sizes, rack.slots);
  const cures = [...new Set(hangable.flatMap((group) => group.cures))].sort((a, b) => a - b);
  const { variables, unknowns } = listUnknowns(hangable, patterns, cures, cureMinutes);
  const rows = writeRows(hangable, sizes, patterns, cures, rack, unknowns);
  const answer = await solveIntegerProgram(
    variables,
    rows,
    options.timeLimitS === undefined ? {} : { timeLimitS: options.timeLimitS },
  );
  if (answer.values.length === 0) return { loads: [], optimal: false, refused: groups.map(({ key }) => key) };

  const value = (index: number | undefined) => (index === undefined ? 0 : (answer.values[index] ?? 0));
  const loads = cures.flatMap((cure) =>
    hangLoads({
      cure,
      heads: hangable.map((group, at) => ({ ...group, count: value(unknowns.heads.get(cell(at, cure))) })),
      rods: patterns.flatMap((pattern, at) =>
        Array.from({ length: value(unknowns.rods.get(cell(at, cure))) }, () => pattern),
      ),
      sizes,
      rack,
    }),
  );
  const order = new Map(hangable.map((group) => [group.key, group.order]));
  const lightest = ({ hung }: (typeof loads)[number]) =>
    Math.min(...hung.map(({ key }) => order.get(key) ?? 0));
  return {
    loads: loads.sort((a, b) => lightest(a) - lightest(b)),
    optimal: answer.status === 'optimal',
    refused,
  };
}

function listUnknowns(
  groups: readonly RackGroup[],
  patterns: readonly RodPattern[],
  cures: readonly number[],
  cureMinutes: readonly number[],
): { variables: ProgramVariable[]; unknowns: Unknowns } {
  const variables: ProgramVariable[] = [];
  const add = (variable: ProgramVariable) => variables.push(variable) - 1;
  const all = groups.reduce((so, { count }) => so + count, 0);
  const whole = { lower: 0, upper: all, whole: true };
  // However many loads, their minutes together never weigh as much as one load more.
  const minuteCost = 1 / (1 + all * Math.max(1, ...cures.map((cure) => cureMinutes[cure] ?? 0)));
  const heads = new Map<string, number>();
  const rods = new Map<string, number>();
  const loads = cures.map((cure) => {
    groups.forEach((group, at) => {
      if (group.cures.includes(cure))
        heads.set(cell(at, cure), add({ ...whole, cost: 0, upper: group.count }));
    });
    patterns.forEach((_, at) => rods.set(cell(at, cure), add({ ...whole, cost: 0 })));
    return add({ ...whole, cost: 1 + minuteCost * (cureMinutes[cure] ?? 0) });
  });
  return { variables, unknowns: { heads, rods, loads } };
}

function writeRows(
  groups: readonly RackGroup[],
  sizes: readonly number[],
  patterns: readonly RodPattern[],
  cures: readonly number[],
  rack: RackSize,
  { heads, rods, loads }: Unknowns,
): ProgramRow[] {
  const term = (index: number | undefined, coefficient: number): (readonly [number, number])[] =>
    index === undefined || coefficient === 0 ? [] : [[index, coefficient]];
  // Every head hangs somewhere.
  const everyHead = groups.map((group, at): ProgramRow => ({
    terms: cures.flatMap((cure) => term(heads.get(cell(at, cure)), 1)),
    lower: group.count,
    upper: group.count,
  }));
  // The rods of a cure have room for its heads of each size.
  const room = cures.flatMap((cure) =>
    sizes.map((size, sizeAt): ProgramRow => ({
      terms: [
        ...patterns.flatMap((pattern, at) => term(rods.get(cell(at, cure)), pattern[sizeAt] ?? 0)),
        ...groups.flatMap((group, at) =>
          group.slotsEach === size ? term(heads.get(cell(at, cure)), -1) : [],
        ),
      ],
      lower: 0,
      upper: Infinity,
    })),
  );
  // And its loads carry those rods.
  const carried = cures.map((cure, cureAt): ProgramRow => ({
    terms: [
      ...term(loads[cureAt], rack.rods),
      ...patterns.flatMap((_, at) => term(rods.get(cell(at, cure)), -1)),
    ],
    lower: 0,
    upper: Infinity,
  }));
  return [...everyHead, ...room, ...carried];
}
