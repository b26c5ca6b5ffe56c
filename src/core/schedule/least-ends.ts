import { handsFrom, type ShopNetwork } from './shop-network';
import { orderEnds } from './value-plan';
import type { Starts } from './bench-plan';

/**
 * When each order is finished at the soonest, where some tasks are planned and the others begin no sooner than `fromMin`:
 * each when all that it waits for is over and hands are there for so long, whatever else wants them. No plan that goes
 * on from there ends any of them sooner.
 *
 * @example leastEnds(network, starts, 0) // [90, 40]
 */
export function leastEnds(network: ShopNetwork, starts: Starts, fromMin: number): number[] {
  const { tasks, windows } = network;
  const ends = new Float64Array(tasks.length);
  for (const [at, { minutes, hands, after, fromMin: own }] of tasks.entries()) {
    const planned = starts[at] ?? Number.NaN;
    if (!Number.isNaN(planned)) {
      ends[at] = planned + minutes;
      continue;
    }
    let start = Math.max(fromMin, own);
    for (const { task, waitMin } of after) start = Math.max(start, (ends[task] ?? 0) + waitMin);
    ends[at] = (hands ? handsFrom(windows, start, minutes) : start) + minutes;
  }
  return orderEnds(network, (task) => ends[task] ?? 0);
}
