'use client';

import { useEffect, useRef } from 'react';
import type { CutPlan } from '@/core/rigs/cuts/cut-facts';
import type { CutQuestion } from '@/model/rigs/run-plan';
import { useJob, type Job } from '@/station-kit/use-job';
import { useSentence } from '@/ui/units/use-units';

export interface PlannedCut {
  readonly question: CutQuestion;
  readonly plan: CutPlan | null;
  /** Why there is no plan; null where there is one. */
  readonly problem: string | null;
}

interface PlannedCuts {
  readonly of: string;
  readonly planned: readonly PlannedCut[];
}

export interface CutsState {
  readonly isPlanning: boolean;
  readonly planned: readonly PlannedCut[];
  readonly job: Job<PlannedCuts>;
}

/** How long one material is searched for, s: past it the best in hand is taken. */
const TIME_LIMIT_S = 20;

/** The least-waste plans of all materials, planned in a worker one after the other and anew when the question changes. */
export function useCuts(questions: readonly CutQuestion[]): CutsState {
  const sentence = useSentence();
  const key = JSON.stringify(questions);
  const job = useJob<PlannedCuts>();
  const { start } = job;
  const latest = useRef(questions);
  useEffect(() => {
    latest.current = questions;
  });
  useEffect(() => {
    const asked = latest.current;
    start(async ({ ask }) => {
      const planned: PlannedCut[] = [];
      for (const question of asked) {
        const { stock, pieces } = question;
        const outcome = await ask('planCuts', { stock, pieces, kerfMm: 0, timeLimitS: TIME_LIMIT_S });
        planned.push({
          question,
          plan: outcome.ok ? outcome.value : null,
          problem: outcome.ok ? null : sentence(outcome.problem),
        });
      }
      return { of: key, planned };
    });
  }, [key, start, sentence]);
  const isPlanned = job.is === 'done' && job.answer?.of === key;
  return { isPlanning: !isPlanned, planned: isPlanned ? (job.answer?.planned ?? []) : [], job };
}
