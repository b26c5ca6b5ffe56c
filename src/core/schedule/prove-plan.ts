import { leastEnds } from './least-ends';
import { emptyPlan, firstStart, putTask, takeTask, type Starts } from './bench-plan';
import type { ShopNetwork } from './shop-network';
import { SAME_MIN } from './shop';
import { isBetter, orderEnds, valueOf, type PlanValue } from './value-plan';

export interface ProvenPlan {
  readonly starts: Starts | null;
  readonly value: PlanValue | null;
  /** Everything was gone through: nothing is better, or nothing is possible where there is no plan. */
  readonly isProven: boolean;
}

/**
 * The best plan of a network, by going through all that can be best, from one in hand on: tasks one after another by when
 * they begin, each as early as it can be, and no further where even the soonest ends would be no better. Stops after so
 * many steps, unproven.
 *
 * Source: of plans whose worth never grows by beginning later, one in which no task can begin earlier by itself is best
 * (active schedules); each of those comes of its own list by beginnings. Branch and bound.
 *
 * @example provePlan(network, null, 10_000).isProven // true, for a handful of tasks
 */
export function provePlan(
  network: ShopNetwork,
  inHand: { starts: Starts; value: PlanValue } | null,
  steps: number,
): ProvenPlan {
  const { tasks } = network;
  const plan = emptyPlan(network);
  const { starts } = plan;
  const waits = tasks.map(({ after }) => new Set(after.map(({ task }) => task)).size);
  let best = inHand;
  let left = steps;

  const goOn = (planned: number, lastMin: number, lastTask: number): void => {
    if (left <= 0) return;
    left -= 1;
    if (planned === tasks.length) {
      const value = valueOf(
        network,
        orderEnds(network, (task) => (starts[task] ?? 0) + (tasks[task]?.minutes ?? 0)),
      );
      if (!best || isBetter(value, best.value)) best = { starts: starts.slice(), value };
      return;
    }
    if (best && !isBetter(valueOf(network, leastEnds(network, starts, lastMin)), best.value)) return;
    const ready: { task: number; start: number }[] = [];
    for (const [task, wait] of waits.entries()) {
      if (wait > 0 || !Number.isNaN(starts[task] ?? 0)) continue;
      const start = firstStart(network, plan, task);
      // The hands are never there for it any more: nothing comes of this.
      if (start === Infinity) return;
      ready.push({ task, start });
    }
    ready.sort((a, b) => a.start - b.start || a.task - b.task);
    for (const { task, start } of ready) {
      // By beginnings; of those that begin together the one first in the list is taken first.
      if (start < lastMin - SAME_MIN || (start <= lastMin + SAME_MIN && task < lastTask)) continue;
      putTask(network, plan, task, start);
      for (const later of new Set(tasks[task]?.before)) waits[later] = (waits[later] ?? 0) - 1;
      goOn(planned + 1, start, task);
      for (const later of new Set(tasks[task]?.before)) waits[later] = (waits[later] ?? 0) + 1;
      takeTask(network, plan, task);
    }
  };
  goOn(0, 0, -1);
  return { starts: best?.starts ?? null, value: best?.value ?? null, isProven: left > 0 };
}
