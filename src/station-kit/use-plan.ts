'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { ProgramProgress } from '@/core/numeric/integer-program';
import type { PourPlan } from '@/core/pours/pour-plan';
import type { Problem } from '@/core/problems/problem';
import type { Session } from '@/core/tickets/lay-out-session';
import { useJob, type Job } from './use-job';

/** A search that ended: its plan, or why there can be none. */
interface Planned {
  readonly plan: PourPlan | null;
  readonly problem: Problem | null;
  readonly session: Session | null;
}

type PlanStage = 'idle' | 'planning' | 'done' | 'refused' | 'called-off' | 'failed';

/** The first search stops here with the best it has; who wants the proof searches on, s. */
const FIRST_LIMIT_S = 5;
const PROOF_LIMIT_S = 60;

/** Typing settles before the search begins. */
const SETTLE_MS = 200;

/** Where the search for what is asked stands. Until it has begun, the last plan is shown as one being worked on. */
function stageOf(asked: string, begun: string, job: Job<Planned>): PlanStage {
  if (asked === '') return 'idle';
  if (begun !== asked || job.is === 'working') return 'planning';
  if (job.is === 'rest') return 'called-off';
  if (job.is === 'failed') return 'failed';
  return job.answer?.problem ? 'refused' : 'done';
}

/** Plans a session in a worker, anew whenever what is asked changes; with progress, cancel and again. */
export function usePlan(session: Session | null) {
  const job = useJob<Planned>({ keepsLast: true });
  const { start, cancel: callOff } = job;
  const [begun, setBegun] = useState('');
  const [progress, setProgress] = useState<ProgramProgress | null>(null);
  const [attempt, setAttempt] = useState({ no: 0, limitS: FIRST_LIMIT_S });
  const asked = useMemo(
    () => (session && session.demand.length > 0 ? JSON.stringify([session.demand, session.molds]) : ''),
    [session],
  );
  const waits = useRef<ReturnType<typeof setTimeout>>(undefined);
  const latest = useRef(session);
  useEffect(() => {
    latest.current = session;
  });

  useEffect(() => {
    if (asked === '') {
      callOff();
      return undefined;
    }
    const [demand, molds] = JSON.parse(asked) as [Session['demand'], Session['molds']];
    waits.current = setTimeout(() => {
      setBegun(asked);
      setProgress(null);
      // The plan is that of the session it began with: another one may stand here when it ends.
      const mine = latest.current;
      start(async ({ ask }) => {
        const outcome = await ask('planPours', { demand, molds, timeLimitS: attempt.limitS }, setProgress);
        return outcome.ok
          ? { plan: outcome.value, problem: null, session: mine }
          : { plan: null, problem: outcome.problem, session: null };
      });
    }, SETTLE_MS);
    return () => clearTimeout(waits.current);
  }, [asked, attempt, start, callOff]);

  const cancel = useCallback(() => {
    // Also what has not begun yet is called off.
    clearTimeout(waits.current);
    setBegun(asked);
    callOff();
  }, [asked, callOff]);
  const search = useCallback((limitS: number) => setAttempt((before) => ({ no: before.no + 1, limitS })), []);
  const again = useCallback(() => search(FIRST_LIMIT_S), [search]);
  const searchOn = useCallback(() => search(PROOF_LIMIT_S), [search]);
  const state = stageOf(asked, begun, job);
  const answer = state === 'idle' ? null : job.answer;
  return {
    state,
    plan: answer?.plan ?? null,
    /** The session that `plan` plans: the last one, while a new search is under way. */
    // The same question may come with other weights (a cavity was weighed): those of now hold.
    planned: state === 'done' ? session : (answer?.session ?? null),
    problem: state === 'refused' ? (answer?.problem ?? null) : null,
    progress: state === 'planning' ? progress : null,
    /** That the worker failed, and how to begin once more. */
    job: { failure: state === 'failed' ? job.failure : null, again },
    cancel,
    again,
    searchOn,
  };
}
