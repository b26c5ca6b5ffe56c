'use client';

import { useCallback } from 'react';
import type { OrderPlan } from '@/core/stock/plan-orders';
import { useJob, type Job } from '@/station-kit/use-job';
import { useSentence } from '@/ui/units/use-units';
import type { Jobs } from '@/workers/protocol';

interface FoundOrders {
  readonly plan: OrderPlan | null;
  /** Why there is no plan. */
  readonly problem: string | null;
}

/** The cheapest orders, searched for in a worker. */
export function useOrders(): {
  readonly job: Job<FoundOrders>;
  readonly ask: (question: Jobs['planOrders']['takes']) => void;
} {
  const job = useJob<FoundOrders>();
  const sentence = useSentence();
  const { start } = job;
  const ask = useCallback(
    (question: Jobs['planOrders']['takes']) =>
      start(async (worker) => {
        const outcome = await worker.ask('planOrders', question);
        return outcome.ok
          ? { plan: outcome.value, problem: null }
          : { plan: null, problem: sentence(outcome.problem) };
      }),
    [start, sentence],
  );
  return { job, ask };
}
