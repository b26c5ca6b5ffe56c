import fc from 'fast-check';
import { checkShop } from './check-shop';
import { planShop } from './plan-shop';
import type { Shop, ShopTask } from './shop';
import { shopNetwork } from './shop-network';
import { workBound, type WorkBound } from './work-bound';

function boundOf(shop: Shop, upTo = Infinity, mostSets?: number): WorkBound {
  const checked = checkShop(shop);
  if (!checked.ok) throw new Error(checked.problem.code);
  return workBound(shopNetwork(shop, checked.value), upTo, mostSets);
}

function sequencesOf(orders: readonly number[]): number[][] {
  if (orders.length === 0) return [[]];
  return orders.flatMap((order) =>
    sequencesOf(orders.filter((other) => other !== order)).map((rest) => [order, ...rest]),
  );
}

/** How late all are in a sequence, minute by minute: work goes on whenever hands are there, whatever it is. */
function lateBySequence(shop: Shop, sequence: readonly number[]): number {
  const isThere = (minute: number) =>
    shop.windows.some(({ fromMin, toMin }) => minute >= fromMin && minute < toMin);
  const done = new Set<string>();
  let [minute, late] = [0, 0];
  for (const order of sequence) {
    const own = (task: ShopTask) =>
      task.order === `o${order}` || (task.id.startsWith('shared') && task.id.includes(`-${order}-`));
    let work = 0;
    for (const task of shop.tasks.filter(own)) {
      if (!done.has(task.id)) work += task.minutes;
      done.add(task.id);
    }
    for (; work > 0; minute += 1) if (isThere(minute)) work -= 1;
    const due = shop.orders[order]!.dueMin;
    late += Math.max(0, minute - due);
  }
  return late;
}

/** Orders of one task each, and tasks that several of them wait for. */
const shops = fc
  .record({
    works: fc.array(fc.tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 0, max: 60 })), {
      minLength: 1,
      maxLength: 5,
    }),
    shared: fc.array(fc.tuple(fc.integer({ min: 1, max: 6 }), fc.nat(4), fc.nat(4)), { maxLength: 2 }),
    wide: fc.integer({ min: 9, max: 20 }),
  })
  .map(({ works, shared, wide }): Shop => {
    const among = shared
      .map(([minutes, one, other], nth) => ({
        id: `shared${nth}-${one % works.length}-${other % works.length}-`,
        minutes,
        of: [one % works.length, other % works.length],
      }))
      .filter(({ of: [one, other] }) => one !== other);
    return {
      places: [],
      orders: works.map(([, dueMin], nth) => ({ id: `o${nth}`, dueMin })),
      windows: Array.from({ length: 12 }, (_, nth) => ({ fromMin: 30 * nth, toMin: 30 * nth + wide })),
      tasks: [
        ...among.map(({ id, minutes }) => ({ id, minutes, hands: true })),
        ...works.map(([minutes], nth) => ({
          id: `t${nth}`,
          minutes,
          hands: true,
          order: `o${nth}`,
          after: among.filter(({ of }) => of.includes(nth)).map(({ id }) => ({ id })),
        })),
      ],
    };
  });

describe('how late orders are at the least by their work', () => {
  it('is as late as the best of all sequences, where each alone could be in time', () => {
    fc.assert(
      fc.property(shops, (shop) => {
        // Long before any is due alone: only the work of the others makes one late.
        const far = {
          ...shop,
          orders: shop.orders.map((order) => ({ ...order, dueMin: order.dueMin + 70 })),
        };
        const all = sequencesOf(shop.orders.map((_, nth) => nth));
        const least = Math.min(...all.map((sequence) => lateBySequence(far, sequence)));
        const { lateMin, sequence } = boundOf(far);
        expect(lateMin).toBeCloseTo(least, 9);
        expect(lateBySequence(far, sequence!)).toBeCloseTo(least, 9);
      }),
    );
  });

  it('is never over what a plan proves, with one pair of hands or two', () => {
    fc.assert(
      fc.property(shops, fc.constantFrom(1, 2), (shop, pairs) => {
        const plan = planShop({ ...shop, pairs });
        if (!plan.ok) return;
        expect(boundOf({ ...shop, pairs }).lateMin).toBeLessThanOrEqual(plan.value.totalLateMin + 1e-9);
      }),
    );
  });

  it('is no more, and still a bound, where fewer sets are held', () => {
    fc.assert(
      fc.property(shops, fc.integer({ min: 0, max: 3 }), (shop, most) => {
        const { lateMin } = boundOf(shop);
        const less = boundOf(shop, Infinity, most).lateMin;
        expect(less).toBeLessThanOrEqual(lateMin + 1e-9);
        expect(less).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  it('is what is asked for where nothing is less late', () => {
    fc.assert(
      fc.property(shops, fc.nat(100), (shop, upTo) => {
        expect(boundOf(shop, upTo).lateMin).toBeCloseTo(Math.min(upTo, boundOf(shop).lateMin), 9);
      }),
    );
  });

  it('counts two pairs of hands twice', () => {
    const shop: Shop = {
      tasks: [0, 1].map((nth) => ({ id: `t${nth}`, minutes: 60, hands: true, order: `o${nth}` })),
      places: [],
      windows: [{ fromMin: 0, toMin: 120 }],
      orders: [0, 1].map((nth) => ({ id: `o${nth}`, dueMin: 60 })),
    };
    expect(boundOf(shop).lateMin).toBe(60);
    expect(boundOf({ ...shop, pairs: 2 }).lateMin).toBe(0);
    expect(planShop({ ...shop, pairs: 2 })).toMatchObject({ value: { totalLateMin: 0, boundLateMin: 0 } });
  });
});
