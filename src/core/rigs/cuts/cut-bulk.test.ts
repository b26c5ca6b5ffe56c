import { cutBulk } from './cut-bulk';
import { cutGrid } from './cut-grid';
import { planCuts } from './plan-cuts';

const stock = [
  { id: 'roll', lengthMm: 30_000, count: null },
  { id: 'stick', lengthMm: 1000, count: 40 },
];
const pieces = (all: number) => [
  { id: 'a', lengthMm: 310, count: all / 2 },
  { id: 'b', lengthMm: 220, count: all / 4 },
  { id: 'c', lengthMm: 457, count: all / 4 },
];

describe('cutBulk', () => {
  it('leaves a short list alone', async () => {
    const problem = { lengthsMm: [1000], stockCounts: [null], demand: [399] };
    const { cut, rest } = await cutBulk(problem, cutGrid([1000], [300], 0));
    expect(cut).toEqual([]);
    expect(rest).toBe(problem);
  });

  it('cuts the bulk, never over what is wanted or there', async () => {
    const problem = { lengthsMm: [1000, 500], stockCounts: [200, null], demand: [1500, 700] };
    const { cut, rest, isShort } = await cutBulk(problem, cutGrid([1000, 500], [300, 190], 0));
    expect(isShort).toBe(false);
    const made = [0, 1].map((piece) =>
      cut.reduce((sum, { counts, times }) => sum + times * (counts[piece] ?? 0), 0),
    );
    expect(made.map((count, piece) => count + rest.demand[piece]!)).toEqual([1500, 700]);
    expect(rest.demand.every((count) => count >= 0)).toBe(true);
    expect(rest.stockCounts[0]).toBeGreaterThanOrEqual(0);
    expect(rest.demand.reduce((sum, count) => sum + count, 0)).toBeLessThan(260);
  });

  it('knows where the stock cannot hold it', async () => {
    const problem = { lengthsMm: [1000], stockCounts: [3], demand: [1500] };
    expect((await cutBulk(problem, cutGrid([1000], [300], 0))).isShort).toBe(true);
  });
});

describe('planCuts with very many pieces', () => {
  it('gives every piece, opens what the bound allows, and says so', async () => {
    const planned = await planCuts(stock, pieces(100_000), 1);
    if (!planned.ok) throw new Error(planned.problem.code);
    const { patterns, used, optimal, wasteMm } = planned.value;
    const cut = new Map<string, number>();
    for (const { stockId, times, cuts } of patterns) {
      const length = cuts.reduce(
        (mm, { id, count }) => mm + count * ((pieces(1).find((piece) => piece.id === id)?.lengthMm ?? 0) + 1),
        -1,
      );
      expect(length).toBeLessThanOrEqual(stock.find(({ id }) => id === stockId)!.lengthMm);
      for (const { id, count } of cuts) cut.set(id, (cut.get(id) ?? 0) + times * count);
    }
    expect(Object.fromEntries(cut)).toEqual({ a: 50_000, b: 25_000, c: 25_000 });
    const openedMm = used.reduce(
      (mm, { stockId, count }) => mm + count * stock.find(({ id }) => id === stockId)!.lengthMm,
      0,
    );
    expect(openedMm).toBeCloseTo(wasteMm + 50_000 * 310 + 25_000 * (220 + 457), 3);
    // A kerf after each piece but the last of a length is the least that is lost.
    expect(wasteMm).toBeLessThan(100_000 + 2 * 30_000);
    expect(optimal).toBe(true);
  });

  it('says that too little is there', async () => {
    const planned = await planCuts([{ id: 'stick', lengthMm: 1000, count: 5 }], pieces(4000), 1);
    expect(planned.ok ? null : planned.problem.code).toBe('cut.too-little');
  });
});
