import { SAME_MIN } from './shop';
import type { ShopNetwork } from './shop-network';

/** What a plan is worth: less late before sooner finished. */
export interface PlanValue {
  readonly lateMin: number;
  readonly finishMin: number;
}

/**
 * When each order is finished, by when its tasks end.
 *
 * @example orderEnds(network, (task) => 30) // [30, 30]
 */
export function orderEnds({ tasks, dueMin }: ShopNetwork, endOf: (task: number) => number): number[] {
  const ends = dueMin.map(() => 0);
  for (const [task, { order }] of tasks.entries()) {
    if (order >= 0) ends[order] = Math.max(ends[order] ?? 0, endOf(task));
  }
  return ends;
}

/**
 * What orders that end so are worth.
 *
 * @example valueOf(network, [40, 90]) // { lateMin: 30, finishMin: 130 }, where the second was due at 60
 */
export function valueOf({ dueMin }: ShopNetwork, ends: readonly number[]): PlanValue {
  let [lateMin, finishMin] = [0, 0];
  for (const [order, end] of ends.entries()) {
    lateMin += Math.max(0, end - (dueMin[order] ?? 0));
    finishMin += end;
  }
  return { lateMin, finishMin };
}

/**
 * Whether the first is better than the second.
 *
 * @example isBetter({ lateMin: 0, finishMin: 90 }, { lateMin: 1, finishMin: 40 }) // true
 */
export function isBetter(one: PlanValue, other: PlanValue): boolean {
  const off = one.lateMin - other.lateMin;
  return off < -SAME_MIN || (off <= SAME_MIN && one.finishMin < other.finishMin - SAME_MIN);
}
