import { done, fail, type Outcome } from '../problems/problem';
import { checkShop } from './check-shop';
import { firstLists } from './first-plans';
import { improvePlan, type ValuedPlan } from './improve-plan';
import { leastEnds } from './least-ends';
import { provePlan } from './prove-plan';
import type { Shop, ShopPlan } from './shop';
import { shopNetwork } from './shop-network';
import { isBetter, orderEnds, valueOf } from './value-plan';
import { workBound } from './work-bound';

export interface PlanShopOptions {
  /** How many small changes are tried; by the number of tasks where left out. */
  readonly tries?: number;
  /** How many steps a proof may take; by the number of tasks where left out. */
  readonly steps?: number;
}

const [LEAST_TRIES, MOST_TRIES, TRIED_TASKS] = [60, 4000, 1_200_000];
const [LEAST_STEPS, PROVEN_TASKS] = [2000, 400_000];

/**
 * When what is done in a small shop, with one pair of hands: least late all together, then finished soonest all
 * together. Tasks by hand never overlap and lie whole within one window; others run by themselves at any time. Plans by
 * several rules, the best of them made better by many small changes, then gone through to proof where there are few enough
 * tasks. Never worse than first due first served.
 *
 * Problems: those of `checkShop`; `shop.no-window` where the hands are not there for all of it; `plan.unfinished` where
 * no plan was found and none is proven impossible.
 *
 * @example
 * // glue for half an hour's work, a night's drying, then the rest: the second evening
 * planShop({ tasks: [{ id: 'glue', minutes: 30, hands: true, order: 'a' },
 *   { id: 'tie', minutes: 20, hands: true, order: 'a', after: [{ id: 'glue', waitMin: 600 }] }], places: [],
 *   windows: [{ fromMin: 0, toMin: 120 }, { fromMin: 1440, toMin: 1560 }], orders: [{ id: 'a', dueMin: 1500 }] })
 * // starts 0 and 1440, finished at 1460, not late, optimal
 */
export function planShop(shop: Shop, options: PlanShopOptions = {}): Outcome<ShopPlan> {
  const checked = checkShop(shop);
  if (!checked.ok) return checked;
  const network = shopNetwork(shop, checked.value);
  const count = Math.max(1, network.tasks.length);
  const tries = options.tries ?? Math.min(MOST_TRIES, Math.max(LEAST_TRIES, Math.floor(TRIED_TASKS / count)));
  const steps = options.steps ?? Math.max(LEAST_STEPS, Math.floor(PROVEN_TASKS / count ** 1.5));

  const least = valueOf(
    network,
    leastEnds(network, new Float64Array(network.tasks.length).fill(Number.NaN), 0),
  );
  // Its sequence is as late as no plan is under: a good one to begin with.
  const { lateMin: boundMin, sequence } = workBound(network, Infinity);
  const lists = firstLists(network, sequence);
  const isLeast = ({ value }: ValuedPlan) => !isBetter(least, value);
  let best = improvePlan(network, lists, 0);
  if (best && !isLeast(best)) best = improvePlan(network, lists, tries);
  // Of two pairs of hands every task is taken by the first that is free: that goes through less than all plans.
  const isGoneThrough = (shop.pairs ?? 1) === 1;
  const proof =
    best && isLeast(best)
      ? { ...best, isProven: true }
      : isGoneThrough || !best
        ? provePlan(network, best, steps)
        : { ...best, isProven: false };
  const { starts, value, isProven } = proof;
  if (!starts || !value) {
    return isProven && isGoneThrough
      ? fail('shop.no-window', {}, ['windows'])
      : fail('plan.unfinished', { seconds: 0 });
  }

  const taskAt = new Map(network.ids.map((id, at) => [id, at]));
  const startOf = (id: string) => starts[taskAt.get(id) ?? -1] ?? 0;
  const ends = orderEnds(network, (task) => (starts[task] ?? 0) + (network.tasks[task]?.minutes ?? 0));
  const orders = shop.orders.map(({ id, dueMin }, at) => {
    const finishMin = ends[at] ?? 0;
    return { id, finishMin, lateMin: Math.max(0, finishMin - dueMin) };
  });
  const totalLateMin = orders.reduce((so, { lateMin }) => so + lateMin, 0);
  return done({
    starts: shop.tasks.map(({ id }) => ({ id, startMin: startOf(id) })),
    orders,
    totalLateMin,
    optimal: isProven,
    boundLateMin: isProven ? totalLateMin : Math.min(totalLateMin, Math.max(least.lateMin, boundMin)),
  });
}
