'use client';

import { useEffect, useRef, useState } from 'react';
import type { CutPlan } from '@/core/rigs/cuts/cut-facts';
import { sentence } from '@/messages/sentence';
import { CalledOff, WorkLane } from '@/workers/client';
import type { CutQuestion } from './run-plan';

export interface PlannedCut {
  readonly question: CutQuestion;
  readonly plan: CutPlan | null;
  /** Why there is no plan; null where there is one. */
  readonly problem: string | null;
}

export interface CutsState {
  readonly isPlanning: boolean;
  readonly planned: readonly PlannedCut[];
}

/** How long one material is searched for, s: past it the best in hand is taken. */
const TIME_LIMIT_S = 20;

/** The least-waste plans of all materials, planned in a worker one after the other and anew when the question changes. */
export function useCuts(questions: readonly CutQuestion[]): CutsState {
  const key = JSON.stringify(questions);
  const [state, setState] = useState<CutsState & { readonly of: string }>({
    ...{ isPlanning: true, planned: [], of: '' },
  });
  const latest = useRef(questions);
  useEffect(() => {
    latest.current = questions;
  });
  useEffect(() => {
    const lane = new WorkLane();
    const call = new AbortController();
    const plan = async () => {
      const planned: PlannedCut[] = [];
      for (const question of latest.current) {
        const { stock, pieces } = question;
        const input = { stock, pieces, kerfMm: 0, timeLimitS: TIME_LIMIT_S };
        const outcome = await lane.ask('planCuts', input, { signal: call.signal });
        planned.push({
          question,
          plan: outcome.ok ? outcome.value : null,
          problem: outcome.ok ? null : sentence(outcome.problem),
        });
      }
      setState({ isPlanning: false, planned, of: key });
    };
    plan().catch((error: unknown) => {
      if (!(error instanceof CalledOff)) throw error;
    });
    return () => {
      call.abort();
      lane.close();
    };
  }, [key]);
  return state.of === key ? state : { isPlanning: true, planned: [] };
}
