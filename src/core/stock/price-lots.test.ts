import fc from 'fast-check';
import { sum } from '../numeric/sum';
import { costNext, priceLots, type PricedMove } from './price-lots';

const came = (qty: number, unitCost: number | null): PricedMove => ({ qty, unitCost, isBack: false });
const went = (qty: number): PricedMove => ({ qty: -qty, unitCost: null, isBack: false });
const back = (qty: number): PricedMove => ({ qty, unitCost: null, isBack: true });

/** The same, piece by piece: a queue of single pieces, and a pile of those that left. */
function pieceByPiece(moves: readonly PricedMove[]): (number | null)[] {
  const there: (number | null)[] = [];
  const gone: (number | null)[] = [];
  let owed = 0;
  for (const { qty, unitCost, isBack } of moves) {
    for (let nth = 0; nth < Math.abs(qty); nth += 1) {
      if (qty < 0) {
        const piece = isBack ? there.pop() : there.shift();
        if (piece === undefined) owed += 1;
        else gone.push(piece);
      } else if (owed > 0) {
        owed -= 1;
        gone.push(unitCost);
      } else if (isBack && gone.length > 0) there.unshift(gone.pop() ?? null);
      else there.push(unitCost);
    }
  }
  return there;
}

describe('priceLots', () => {
  it('lets the oldest go first', () => {
    expect(priceLots([came(10, 1), came(10, 2), went(12)])).toEqual([{ qty: 8, unitCost: 2 }]);
  });

  it('puts back at the price at which it went', () => {
    expect(priceLots([came(10, 1), came(10, 2), went(12), back(3)])).toEqual([
      { qty: 1, unitCost: 1 },
      { qty: 2, unitCost: 2 },
      { qty: 8, unitCost: 2 },
    ]);
  });

  it('does as a queue of single pieces would', () => {
    const move = fc.oneof(
      fc
        .tuple(fc.integer({ min: 1, max: 6 }), fc.option(fc.integer({ min: 1, max: 9 })))
        .map(([qty, cost]) => came(qty, cost)),
      fc.integer({ min: 1, max: 8 }).map(went),
      fc.integer({ min: 1, max: 4 }).map((qty): PricedMove => ({ ...went(qty), isBack: true })),
      fc.integer({ min: 1, max: 4 }).map(back),
    );
    fc.assert(
      fc.property(fc.array(move, { maxLength: 14 }), (moves) => {
        const prices = pieceByPiece(moves);
        const lots = priceLots(moves);
        const spread = lots.flatMap(({ qty, unitCost }) =>
          Array.from({ length: Math.round(qty) }, () => unitCost),
        );
        const order = (list: readonly (number | null)[]) => [...list].sort((a, b) => (a ?? 0) - (b ?? 0));
        expect(order(spread)).toEqual(order(prices));
        expect(sum(lots.map(({ qty }) => qty))).toBe(prices.length);
      }),
    );
  });
});

describe('costNext', () => {
  it('takes lot by lot, and what is not there at the nearest price', () => {
    const lots = [
      { qty: 4, unitCost: 1 },
      { qty: 10, unitCost: 2 },
    ];
    expect(costNext(lots, 6, null)).toEqual({ cost: 8, pricedQty: 6 });
    expect(costNext(lots, 20, null)).toEqual({ cost: 4 + 32, pricedQty: 14 });
    expect(costNext([], 3, 0.5)).toEqual({ cost: 1.5, pricedQty: 0 });
    expect(costNext([], 3, null)).toEqual({ cost: null, pricedQty: 0 });
    expect(costNext([{ qty: 5, unitCost: null }, ...lots], 6, 9)).toEqual({ cost: 6, pricedQty: 1 });
  });
});
