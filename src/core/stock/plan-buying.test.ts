import { repeatableRandom } from '../numeric/repeatable-random';
import { sum } from '../numeric/sum';
import { planBuying, type PackOffer } from './plan-buying';

/** The cheapest cover by trying every count of every pack. */
function cheapestByTrying(qty: number, offers: readonly PackOffer[]): number | null {
  const tryFrom = (at: number, left: number): number => {
    if (left <= 1e-9) return 0;
    const offer = offers[at];
    if (!offer) return Infinity;
    let best = Infinity;
    for (
      let packs = 0;
      packs <= Math.min(offer.maxPacks ?? Infinity, Math.ceil(left / offer.packQty));
      packs += 1
    ) {
      best = Math.min(best, packs * offer.price + tryFrom(at + 1, left - packs * offer.packQty));
    }
    return best;
  };
  const best = tryFrom(0, qty);
  return best === Infinity ? null : best;
}

describe('planBuying', () => {
  it('costs as little as trying every count does', async () => {
    const random = repeatableRandom(91);
    const whole = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));
    let bought = 0;
    for (let round = 0; round < 60; round += 1) {
      const qty = whole(1, 60) / 2;
      const offers: PackOffer[] = Array.from({ length: whole(1, 4) }, (_, nth) => ({
        item: 'x',
        packId: `p${nth}`,
        packQty: whole(1, 24) / 2,
        price: whole(1, 40) / 4,
        ...(random() < 0.5 ? { maxPacks: whole(0, 4) } : {}),
      }));
      const least = cheapestByTrying(qty, offers);
      const plan = await planBuying([{ item: 'x', qty }], offers);
      expect(plan.ok).toBe(least !== null);
      if (!plan.ok) {
        expect(plan.problem.code).toBe('buy.not-sold');
        continue;
      }
      bought += 1;
      expect(plan.value.optimal).toBe(true);
      expect(plan.value.cost).toBeCloseTo(least ?? NaN, 9);
      const packed = sum(
        plan.value.buy.map(
          ({ packId, packs }) => packs * (offers.find((o) => o.packId === packId)?.packQty ?? 0),
        ),
      );
      expect(packed - sum(plan.value.surplus.map((each) => each.qty))).toBeCloseTo(qty, 9);
    }
    expect(bought).toBeGreaterThan(30);
  });

  it('lets two items have packs of one name', async () => {
    const plan = await planBuying(
      [
        { item: 'a', qty: 3 },
        { item: 'b', qty: 3 },
      ],
      [
        { item: 'a', packId: 'ten', packQty: 10, price: 1 },
        { item: 'b', packId: 'ten', packQty: 10, price: 2 },
      ],
    );
    expect(plan.ok && plan.value.cost).toBe(3);
  });
});
