'use client';

import { useCallback, useState } from 'react';
import { useKept } from './use-kept';
import { useNotice } from './use-notice';

const MOST_STEPS = 60;

interface DraftSteps<T> {
  readonly draft: T | null;
  /** What it was before each change, the latest last. */
  readonly before: readonly T[];
  /** How often one was begun: what is changed late belongs to the draft it was changed on. */
  readonly begun: number;
}

/** What somebody changed of a draft as they saw it, done to the draft as it is by now. */
function changedOnto<T extends object>(now: T, seen: T, next: T): T {
  if (now === seen) return next;
  const changed = (Object.keys(next) as (keyof T)[]).filter((key) => next[key] !== seen[key]);
  return { ...now, ...Object.fromEntries(changed.map((key) => [key, next[key]])) };
}

/**
 * A draft on the bench: changed, stepped back, kept on this screen under `form` until it is kept for good or let go.
 * `fallback` lies there while nobody has begun one; `read` gives what was kept, null where it is no such draft (any more): that is
 * let go, with a word. A change that comes late (parts were laid out meanwhile, or a name typed) undoes nothing of what came
 * before it.
 */
export function useDraft<T extends object>(
  form: string,
  read: (kept: unknown) => T | null,
  fallback: T | null,
) {
  const [found, write] = useKept(form, read);
  const notice = useNotice();
  const [{ draft, before, begun }, setSteps] = useState<DraftSteps<T>>({
    draft: found,
    before: [],
    begun: 0,
  });
  const isChanged = before.length > 0;
  /** Begins with a draft, or lets it go. What another takes the place of comes back by a step back: it is not lost unasked. */
  const begin = useCallback(
    (next: T | null) => {
      write(next);
      setSteps((steps) => ({
        draft: next,
        before: next !== null && steps.draft !== null ? [steps.draft] : [],
        begun: steps.begun + 1,
      }));
      if (next !== null && isChanged) notice.info('What you had changed comes back with Undo change.');
    },
    [write, isChanged, notice],
  );
  const seen = draft ?? fallback;
  const change = useCallback(
    (next: T) => {
      setSteps((steps) => {
        if (steps.begun !== begun) return steps;
        const was = steps.draft ?? fallback;
        const changed = was && seen ? changedOnto(was, seen, next) : next;
        write(changed);
        return {
          draft: changed,
          before: was ? [...steps.before, was].slice(-MOST_STEPS) : steps.before,
          begun,
        };
      });
    },
    [fallback, write, seen, begun],
  );
  const stepBack = useCallback(() => {
    setSteps((steps) => {
      const last = steps.before.at(-1);
      if (!last) return steps;
      write(last);
      return { ...steps, draft: last, before: steps.before.slice(0, -1) };
    });
  }, [write]);
  return { draft: seen, canStepBack: before.length > 0, begin, change, stepBack };
}
