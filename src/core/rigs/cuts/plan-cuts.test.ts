import { bigCut } from '../../../../tests/support/big-cut';
import { repeatableRandom } from '../../numeric/repeatable-random';
import { sum } from '../../numeric/sum';
import type { CutPiece, CutPlan, CutStock } from './cut-facts';
import { cutLongestFirst } from './cut-longest-first';
import { planCuts } from './plan-cuts';

async function plan(
  stock: readonly CutStock[],
  pieces: readonly CutPiece[],
  kerfMm: number,
): Promise<CutPlan> {
  const outcome = await planCuts(stock, pieces, kerfMm);
  if (!outcome.ok) throw new Error(outcome.problem.code);
  return outcome.value;
}

const opened = (stock: readonly CutStock[], { used }: CutPlan) =>
  sum(used.map(({ stockId, count }) => count * (stock.find(({ id }) => id === stockId)?.lengthMm ?? NaN)));

/** The least length that holds all pieces, by trying every way to share them out. */
function leastByTrying(
  stock: readonly CutStock[],
  pieces: readonly CutPiece[],
  kerfMm: number,
): number | null {
  const all = pieces
    .flatMap(({ lengthMm, count }) => Array.from({ length: count }, () => lengthMm))
    .sort((a, b) => b - a);
  let best = Infinity;
  const left = stock.map(({ count }) => count ?? Infinity);
  const rooms: number[] = [];
  const go = (at: number, total: number) => {
    if (total >= best) return;
    const mm = all[at];
    if (mm === undefined) {
      best = total;
      return;
    }
    const seen = new Set<number>();
    rooms.forEach((room, nth) => {
      if (room < mm + kerfMm - 1e-9 || seen.has(room)) return;
      seen.add(room);
      rooms[nth] = room - mm - kerfMm;
      go(at + 1, total);
      rooms[nth] = room;
    });
    stock.forEach(({ lengthMm }, nth) => {
      if ((left[nth] ?? 0) < 1 || lengthMm < mm - 1e-9) return;
      left[nth] = (left[nth] ?? 0) - 1;
      rooms.push(lengthMm + kerfMm - mm - kerfMm);
      go(at + 1, total + lengthMm);
      rooms.pop();
      left[nth] = (left[nth] ?? 0) + 1;
    });
  };
  go(0, 0);
  return best === Infinity ? null : best;
}

/** Every pattern can be cut, every piece is there, no stock is overdrawn. */
function expectCuttable(
  stock: readonly CutStock[],
  pieces: readonly CutPiece[],
  kerfMm: number,
  { patterns, used, wasteMm }: CutPlan,
) {
  for (const { stockId, cuts } of patterns) {
    const on = stock.find(({ id }) => id === stockId);
    const count = sum(cuts.map((cut) => cut.count));
    const mm = sum(
      cuts.map(({ id, count: often }) => often * (pieces.find((p) => p.id === id)?.lengthMm ?? NaN)),
    );
    expect(mm + kerfMm * (count - 1)).toBeLessThanOrEqual((on?.lengthMm ?? 0) + 1e-6);
  }
  for (const { id, count } of pieces) {
    const made = patterns.map(({ times, cuts }) => times * (cuts.find((cut) => cut.id === id)?.count ?? 0));
    expect(sum(made)).toBe(count);
  }
  for (const { stockId, count } of used) {
    expect(count).toBeLessThanOrEqual(stock.find(({ id }) => id === stockId)?.count ?? Infinity);
    expect(sum(patterns.filter((each) => each.stockId === stockId).map(({ times }) => times))).toBe(count);
  }
  const needMm = sum(pieces.map(({ lengthMm, count }) => lengthMm * count));
  expect(wasteMm).toBeCloseTo(opened(stock, { patterns, used, wasteMm, optimal: true }) - needMm, 6);
}

