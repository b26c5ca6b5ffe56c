import fc from 'fast-check';
import { checkShop } from './check-shop';
import { eveningList } from './evening-list';
import { serialPlan } from './serial-plan';
import type { Shop, ShopTask } from './shop';
import { shopNetwork } from './shop-network';

function networkOf(shop: Shop) {
  const checked = checkShop(shop);
  if (!checked.ok) throw new Error(checked.problem.code);
  return shopNetwork(shop, checked.value);
}

const task = (id: string, minutes: number, order = 'a'): ShopTask => ({ id, minutes, hands: true, order });

describe('a list evening by evening', () => {
  const shop: Shop = {
    tasks: [task('long', 50), task('short', 40, 'b'), task('other', 20, 'c')],
    places: [],
    windows: [
      { fromMin: 0, toMin: 60 },
      { fromMin: 100, toMin: 160 },
    ],
    orders: ['a', 'b', 'c'].map((id) => ({ id, dueMin: 0 })),
  };
  const named = (spareMin: number) => {
    const network = networkOf(shop);
    return eveningList(
      network,
      [0, 1, 2],
      network.windows.map(() => spareMin),
    )?.map((at) => network.ids[at]);
  };

  it('takes what is first by rank', () => {
    expect(named(Infinity)).toEqual(['long', 'short', 'other']);
    expect(named(15)).toEqual(['long', 'short', 'other']);
  });

  it('gives way to what fills the evening better by more than is spared', () => {
    // 50 leave ten minutes that nothing fills; 40 and 20 leave none.
    expect(named(5)).toEqual(['short', 'other', 'long']);
  });

  it('is nothing where the evenings run out', () => {
    expect(
      eveningList(networkOf({ ...shop, windows: [{ fromMin: 0, toMin: 60 }] }), [0, 1, 2], [0]),
    ).toBeNull();
  });

  it('waits within an evening for what is soon to be gone on with', () => {
    const drying: Shop = {
      ...shop,
      tasks: [
        task('glue', 10),
        { id: 'dry', minutes: 20, hands: false, order: 'a', after: [{ id: 'glue' }] },
        { ...task('build', 10), after: [{ id: 'dry', waitMin: 5 }] },
      ],
    };
    const network = networkOf(drying);
    const list = eveningList(network, [0, 1, 2], [0, 0]);
    expect(list?.map((at) => network.ids[at])).toEqual(['glue', 'dry', 'build']);
    expect(serialPlan(network, list!)).toEqual(Float64Array.of(0, 10, 35));
  });

  it('has every task once, after all that it waits for, whatever is spared', () => {
    const shops = fc.array(
      fc.record({
        minutes: fc.integer({ min: 1, max: 30 }),
        hands: fc.boolean(),
        after: fc.option(fc.nat(20), { nil: null }),
        order: fc.constantFrom('a', 'b', 'c'),
      }),
      { minLength: 1, maxLength: 14 },
    );
    fc.assert(
      fc.property(shops, fc.constantFrom(0, 3, 8, Infinity), (given, spareMin) => {
        const network = networkOf({
          ...shop,
          windows: Array.from({ length: 40 }, (_, nth) => ({ fromMin: 100 * nth, toMin: 100 * nth + 45 })),
          tasks: given.map(({ after, ...each }, nth) => ({
            ...each,
            id: `t${nth}`,
            after: after === null || nth === 0 ? [] : [{ id: `t${after % nth}`, waitMin: 7 }],
          })),
        });
        const list = eveningList(
          network,
          [2, 0, 1],
          network.windows.map(() => spareMin),
        );
        expect([...list!].sort((a, b) => a - b)).toEqual(network.tasks.map((_, at) => at));
        for (const [at, { after }] of network.tasks.entries()) {
          for (const { task: earlier } of after)
            expect(list!.indexOf(earlier)).toBeLessThan(list!.indexOf(at));
        }
        expect(serialPlan(network, list!)).not.toBeNull();
      }),
    );
  });
});
