import type { ShopPlan } from './shop';

/**
 * By how much later, at the most, orders are handed over than in any plan, a share: each when it is finished, or on its day
 * where that is later. To be less late together is to hand over sooner together, so that this is the gap between a plan and its
 * bound, told against what does not vanish where nearly all is in time. 0 where no plan is less late.
 *
 * @example handoverGap([1000, 3000], { totalLateMin: 100, boundLateMin: 60 }) // 40 / 4060 = 0.00985
 */
export function handoverGap(
  dueMin: readonly number[],
  { totalLateMin, boundLateMin }: Pick<ShopPlan, 'totalLateMin' | 'boundLateMin'>,
): number {
  const later = totalLateMin - boundLateMin;
  // What was due before now is handed over from now on, at the soonest: its lateness has the days before.
  const atLeast = boundLateMin + dueMin.reduce((so, due) => so + due, 0);
  return later <= 0 ? 0 : later / Math.max(later, atLeast);
}