describe('planCuts', () => {
  it('opens as little as trying every way does', async () => {
    const random = repeatableRandom(408);
    const whole = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));
    let cut = 0;
    for (let round = 0; round < 60; round += 1) {
      const stock: CutStock[] = Array.from({ length: whole(1, 3) }, (_, nth) => ({
        id: `s${nth}`,
        lengthMm: whole(20, 60) * (round % 3 === 0 ? 1.37 : 10),
        count: random() < 0.5 ? null : whole(0, 4),
      }));
      const pieces: CutPiece[] = Array.from({ length: whole(1, 3) }, (_, nth) => ({
        id: `p${nth}`,
        lengthMm: whole(6, 20) * (round % 3 === 0 ? 1.37 : 10),
        count: whole(1, 3),
      }));
      const kerfMm = round % 2 === 0 ? 0 : 2;
      const least = leastByTrying(stock, pieces, kerfMm);
      const outcome = await planCuts(stock, pieces, kerfMm);
      expect(outcome.ok).toBe(least !== null);
      if (!outcome.ok) {
        expect(['cut.too-little', 'cut.too-long']).toContain(outcome.problem.code);
        continue;
      }
      cut += 1;
      expect(outcome.value.optimal).toBe(true);
      expect(opened(stock, outcome.value)).toBeCloseTo(least ?? NaN, 6);
      expectCuttable(stock, pieces, kerfMm, outcome.value);
    }
    expect(cut).toBeGreaterThan(30);
  });

  it.each([3, 14, 29])(
    'proves two hundred pieces of twelve lengths from five stocks, start %i',
    async (start) => {
      const { stock, pieces, kerfMm } = bigCut(start);
      const answer = await plan(stock, pieces, kerfMm);
      expect(answer.optimal).toBe(true);
      expectCuttable(stock, pieces, kerfMm, answer);
      const greedy = cutLongestFirst(stock, pieces, kerfMm) ?? [];
      const greedyMm = sum(greedy.map((each) => stock[each.stock]?.lengthMm ?? 0));
      expect(opened(stock, answer)).toBeLessThanOrEqual(greedyMm);
    },
  );

  it('counts the kerf between cuts and not after one that ends flush', async () => {
    const two: CutPiece[] = [{ id: 'p', lengthMm: 499.5, count: 2 }];
    const stock: CutStock[] = [{ id: 's', lengthMm: 1000, count: null }];
    expect((await plan(stock, two, 1)).used).toEqual([{ stockId: 's', count: 1 }]);
    expect((await plan(stock, two, 1.01)).used).toEqual([{ stockId: 's', count: 2 }]);
    // What is left is shorter than the blade is wide.
    expect((await plan(stock, [{ id: 'p', lengthMm: 999.5, count: 1 }], 1)).wasteMm).toBeCloseTo(0.5, 9);
  });

  it('takes the offcut before it opens a stick', async () => {
    const stock: CutStock[] = [
      { id: 'stick', lengthMm: 1000, count: null },
      { id: 'offcut', lengthMm: 310, count: 1 },
    ];
    const { used, patterns } = await plan(stock, [{ id: 'p', lengthMm: 300, count: 4 }], 0);
    expect(used).toEqual([
      { stockId: 'stick', count: 1 },
      { stockId: 'offcut', count: 1 },
    ]);
    expect(patterns).toHaveLength(2);
  });

  it('says what is too long, twice there, or not enough', async () => {
    const stock: CutStock[] = [{ id: 's', lengthMm: 100, count: 1 }];
    const code = async (...args: Parameters<typeof planCuts>) => {
      const outcome = await planCuts(...args);
      return outcome.ok ? null : outcome.problem.code;
    };
    expect(await code([], [{ id: 'p', lengthMm: 1, count: 1 }], 0)).toBe('cut.no-stock');
    expect(await code(stock, [{ id: 'p', lengthMm: 101, count: 1 }], 0)).toBe('cut.too-long');
    expect(await code(stock, [{ id: 'p', lengthMm: 60, count: 2 }], 0)).toBe('cut.too-little');
    expect(await code([...stock, ...stock], [{ id: 'p', lengthMm: 60, count: 1 }], 0)).toBe(
      'cut.same-id-twice',
    );
    expect(await code(stock, [{ id: 'p', lengthMm: 101, count: 0 }], 0)).toBeNull();
  });
});
