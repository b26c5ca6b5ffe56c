import { emptyPlan, firstStart, putTask, type Starts } from './bench-plan';
import type { ShopNetwork } from './shop-network';

/**
 * A plan task by task as a list has them, each as early as it can be beside those before it; null where the hands are not
 * there for one of them any more. A task in the list comes after all that it waits for.
 *
 * Source: serial schedule generation (Kelley 1963).
 *
 * @example serialPlan(network, [0, 1, 2])?.[0] // 0
 */
export function serialPlan(network: ShopNetwork, list: readonly number[]): Starts | null {
  const plan = emptyPlan(network);
  for (const task of list) {
    const start = firstStart(network, plan, task);
    if (start === Infinity) return null;
    putTask(network, plan, task, start);
  }
  return plan.starts;
}
