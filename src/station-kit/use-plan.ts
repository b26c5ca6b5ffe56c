'use client';

import { startTransition, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { ProgramProgress } from '@/core/numeric/integer-program';
import type { PourPlan } from '@/core/pours/pour-plan';
import type { Problem } from '@/core/problems/problem';
import type { Session } from '@/core/tickets/lay-out-session';
import { CalledOff, WorkLane } from '@/workers/client';

export interface PlanState {
  readonly state: 'idle' | 'planning' | 'done' | 'refused' | 'called-off' | 'failed';
  readonly plan: PourPlan | null;
  /** The session that `plan` plans: the last one, while a new search is under way. */
  readonly planned: Session | null;
  readonly problem: Problem | null;
  readonly progress: ProgramProgress | null;
  /** The session this state belongs to. */
  readonly asked: string;
}

const IDLE: PlanState = {
  state: 'idle',
  plan: null,
  planned: null,
  problem: null,
  progress: null,
  asked: '',
};

/** The first search stops here with the best it has; who wants the proof searches on, s. */
const FIRST_LIMIT_S = 5;
const PROOF_LIMIT_S = 60;

/** Typing settles before the search begins. */
const SETTLE_MS = 200;

/** Plans a session in a worker, anew whenever what is asked changes; with progress, cancel and again. */
export function usePlan(session: Session | null) {
  const lane = useRef<WorkLane | null>(null);
  const [state, setState] = useState<PlanState>(IDLE);
  const [attempt, setAttempt] = useState({ no: 0, limitS: FIRST_LIMIT_S });
  const stop = useRef<AbortController | null>(null);
  const asked = useMemo(
    () => (session && session.demand.length > 0 ? JSON.stringify([session.demand, session.molds]) : ''),
    [session],
  );

  const latest = useRef(session);

  useEffect(() => {
    latest.current = session;
  });
  useEffect(() => () => lane.current?.close(), []);

  useEffect(() => {
    if (asked === '') return undefined;
    const [demand, molds] = JSON.parse(asked) as [Session['demand'], Session['molds']];
    const controller = new AbortController();
    stop.current = controller;
    const timer = setTimeout(() => {
      if (controller.signal.aborted) return;
      setState((before) => ({ ...before, state: 'planning', problem: null, progress: null, asked }));
      lane.current ??= new WorkLane();
      const onProgress = (progress: ProgramProgress) => {
        if (!controller.signal.aborted) setState((before) => ({ ...before, progress }));
      };
      lane.current
        .ask(
          'planPours',
          { demand, molds, timeLimitS: attempt.limitS },
          { signal: controller.signal, onProgress },
        )
        .then((outcome) => {
          if (controller.signal.aborted) return;
          const next: PlanState = outcome.ok
            ? { ...IDLE, state: 'done', plan: outcome.value, planned: latest.current, asked }
            : { ...IDLE, state: 'refused', problem: outcome.problem, asked };
          // A large plan is a large drawing: it is drawn in slices, so that the page never stalls.
          startTransition(() => setState(next));
        })
        .catch((error: unknown) => {
          if (controller.signal.aborted) return;
          const isCalledOff = error instanceof CalledOff;
          setState({ ...IDLE, state: isCalledOff ? 'called-off' : 'failed', asked });
        });
    }, SETTLE_MS);
    return () => {
      clearTimeout(timer);
      controller.abort();
    };
  }, [asked, attempt]);

  const cancel = useCallback(() => {
    stop.current?.abort();
    setState({ ...IDLE, state: 'called-off', asked });
  }, [asked]);
  const search = useCallback((limitS: number) => setAttempt((before) => ({ no: before.no + 1, limitS })), []);
  const again = useCallback(() => search(FIRST_LIMIT_S), [search]);
  const searchOn = useCallback(() => search(PROOF_LIMIT_S), [search]);
  // Until the search for what is asked now has begun, the last plan is shown as one being worked on.
  const shown: PlanState =
    asked === '' ? IDLE : state.asked === asked ? state : { ...state, state: 'planning', problem: null };
  // The same question may come with other weights (a cavity was weighed): those of now hold.
  const planned = shown.state === 'done' ? session : shown.planned;
  return { ...shown, planned, cancel, again, searchOn };
}
