import type { ShopNetwork } from './shop-network';

/**
 * How late all orders are together at the least, by their work by hand alone: whatever the order of work, so many orders
 * are not finished before so much of the time at the bench has passed as the smallest of them need together, and at the best
 * those are the ones due first.
 *
 * Source: the bound of Chu (1992) for the total tardiness of one machine, shortest work against earliest due.
 *
 * @example workBound(network) // 60, for two orders of an hour, both due after the first
 */
export function workBound({ tasks, windows, dueMin }: ShopNetwork): number {
  const works = dueMin.map(() => 0);
  for (const { order, hands, minutes } of tasks) {
    if (order >= 0 && hands) works[order] = (works[order] ?? 0) + minutes;
  }
  works.sort((a, b) => a - b);
  const dues = [...dueMin].sort((a, b) => a - b);
  const there = windows.filter(({ toMin }) => toMin > 0);
  let [late, at, usedMin] = [0, 0, 0];
  for (const [nth, work] of works.entries()) {
    if (work === 0) continue;
    let left = work;
    let end = Infinity;
    for (; at < there.length; at += 1) {
      const { fromMin, toMin } = there[at] ?? { fromMin: 0, toMin: 0 };
      const from = Math.max(0, fromMin) + usedMin;
      if (left <= toMin - from) {
        usedMin += left;
        end = from + left;
        break;
      }
      left -= toMin - from;
      usedMin = 0;
    }
    // Where the hands are not there for all of it there is no plan, and nothing to bound.
    if (end === Infinity) return late;
    late += Math.max(0, end - (dues[nth] ?? 0));
  }
  return late;
}
