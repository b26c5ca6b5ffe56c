'use client';

import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import { CalledOff, WorkLane, type AskOptions } from '@/workers/client';
import type { JobName, Jobs } from '@/workers/protocol';

/** What work has at hand: a worker to ask, and a way to say what it has so far. */
export interface JobWorker<Answer> {
  readonly ask: <Name extends JobName>(
    name: Name,
    input: Jobs[Name]['takes'],
    onProgress?: AskOptions<Jobs[Name]['tells']>['onProgress'],
  ) => Promise<Jobs[Name]['gives']>;
  readonly say: (soFar: Answer) => void;
}

type Work<Answer> = (worker: JobWorker<Answer>) => Promise<Answer>;

interface JobState<Answer> {
  readonly is: 'rest' | 'working' | 'done' | 'failed';
  /** What was found, or was found so far; null before anything was. */
  readonly answer: Answer | null;
  /** Why there is no answer: the worker itself failed. What is asked wrongly is an answer. */
  readonly failure: string | null;
}

export interface Job<Answer> extends JobState<Answer> {
  /** Begins some work; what was under way is called off. */
  readonly start: (work: Work<Answer>) => void;
  /** Calls off what is under way: nothing was asked then. */
  readonly cancel: () => void;
  /** Begins the last work once more. */
  readonly again: () => void;
}

const REST = { is: 'rest', answer: null, failure: null } as const;

interface JobOptions {
  /** The last answer stays in sight until the next is there. */
  readonly keepsLast?: boolean;
}

/** Heavy work of a component, done in a worker of its own: it ends with the component, and a worker that dies is said. */
export function useJob<Answer>({ keepsLast = false }: JobOptions = {}): Job<Answer> {
  const lane = useRef<WorkLane | null>(null);
  const call = useRef<AbortController | null>(null);
  const last = useRef<Work<Answer> | null>(null);
  const [state, setState] = useState<JobState<Answer>>(REST);
  useEffect(
    () => () => {
      call.current?.abort();
      lane.current?.close();
      lane.current = null;
    },
    [],
  );
  const start = useCallback(
    (work: Work<Answer>) => {
      call.current?.abort();
      const mine = new AbortController();
      const { signal } = mine;
      call.current = mine;
      last.current = work;
      const tell = (next: JobState<Answer>) => {
        if (!signal.aborted) setState(next);
      };
      const worker: JobWorker<Answer> = {
        ask: (name, input, onProgress) =>
          (lane.current ??= new WorkLane()).ask(name, input, {
            signal,
            onProgress: (progress) => {
              if (!signal.aborted) onProgress?.(progress);
            },
          }),
        say: (soFar) => tell({ is: 'working', answer: soFar, failure: null }),
      };
      setState(({ answer }) => ({ is: 'working', answer: keepsLast ? answer : null, failure: null }));
      work(worker).then(
        // What was found may be a large drawing: it is made in slices, so that the page never stalls.
        (answer) => startTransition(() => tell({ is: 'done', answer, failure: null })),
        (error: unknown) => {
          if (error instanceof CalledOff) tell(REST);
          else
            tell({
              is: 'failed',
              answer: null,
              failure: error instanceof Error ? error.message : String(error),
            });
        },
      );
    },
    [keepsLast],
  );
  const cancel = useCallback(() => {
    call.current?.abort();
    setState(REST);
  }, []);
  const again = useCallback(() => {
    if (last.current) start(last.current);
  }, [start]);
  return { ...state, start, cancel, again };
}
