import { drawNormal } from '../numeric/draw-normal';
import { checkShop } from './check-shop';
import { serialPlan } from './serial-plan';
import type { Shop, ShopPlan } from './shop';
import { shopNetwork } from './shop-network';
import { orderEnds } from './value-plan';

/** When an order is finished, nine times in ten. Infinity where the hands are not there long enough in one draw in twenty. */
export interface OrderPromise {
  readonly id: string;
  readonly soonestMin: number;
  readonly middleMin: number;
  readonly latestMin: number;
}

const [LOW, MIDDLE, HIGH] = [0.05, 0.5, 0.95];
const DRAWS = 300;

/**
 * When each order of a plan is finished where tasks take longer or shorter than planned: the plan's own order of work is
 * carried out again and again with drawn times, each task as soon as it can be. `spreadOf` gives how far a task may lie from
 * its minutes, as one standard deviation of the logarithm; the minutes are the mean of what is drawn.
 *
 * @example promiseShop(shop, plan, () => 0.2, random).find(({ id }) => id === 'a')?.latestMin // 1530
 */
export function promiseShop(
  shop: Shop,
  plan: Pick<ShopPlan, 'starts'>,
  spreadOf: (task: string) => number,
  random: () => number,
  draws = DRAWS,
): OrderPromise[] {
  const checked = checkShop(shop);
  if (!checked.ok) return [];
  const network = shopNetwork(shop, checked.value);
  const startAt = new Map(plan.starts.map(({ id, startMin }) => [id, startMin]));
  const list = network.ids
    .map((id, task) => ({ task, startMin: startAt.get(id) ?? 0 }))
    .sort((a, b) => a.startMin - b.startMin || a.task - b.task)
    .map(({ task }) => task);
  const longest = Math.max(0, ...shop.windows.map(({ fromMin, toMin }) => toMin - Math.max(0, fromMin)));
  const ends = network.dueMin.map((): number[] => []);
  for (let nth = 0; nth < draws; nth += 1) {
    const tasks = network.tasks.map((task, at) => {
      const spread = spreadOf(network.ids[at] ?? '');
      const drawn = task.minutes * Math.exp(spread * drawNormal(random) - spread ** 2 / 2);
      // A task that runs over is gone on with the next evening: no more of it than an evening is laid out at once.
      return { ...task, untilMin: Infinity, minutes: task.hands ? Math.min(longest, drawn) : drawn };
    });
    const drawn = { ...network, tasks };
    const starts = serialPlan(drawn, list);
    const finished = starts
      ? orderEnds(drawn, (task) => (starts[task] ?? 0) + (tasks[task]?.minutes ?? 0))
      : network.dueMin.map(() => Infinity);
    for (const [order, end] of finished.entries()) ends[order]?.push(end);
  }
  return shop.orders.map(({ id }, order) => {
    const sorted = [...(ends[order] ?? [])].sort((a, b) => a - b);
    const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
    return { id, soonestMin: at(LOW), middleMin: at(MIDDLE), latestMin: at(HIGH) };
  });
}
