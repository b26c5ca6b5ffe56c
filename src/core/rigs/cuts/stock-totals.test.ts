import fc from 'fast-check';
import { repeatableRandom } from '../../numeric/repeatable-random';
import { fillLengths } from './fill-lengths';
import { stockTotals } from './stock-totals';

const stocks = fc.array(
  fc.record({
    mm: fc.integer({ min: 3, max: 60 }).map((tens) => tens * 10),
    count: fc.option(fc.integer({ min: 0, max: 3 }), { nil: null }),
  }),
  { minLength: 1, maxLength: 4 },
);

/** Every total that the stock reaches, by trying every count. */
function totalsByTrying(list: readonly { mm: number; count: number | null }[], mostMm: number): Set<number> {
  let totals = new Set([0]);
  for (const { mm, count } of list) {
    const next = new Set<number>();
    for (const total of totals) {
      for (let used = 0; used <= (count ?? Infinity) && total + used * mm <= mostMm; used += 1) {
        next.add(total + used * mm);
      }
    }
    totals = next;
  }
  return totals;
}

describe('stockTotals', () => {
  it('finds the next total that whole stock reaches', () => {
    expect(stockTotals([300, 500], [null, null], 5000).nextFrom(900)).toBe(900);
    expect(stockTotals([300, 500], [1, null], 5000).nextFrom(900)).toBe(1000);
    fc.assert(
      fc.property(stocks, fc.integer({ min: 0, max: 900 }), (list, least) => {
        const mostMm = 1000 + Math.max(...list.map(({ mm }) => mm));
        const reached = [...totalsByTrying(list, mostMm)].filter((total) => total >= least);
        fc.pre(reached.some((total) => total <= 1000));
        const { nextFrom } = stockTotals(
          list.map(({ mm }) => mm),
          list.map(({ count }) => count),
          1000,
        );
        expect(nextFrom(least)).toBe(Math.min(...reached));
      }),
    );
  });

  it('shares a total out among the stock there is, near to what is wished', () => {
    const random = repeatableRandom(5);
    const { sharesOf, nextFrom } = stockTotals([1000, 700, 450], [4, 2, null], 12_000);
    for (let least = 1000; least < 9000; least += 333) {
      const total = nextFrom(least);
      const shares = sharesOf(total, [2, 1, 3], random)!;
      expect(shares[0]! * 1000 + shares[1]! * 700 + shares[2]! * 450).toBe(total);
      expect(shares[0]).toBeLessThanOrEqual(4);
      expect(shares[1]).toBeLessThanOrEqual(2);
    }
    expect(sharesOf(150, [], random)).toBeNull();
  });

  it('bounds nothing where lengths have no common measure', () => {
    const odd = stockTotals([Math.PI * 100, 700], [null, null], 5000);
    expect(odd.nextFrom(123.4)).toBe(123.4);
    expect(odd.sharesOf(700, [], () => 0)).toBeNull();
  });
});

describe('fillLengths', () => {
  const grid = { sizes: [3, 5, 7], rooms: [20, 50], isExact: true };

  it('cuts everything or says that a piece stays over', () => {
    const random = repeatableRandom(9);
    const plan = fillLengths(grid, [10, 6, 4], [2, 1], random);
    expect(plan).not.toBeNull();
    const cut = [0, 1, 2].map((piece) => plan!.reduce((sum, { counts }) => sum + (counts[piece] ?? 0), 0));
    expect(cut).toEqual([10, 6, 4]);
    for (const { stock, counts } of plan!) {
      const cells = counts.reduce((sum, count, at) => sum + count * grid.sizes[at]!, 0);
      expect(cells).toBeLessThanOrEqual(grid.rooms[stock]!);
    }
    expect(fillLengths(grid, [10, 6, 4], [2, 0], random)).toBeNull();
    expect(fillLengths(grid, [0, 0, 0], [1, 0], random)).toEqual([]);
  });
});
