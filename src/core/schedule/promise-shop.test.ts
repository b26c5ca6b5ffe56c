import { EVENINGS, promisesHeld } from '../../../tests/support/known-week';
import { repeatableRandom } from '../numeric/repeatable-random';
import { planShop } from './plan-shop';
import { promiseShop } from './promise-shop';
import type { Shop, ShopPlan } from './shop';

function planned(shop: Shop): ShopPlan {
  const plan = planShop(shop);
  if (!plan.ok) throw new Error(plan.problem.code);
  return plan.value;
}

describe('what can be promised of a plan', () => {
  it('holds nine times in ten on weeks of makers whose true pace and scrap are known', () => {
    const weeks = Array.from({ length: 150 }, (_, nth) => promisesHeld(nth + 1, 120));
    const told = weeks.reduce((so, week) => so + week.told, 0);
    const share = weeks.reduce((so, week) => so + week.held, 0) / told;
    expect(told).toBe(600);
    expect(share).toBeGreaterThan(0.85);
    expect(share).toBeLessThan(0.95);
  });

  it('is the plan itself where nothing spreads, and never where hands are not there for it', () => {
    const shop: Shop = {
      tasks: [
        { id: 'a', minutes: 60, hands: true, order: 'o' },
        { id: 'b', minutes: 90, hands: true, order: 'o', after: [{ id: 'a' }] },
      ],
      places: [],
      windows: EVENINGS.slice(0, 2),
      orders: [{ id: 'o', dueMin: 0 }],
    };
    const plan = planned(shop);
    const [promise] = promiseShop(shop, plan, () => 0, repeatableRandom(1), 5);
    expect(promise).toEqual({ id: 'o', soonestMin: 2700, middleMin: 2700, latestMin: 2700 });
    const short = { ...shop, windows: EVENINGS.slice(0, 1) };
    expect(promiseShop(short, plan, () => 0, repeatableRandom(1), 5)[0]?.latestMin).toBe(Infinity);
  });
});
