'use client';

import { useCallback, useState } from 'react';
import { dropDraft, keepDraft, readDraft } from '@/data/device/drafts';

const MOST_STEPS = 60;

interface DraftBench<T> {
  readonly draft: T | null;
  /** What it was before each change, the latest last. */
  readonly before: readonly T[];
}

/**
 * A draft on the bench: changed, stepped back, kept on this screen under `form` until it is kept for good or let go.
 * `fallback` lies there while nobody has begun one; `isDraft` tells whether what was kept is one.
 */
export function useDraftBench<T>(form: string, isDraft: (kept: unknown) => kept is T, fallback: T | null) {
  const [{ draft, before }, setBench] = useState<DraftBench<T>>(() => {
    const kept = typeof window === 'undefined' ? null : readDraft(window.localStorage, form);
    return { draft: isDraft(kept) ? kept : null, before: [] };
  });
  const write = useCallback(
    (next: T | null) => {
      if (next) keepDraft(window.localStorage, form, next);
      else dropDraft(window.localStorage, form);
    },
    [form],
  );
  /** Begins with a draft, or lets it go. */
  const begin = useCallback(
    (next: T | null) => {
      write(next);
      setBench({ draft: next, before: [] });
    },
    [write],
  );
  const change = useCallback(
    (next: T) => {
      setBench((bench) => {
        const was = bench.draft ?? fallback;
        return { draft: next, before: was ? [...bench.before, was].slice(-MOST_STEPS) : bench.before };
      });
      write(next);
    },
    [fallback, write],
  );
  const stepBack = useCallback(() => {
    setBench((bench) => {
      const last = bench.before.at(-1);
      if (!last) return bench;
      write(last);
      return { draft: last, before: bench.before.slice(0, -1) };
    });
  }, [write]);
  return { draft: draft ?? fallback, canStepBack: before.length > 0, begin, change, stepBack };
}
