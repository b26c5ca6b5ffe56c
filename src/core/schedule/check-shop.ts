import { done, fail, type Outcome } from '../problems/problem';
import type { Shop, ShopTask } from './shop';

/** The first id that stands twice in a list: where. */
function twiceAt(ids: readonly string[]): number {
  return ids.findIndex((id, at) => ids.indexOf(id) !== at);
}

/**
 * Whether a shop can be asked about: every id once and known, windows that do not overlap, and no task that waits for
 * itself by a circle. Gives the tasks in an order in which each comes after all that it waits for.
 *
 * Problems: `shop.same-id-twice`, `shop.unknown-id`, `shop.windows-overlap`, `shop.circle`; `shop.too-long` for a task by
 * hand that no window holds.
 *
 * @example checkShop(shop).ok // true
 */
export function checkShop({ tasks, places, windows, orders }: Shop): Outcome<readonly ShopTask[]> {
  for (const [list, ids] of [
    ['tasks', tasks.map(({ id }) => id)],
    ['places', places.map(({ id }) => id)],
    ['orders', orders.map(({ id }) => id)],
  ] as const) {
    const at = twiceAt(ids);
    if (at >= 0) return fail('shop.same-id-twice', { id: ids[at] ?? '' }, [list, at, 'id']);
  }
  const known = {
    tasks: new Set(tasks.map(({ id }) => id)),
    places: new Set(places.map(({ id }) => id)),
    orders: new Set(orders.map(({ id }) => id)),
  };
  for (const [at, { place, order, after = [] }] of tasks.entries()) {
    if (place !== undefined && !known.places.has(place)) {
      return fail('shop.unknown-id', { id: place }, ['tasks', at, 'place']);
    }
    if (order !== undefined && !known.orders.has(order)) {
      return fail('shop.unknown-id', { id: order }, ['tasks', at, 'order']);
    }
    const stray = after.findIndex(({ id }) => !known.tasks.has(id));
    if (stray >= 0) {
      return fail('shop.unknown-id', { id: after[stray]?.id ?? '' }, ['tasks', at, 'after', stray, 'id']);
    }
  }
  const inTurn = windows.map((window, at) => ({ ...window, at })).sort((a, b) => a.fromMin - b.fromMin);
  const empty = windows.findIndex(({ fromMin, toMin }) => toMin <= fromMin);
  if (empty >= 0)
    return fail('shop.windows-overlap', { fromMin: windows[empty]?.fromMin ?? 0 }, ['windows', empty]);
  const clash = inTurn.find((window, nth) => nth > 0 && window.fromMin < (inTurn[nth - 1]?.toMin ?? 0));
  if (clash) return fail('shop.windows-overlap', { fromMin: clash.fromMin }, ['windows', clash.at]);

  const sorted = inOrderOfNeed(tasks);
  if (sorted.length < tasks.length) {
    const inCircle = new Set(sorted.map(({ id }) => id));
    const at = tasks.findIndex(({ id }) => !inCircle.has(id));
    return fail('shop.circle', { id: tasks[at]?.id ?? '' }, ['tasks', at, 'after']);
  }
  // Nothing begins before the plan does.
  const longest = Math.max(0, ...windows.map(({ fromMin, toMin }) => toMin - Math.max(0, fromMin)));
  const long = tasks.findIndex(({ hands, minutes }) => hands && minutes > longest);
  const tooLong = tasks[long];
  return tooLong
    ? fail('shop.too-long', { id: tooLong.id, minutes: tooLong.minutes, longest }, ['tasks', long])
    : done(sorted);
}

/** Each task after all that it waits for; those in a circle are left out. */
function inOrderOfNeed(tasks: readonly ShopTask[]): ShopTask[] {
  const sorted: ShopTask[] = [];
  const over = new Set<string>();
  let left = [...tasks];
  while (left.length > 0) {
    const ready = left.filter(({ after = [] }) => after.every(({ id }) => over.has(id)));
    if (ready.length === 0) break;
    for (const task of ready) over.add(task.id);
    sorted.push(...ready);
    left = left.filter(({ id }) => !over.has(id));
  }
  return sorted;
}
