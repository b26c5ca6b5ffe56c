import { repeatableRandom } from '../numeric/repeatable-random';
import { planOrders, type SellerPack, type SellerPost } from './plan-orders';

/** The cheapest by trying every count of every pack. */
function byTrying(
  short: readonly { item: string; qty: number }[],
  packs: readonly SellerPack[],
  posts: readonly SellerPost[],
  most: number,
): number {
  let best = Infinity;
  const counts = packs.map(() => 0);
  const priceAt = (pack: SellerPack, many: number) =>
    [...pack.breaks].sort((a, b) => b.from - a.from).find(({ from }) => many >= from)?.price ?? pack.price;
  const judge = () => {
    for (const { item, qty } of short) {
      const got = packs.reduce(
        (so, pack, at) => so + (pack.item === item ? pack.packQty * counts[at]! : 0),
        0,
      );
      if (got < qty - 1e-9) return;
    }
    let cost = 0;
    for (const { sellerId, postage, freeFrom } of posts) {
      const goods = packs.reduce(
        (so, pack, at) => so + (pack.sellerId === sellerId ? counts[at]! * priceAt(pack, counts[at]!) : 0),
        0,
      );
      const isAsked = packs.some((pack, at) => pack.sellerId === sellerId && counts[at]! > 0);
      if (isAsked) cost += goods + (freeFrom !== null && goods >= freeFrom - 1e-9 ? 0 : postage);
    }
    best = Math.min(best, cost);
  };
  const go = (at: number): void => {
    if (at === packs.length) return judge();
    for (let many = 0; many <= most; many += 1) {
      counts[at] = many;
      go(at + 1);
    }
    counts[at] = 0;
  };
  go(0);
  return best;
}

describe('planOrders', () => {
  it('costs what trying every count finds, post and breaks and all', async () => {
    for (let start = 1; start <= 40; start += 1) {
      const random = repeatableRandom(start);
      const whole = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));
      const posts: SellerPost[] = ['a', 'b'].map((sellerId) => ({
        sellerId,
        postage: whole(0, 6),
        freeFrom: random() < 0.5 ? whole(5, 20) : null,
      }));
      const packs: SellerPack[] = Array.from({ length: 4 }, (_, nth) => {
        const price = whole(2, 9);
        return {
          item: nth % 2 === 0 ? 'hook' : 'bead',
          packId: `p${nth}`,
          sellerId: random() < 0.5 ? 'a' : 'b',
          packQty: whole(2, 6),
          price,
          breaks: random() < 0.5 ? [{ from: 2, price: price - 1 }] : [],
        };
      });
      const short = [
        { item: 'hook', qty: whole(1, 8) },
        { item: 'bead', qty: whole(1, 8) },
      ];
      const plan = await planOrders(short, packs, posts);
      if (!plan.ok) throw new Error(plan.problem.code);
      expect(plan.value.optimal).toBe(true);
      expect(plan.value.cost).toBeCloseTo(byTrying(short, packs, posts, 9), 6);
      for (const { item, qty } of short) {
        const got = plan.value.orders
          .flatMap(({ lines }) => lines)
          .reduce((so, { packId, packs: many }) => {
            const pack = packs.find((each) => each.packId === packId)!;
            return so + (pack.item === item ? many * pack.packQty : 0);
          }, 0);
        expect(got).toBeGreaterThanOrEqual(qty);
      }
    }
  });

  it('tops up to free post where that is cheaper than the post', async () => {
    const packs = [{ item: 'hook', packId: 'h', sellerId: 'a', packQty: 10, price: 14, breaks: [] }];
    const posts = [{ sellerId: 'a', postage: 5, freeFrom: 30 }];
    // Two cover it for 28 and the post; a third is 14 more and the post is free only past it.
    expect(await planOrders([{ item: 'hook', qty: 20 }], packs, posts)).toMatchObject({
      value: { cost: 33 },
    });
    const fillers = [
      ...packs,
      { item: 'hook', packId: 'one', sellerId: 'a', packQty: 1, price: 2, breaks: [] },
    ];
    expect(await planOrders([{ item: 'hook', qty: 20 }], fillers, posts)).toMatchObject({
      value: { cost: 30, orders: [{ goods: 30, postage: 0 }] },
    });
    // There is only so much of it.
    const few = fillers.map((pack) => ({ ...pack, maxPacks: pack.packId === 'one' ? 0 : 2 }));
    expect(await planOrders([{ item: 'hook', qty: 20 }], few, posts)).toMatchObject({ value: { cost: 33 } });
    expect(await planOrders([{ item: 'hook', qty: 21 }], few, posts)).toMatchObject({
      problem: { code: 'buy.not-sold', facts: { most: 20 } },
    });
  });

  it('covers what is asked to the billionth, in whatever amounts', async () => {
    for (let start = 1; start <= 60; start += 1) {
      const random = repeatableRandom(start);
      const packQty = 10 ** (random() * 6 - 3);
      const qty = packQty * (1 + Math.floor(random() * 900)) * (1 + (random() - 0.5) * 4e-9);
      const packs = [1, 3].map((times) => ({
        item: 'powder',
        packId: `p${times}`,
        sellerId: 'a',
        packQty: packQty * times,
        price: times * (1 + random() * 0.2),
        breaks: [],
      }));
      const plan = await planOrders([{ item: 'powder', qty }], packs, [
        { sellerId: 'a', postage: 4, freeFrom: null },
      ]);
      if (!plan.ok) throw new Error(plan.problem.code);
      const got = plan.value.orders
        .flatMap(({ lines }) => lines)
        .reduce(
          (so, line) => so + line.packs * packs.find(({ packId }) => packId === line.packId)!.packQty,
          0,
        );
      expect(got).toBeGreaterThanOrEqual(qty * (1 - 1e-9));
    }
  });

  it('buys more than is needed where that spares the post, and says who sells nothing', async () => {
    const packs: SellerPack[] = [
      { item: 'hook', packId: 'h', sellerId: 'a', packQty: 10, price: 5, breaks: [{ from: 3, price: 3 }] },
    ];
    const posts: SellerPost[] = [{ sellerId: 'a', postage: 4, freeFrom: 9 }];
    const plan = await planOrders([{ item: 'hook', qty: 20 }], packs, posts);
    expect(plan).toMatchObject({
      ok: true,
      value: { cost: 9, orders: [{ postage: 0, lines: [{ packId: 'h', packs: 3, priceEach: 3 }] }] },
    });
    const none = await planOrders([{ item: 'bead', qty: 1 }], packs, posts);
    expect(!none.ok && none.problem.code).toBe('buy.not-sold');
    const nobody = await planOrders([{ item: 'bead', qty: 1 }], [], []);
    expect(!nobody.ok && nobody.problem.code).toBe('buy.no-offers');
    expect(await planOrders([], [], [])).toMatchObject({ ok: true, value: { orders: [], cost: 0 } });
  });
});
