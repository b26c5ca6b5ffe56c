import { repeatableRandom } from '../numeric/repeatable-random';
import { listBy } from './first-plans';
import type { Starts } from './bench-plan';
import { serialPlan } from './serial-plan';
import type { ShopNetwork } from './shop-network';
import { isBetter, orderEnds, valueOf, type PlanValue } from './value-plan';

export interface ValuedPlan {
  readonly starts: Starts;
  readonly value: PlanValue;
}

/**
 * A list carried out, with what it is worth; null where the hands are not there for all of it.
 *
 * @example valuedPlan(network, [0, 1])?.value.lateMin // 0
 */
export function valuedPlan(network: ShopNetwork, list: readonly number[]): ValuedPlan | null {
  const starts = serialPlan(network, list);
  if (!starts) return null;
  const ends = orderEnds(network, (task) => (starts[task] ?? 0) + (network.tasks[task]?.minutes ?? 0));
  return { starts, value: valueOf(network, ends) };
}

/** Half of all tries bring an order forward, the rest a task or two tasks against each other. */
const ORDER_SHARE = 0.5;

/**
 * A plan made better by so many tries, each a small change of the list that it came from: an order's tasks are brought
 * forward or put back together, or two tasks change places. The same tries each time it is asked. Never worse than what it
 * began with.
 *
 * @example improvePlan(network, list, 200)?.value.lateMin // at most that of the list
 */
export function improvePlan(network: ShopNetwork, list: readonly number[], tries: number): ValuedPlan | null {
  const { tasks, dueMin } = network;
  const random = repeatableRandom(tasks.length + 31 * dueMin.length);
  const among = (count: number) => Math.floor(random() * count);
  let ranks = ranksOf(list);
  let best = valuedPlan(network, list);
  for (let nth = 0; nth < tries; nth += 1) {
    const next = ranks.slice();
    if (dueMin.length > 0 && random() < ORDER_SHARE) {
      const order = among(dueMin.length);
      const by = (random() - 0.7) * tasks.length;
      for (const [task, { order: own }] of tasks.entries())
        if (own === order) next[task] = (next[task] ?? 0) + by;
    } else {
      const [one, other] = [among(tasks.length), among(tasks.length)];
      [next[one], next[other]] = [next[other] ?? 0, next[one] ?? 0];
    }
    const tried = valuedPlan(
      network,
      listBy(network, (task) => next[task] ?? 0),
    );
    if (!tried || (best && isBetter(best.value, tried.value))) continue;
    best = tried;
    ranks = next;
  }
  return best;
}

function ranksOf(list: readonly number[]): number[] {
  const ranks = list.map(() => 0);
  for (const [rank, task] of list.entries()) ranks[task] = rank;
  return ranks;
}
