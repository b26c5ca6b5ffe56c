import { moneyText } from '@/model/cost/cost-slices';
import type { OrderPlan } from '@/core/stock/plan-orders';
import type { BenchFacts } from '@/model/bench/bench-facts';
import type { Working } from '@/ui/figure/Figure';

interface MoneyLine {
  readonly name: string;
  readonly each: number;
  readonly count?: number;
}

/** A sum of money, line by line; what has no price is named and left out. */
export function moneyWorking(
  title: string,
  lines: readonly MoneyLine[],
  total: number,
  sign: string,
  unpriced: readonly string[] = [],
): Working {
  return {
    title,
    steps: [
      ...lines.map(({ name, each, count = 1 }) =>
        count === 1
          ? `${name}: ${moneyText(each, sign)}`
          : `${name}: ${count} × ${moneyText(each, sign)} = ${moneyText(count * each, sign)}`,
      ),
      `together ${moneyText(total, sign)}`,
      ...(unpriced.length > 0 ? [`without a price, and left out: ${unpriced.join(', ')}`] : []),
    ],
    inputs: [{ name: 'prices', value: 'receipts in the ledger, and what you set', basis: 'counted' }],
  };
}

/** What the cheapest orders come to, with their post. */
export function ordersWorking(
  plan: OrderPlan,
  { sellers }: Pick<BenchFacts, 'sellers'>,
  sign: string,
): Working {
  const money = (value: number) => `${sign} ${value.toFixed(2)}`;
  return {
    title: 'The cheapest orders',
    steps: [
      ...plan.orders.map(
        ({ sellerId, goods, postage }) =>
          `${sellers.find(({ id }) => id === sellerId)?.name ?? 'a seller gone'}: goods ${money(goods)} + post ${money(postage)}`,
      ),
      `together ${money(plan.cost)}; whole packs that cover all that is short, topped up where free post makes that cheaper`,
      plan.optimal
        ? 'an integer program, solved until nothing cheaper is possible; its packs were counted again in exact numbers'
        : 'an integer program, stopped by the time limit',
    ],
    inputs: [{ name: 'packs, prices and post', value: 'as you noted them', basis: 'given' }],
  };
}
