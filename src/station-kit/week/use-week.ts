'use client';

import { useEffect, useMemo } from 'react';
import { median } from '@/core/numeric/median';
import type { PlannedWeek } from '@/core/schedule/plan-week';
import type { Shop } from '@/core/schedule/shop';
import type { Problem } from '@/core/problems/problem';
import type { Ticket } from '@/records/ticket';
import { benchWindows, weekOf, type BenchWindow } from '@/model/week/bench-windows';
import type { PlannedMetal } from '@/model/week/pour-tasks';
import { weekShop } from '@/model/week/week-shop';
import type { WeekTask } from '@/model/week/week-task';
import { unplannedOf, weekTasks, type Unplanned } from '@/model/week/week-tasks';
import { sessionOf } from '@/model/tickets/session-takes';
import { wantsOf } from '@/model/tickets/wants-of';
import type { BenchView } from '@/model/bench/bench-view';
import type { MassUnit } from '@/core/units/write-mass';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { useJob, type Job, type JobWorker } from '../use-job';

/** A week as it was planned: what there is to do, when, and what can be promised. */
export interface WeekAnswer {
  readonly now: number;
  readonly tickets: readonly Ticket[];
  readonly tasks: readonly WeekTask[];
  readonly windows: readonly BenchWindow[];
  /** What cannot be planned: by when its tickets are done is not known. */
  readonly unplanned: readonly Unplanned[];
  readonly shop: Shop;
  readonly planned: PlannedWeek | null;
  readonly problem: Problem | null;
}

/** The pours of a metal are planned for so long before the best found goes into the week, s. */
const POURS_LIMIT_S = 2;
const LONGEST_EVENING_MIN = 600;
const MINUTE_MS = 60_000;
/** Changes at the bench settle before the week is planned anew. */
const SETTLE_MS = 250;

/** Plans what tickets ask, from now on; one of them before all others where it is said. */
export async function planTickets(
  { ask }: Pick<JobWorker<unknown>, 'ask'>,
  view: BenchView,
  tickets: readonly Ticket[],
  at: number,
  mass: MassUnit,
  firstId: string | null = null,
): Promise<WeekAnswer> {
  // By whole minutes, so that what is asked again a moment later is the same.
  const now = Math.floor(at / MINUTE_MS) * MINUTE_MS;
  const week = weekOf(view.bench);
  const windows = benchWindows(week, now);
  // By a usual sitting: what only fits into a long Saturday would wait for one.
  const usualMin = windows.length > 0 ? median(windows.map(({ fromMin, toMin }) => toMin - fromMin)) : 0;
  const wants = tickets.flatMap((ticket) => wantsOf(ticket, view.made)).filter(({ left }) => left > 0);
  const poured: PlannedMetal[] = [];
  for (const metal of view.metals) {
    const session = sessionOf(
      view,
      wants.filter(({ metalBinId }) => metalBinId === metal.id),
      metal,
    );
    if (session.demand.length === 0) continue;
    const { demand, molds } = session;
    const plan = await ask('planPours', { demand, molds, timeLimitS: POURS_LIMIT_S });
    if (plan.ok) poured.push({ metal, session, plan: plan.value });
  }
  const facts = { view, mass, mostMin: Math.min(LONGEST_EVENING_MIN, usualMin || LONGEST_EVENING_MIN) };
  const tasks = weekTasks({ ...facts, tickets, poured, now });
  const shop = weekShop(tasks, tickets, windows, week, now, firstId);
  const spreads = new Map(tasks.map(({ id, spread }) => [id, spread]));
  const planned = await ask('planWeek', { shop, spreads });
  return {
    now,
    tickets,
    tasks,
    windows,
    unplanned: unplannedOf(tickets, poured, view),
    shop,
    planned: planned.ok ? planned.value : null,
    problem: planned.ok ? null : planned.problem,
  };
}

/** The week of all open tickets, planned in a worker and anew whenever the bench changes. */
export function useWeek(isWanted = true): Job<WeekAnswer> {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const job = useJob<WeekAnswer>({ keepsLast: true });
  const { start } = job;
  const tickets = useMemo(() => view.tickets.filter(({ state }) => state === 'open'), [view.tickets]);
  useEffect(() => {
    if (!isWanted) return undefined;
    const timer = setTimeout(
      () => start((worker) => planTickets(worker, view, tickets, workshop.now(), mass)),
      SETTLE_MS,
    );
    return () => clearTimeout(timer);
  }, [isWanted, view, tickets, workshop, mass, start]);
  return job;
}
