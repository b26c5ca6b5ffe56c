import { performance } from 'node:perf_hooks';
import { checkShop } from '@/core/schedule/check-shop';
import { handoverGap } from '@/core/schedule/handover-gap';
import { firstLists } from '@/core/schedule/first-plans';
import { planShop } from '@/core/schedule/plan-shop';
import { serialPlan } from '@/core/schedule/serial-plan';
import { shopNetwork } from '@/core/schedule/shop-network';
import { orderEnds, valueOf } from '@/core/schedule/value-plan';
import type { Shop } from '@/core/schedule/shop';
import { bigShop } from '../tests/support/big-shop';

const [STARTS, LOADS] = [
  [1, 2, 3],
  [0.7, 0.85, 1, 1.5],
];

/** One task after another as a list has them, each as soon as it can be: how a week is planned by hand. */
function byHand(shop: Shop): readonly number[] {
  const checked = checkShop(shop);
  if (!checked.ok) throw new Error(checked.problem.code);
  const network = shopNetwork(shop, checked.value);
  // First due first served, and what is due first after all that still follows it.
  return firstLists(network)
    .slice(0, 2)
    .map((list) => {
      const starts = serialPlan(network, list);
      if (!starts) return Infinity;
      const ends = orderEnds(network, (task) => (starts[task] ?? 0) + (network.tasks[task]?.minutes ?? 0));
      return valueOf(network, ends).lateMin;
    });
}

const days = (minutes: number) => `${(minutes / 1440).toFixed(1)} days`;

/** A week of three hundred tasks, beside first due first served and most urgent first, and beside its bound. */
export async function* benchWeeks(): AsyncGenerator<string> {
  for (const load of LOADS) {
    for (const start of STARTS) {
      const shop = bigShop(start, load);
      const [firstDue = Infinity, urgent = Infinity] = byHand(shop);
      const from = performance.now();
      const plan = planShop(shop);
      const tookMs = performance.now() - from;
      if (!plan.ok) throw new Error(plan.problem.code);
      const { totalLateMin: late, boundLateMin: bound } = plan.value;
      const share = handoverGap(
        shop.orders.map(({ dueMin }) => dueMin),
        plan.value,
      );
      const gap =
        late - bound < 1e-6
          ? 'proven as little as can be'
          : `no plan under ${days(bound)}; handed over at most ${(share * 100).toFixed(1)} % later than in any`;
      yield [
        `week ${start}: ${shop.tasks.length} tasks of ${shop.orders.length} tickets, evenings ${Math.round(load * 100)} % full`,
        `  planned in ${(tookMs / 1000).toFixed(2)} s: late by ${days(late)} together, ${gap}`,
        `  first due first served ${days(firstDue)}, most urgent first ${days(urgent)}`,
      ].join('\n');
    }
  }
}
