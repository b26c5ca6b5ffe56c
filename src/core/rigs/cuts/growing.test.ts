import { repeatableRandom } from '../../numeric/repeatable-random';
import { sum } from '../../numeric/sum';
import { cutGrid } from './cut-grid';
import { cutLongestFirst } from './cut-longest-first';
import { solveMaster, type CutColumn, type CutProblem } from './cut-master';
import { dive } from './dive';
import { growColumns, keyOf } from './grow-columns';
import { writePlan } from './write-plan';

const STOCK = [
  { id: 'long', lengthMm: 1000, count: null },
  { id: 'short', lengthMm: 600, count: 2 },
];
const PIECES = [
  { id: 'a', lengthMm: 450, count: 5 },
  { id: 'b', lengthMm: 300, count: 4 },
  { id: 'c', lengthMm: 120, count: 9 },
];
const PROBLEM: CutProblem = {
  lengthsMm: STOCK.map(({ lengthMm }) => lengthMm),
  stockCounts: STOCK.map(({ count }) => count),
  demand: PIECES.map(({ count }) => count),
};
const GRID = cutGrid(
  PROBLEM.lengthsMm,
  PIECES.map(({ lengthMm }) => lengthMm),
  0,
);
const SINGLES: CutColumn[] = PIECES.map((_, piece) => ({
  stock: 0,
  counts: PIECES.map((__, at) => (at === piece ? 1 : 0)),
}));

const openedMm = (plan: readonly CutColumn[]) =>
  sum(plan.map(({ stock }) => PROBLEM.lengthsMm[stock] ?? NaN));
const cutOf = (plan: readonly CutColumn[]) =>
  PIECES.map((_, piece) => sum(plan.map(({ counts }) => counts[piece] ?? 0)));

describe('cutLongestFirst', () => {
  it('cuts everything, from the shortest stock that holds the piece', () => {
    const opened = cutLongestFirst(STOCK, PIECES, 0)!;
    expect(cutOf(opened)).toEqual([5, 4, 9]);
    expect(opened[0]?.stock).toBe(1);
    expect(opened.filter(({ stock }) => stock === 1)).toHaveLength(2);
    for (const { stock, counts } of opened) {
      const mm = sum(counts.map((count, at) => count * (PIECES[at]?.lengthMm ?? 0)));
      expect(mm).toBeLessThanOrEqual(PROBLEM.lengthsMm[stock]!);
    }
  });

  it('says where the stock runs out', () => {
    expect(cutLongestFirst([{ id: 's', lengthMm: 500, count: 1 }], PIECES, 0)).toBeNull();
    expect(cutLongestFirst(STOCK, [{ id: 'x', lengthMm: 2000, count: 1 }], 0)).toBeNull();
  });

  it('counts the blade between two pieces', () => {
    const two = [{ id: 'p', lengthMm: 500, count: 2 }];
    expect(cutLongestFirst([STOCK[0]!], two, 0)).toHaveLength(1);
    expect(cutLongestFirst([STOCK[0]!], two, 1)).toHaveLength(2);
  });
});

describe('growColumns', () => {
  it('ends at a bound that no whole plan can beat, and above what the pieces are', async () => {
    const { boundMm, columns, answer } = await growColumns(PROBLEM, GRID, SINGLES);
    const pieces = sum(PIECES.map(({ lengthMm, count }) => lengthMm * count));
    expect(boundMm).toBeGreaterThanOrEqual(pieces - 1e-6);
    expect(boundMm).toBeLessThanOrEqual(openedMm(cutLongestFirst(STOCK, PIECES, 0)!) + 1e-6);
    expect(answer.short).toBeCloseTo(0, 9);
    expect(new Set(columns.map(keyOf)).size).toBe(columns.length);
    for (const { stock, counts } of columns) {
      const cells = sum(counts.map((count, at) => count * (GRID.sizes[at] ?? 0)));
      expect(cells).toBeLessThanOrEqual(GRID.rooms[stock]!);
    }
  });

  it('knows that pieces are left out where the stock is too little', async () => {
    const little = { ...PROBLEM, stockCounts: [1, 1] };
    expect((await growColumns(little, GRID, SINGLES)).answer.short).toBeGreaterThan(0.5);
  });
});

describe('dive', () => {
  it('makes a whole plan of it, no piece cut twice over', async () => {
    const { columns, boundMm } = await growColumns(PROBLEM, GRID, SINGLES);
    const plan = await dive(PROBLEM, GRID, columns, repeatableRandom(4));
    expect(cutOf(plan!)).toEqual([5, 4, 9]);
    expect(openedMm(plan!)).toBeGreaterThanOrEqual(boundMm! - 1e-6);
    expect(plan!.filter(({ stock }) => stock === 1).length).toBeLessThanOrEqual(2);
  });

  it('gives up where the stock does not hold all', async () => {
    const little = { ...PROBLEM, stockCounts: [1, 1] };
    const { columns } = await growColumns(little, GRID, SINGLES);
    expect(await dive(little, GRID, columns, repeatableRandom(4))).toBeNull();
  });
});

describe('solveMaster', () => {
  it('covers the demand with whole counts, within the stock, over a known least', async () => {
    const columns: CutColumn[] = [
      { stock: 0, counts: [2, 0, 0] },
      { stock: 0, counts: [0, 3, 0] },
      { stock: 1, counts: [1, 0, 1] },
      { stock: 0, counts: [0, 0, 8] },
    ];
    const { values, status } = await solveMaster(PROBLEM, columns, { whole: true });
    expect(status).toBe('optimal');
    const plan = columns.flatMap((column, at) => Array.from({ length: values[at] ?? 0 }, () => column));
    cutOf(plan).forEach((count, at) => expect(count).toBeGreaterThanOrEqual(PIECES[at]!.count));
    expect(values[2]).toBeLessThanOrEqual(2);
    const forced = await solveMaster(PROBLEM, columns, { whole: true, leastMm: openedMm(plan) + 400 });
    const more = columns.flatMap((column, at) =>
      Array.from({ length: forced.values[at] ?? 0 }, () => column),
    );
    expect(openedMm(more)).toBeGreaterThanOrEqual(openedMm(plan) + 400 - 1e-6);
  });
});

describe('writePlan', () => {
  it('puts lengths cut alike together and leaves out what is cut over the demand', () => {
    const opened: CutColumn[] = [
      { stock: 0, counts: [2, 0, 0] },
      { stock: 0, counts: [2, 0, 0] },
      { stock: 0, counts: [2, 0, 0] },
      { stock: 1, counts: [0, 2, 0] },
      { stock: 1, counts: [0, 2, 0] },
      { stock: 0, counts: [0, 0, 8] },
      { stock: 0, counts: [0, 0, 8] },
      { stock: 0, counts: [0, 0, 8] },
    ];
    const { used, patterns, wasteMm } = writePlan(STOCK, PIECES, opened);
    expect(used).toEqual([
      { stockId: 'long', count: 5 },
      { stockId: 'short', count: 2 },
    ]);
    expect(patterns[0]).toEqual({ stockId: 'long', times: 2, cuts: [{ id: 'a', count: 2 }] });
    expect(patterns.map(({ times }) => times)).toEqual([2, 1, 1, 1, 2]);
    const needed = sum(PIECES.map(({ lengthMm, count }) => lengthMm * count));
    expect(wasteMm).toBe(5 * 1000 + 2 * 600 - needed);
  });
});
