import { done, type Outcome } from '../problems/problem';
import { repeatableRandom } from '../numeric/repeatable-random';
import { planShop } from './plan-shop';
import { promiseShop, type OrderPromise } from './promise-shop';
import type { Shop, ShopPlan } from './shop';

/** A plan with what can be promised of it. */
export interface PlannedWeek {
  readonly plan: ShopPlan;
  readonly promises: readonly OrderPromise[];
  /** The plan keeps to every time that a task was held to; else there was no room, and it was made without them. */
  readonly keepsHeld: boolean;
}

const SEED = 23;

/**
 * The plan of a shop with the band of each order's finish; where tasks are held to times for which there is no room, the
 * plan without those. Spreads by task, as `promiseShop` takes them.
 *
 * Problems: those of `planShop`.
 *
 * @example planWeek(shop, new Map()).value.keepsHeld // true
 */
export function planWeek(shop: Shop, spreads: ReadonlyMap<string, number>): Outcome<PlannedWeek> {
  const held = planShop(shop);
  const isHeld = shop.tasks.some(({ untilMin }) => untilMin !== undefined);
  const free = {
    ...shop,
    tasks: shop.tasks.map((task) => ({ ...task, fromMin: undefined, untilMin: undefined })),
  };
  const planned = held.ok || !isHeld ? held : planShop(free);
  if (!planned.ok) return planned;
  const own = held.ok ? shop : free;
  const promises = promiseShop(own, planned.value, (task) => spreads.get(task) ?? 0, repeatableRandom(SEED));
  return done({ plan: planned.value, promises, keepsHeld: held.ok });
}
