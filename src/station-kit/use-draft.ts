'use client';

import { useCallback, useState } from 'react';
import { useKept } from './use-kept';

const MOST_STEPS = 60;

interface DraftSteps<T> {
  readonly draft: T | null;
  /** What it was before each change, the latest last. */
  readonly before: readonly T[];
}

/**
 * A draft on the bench: changed, stepped back, kept on this screen under `form` until it is kept for good or let go.
 * `fallback` lies there while nobody has begun one; `read` gives what was kept, null where it is no such draft (any more): that is
 * let go, with a word.
 */
export function useDraft<T>(form: string, read: (kept: unknown) => T | null, fallback: T | null) {
  const [found, write] = useKept(form, read);
  const [{ draft, before }, setSteps] = useState<DraftSteps<T>>({ draft: found, before: [] });
  /** Begins with a draft, or lets it go. */
  const begin = useCallback(
    (next: T | null) => {
      write(next);
      setSteps({ draft: next, before: [] });
    },
    [write],
  );
  const change = useCallback(
    (next: T) => {
      setSteps((steps) => {
        const was = steps.draft ?? fallback;
        return { draft: next, before: was ? [...steps.before, was].slice(-MOST_STEPS) : steps.before };
      });
      write(next);
    },
    [fallback, write],
  );
  const stepBack = useCallback(() => {
    setSteps((steps) => {
      const last = steps.before.at(-1);
      if (!last) return steps;
      write(last);
      return { draft: last, before: steps.before.slice(0, -1) };
    });
  }, [write]);
  return { draft: draft ?? fallback, canStepBack: before.length > 0, begin, change, stepBack };
}
