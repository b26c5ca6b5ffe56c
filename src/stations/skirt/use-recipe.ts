'use client';

import { useCallback, useState } from 'react';
import { dropDraft, keepDraft, readDraft } from '@/data/device/drafts';
import { isDraft, type SkirtDraft } from './draft';

const FORM = 'skirt';
const MOST_STEPS = 60;

interface Studio {
  readonly draft: SkirtDraft | null;
  /** What it was before each change, the latest last. */
  readonly before: readonly SkirtDraft[];
}

/**
 * The recipe on the bench: changed, stepped back, kept on this screen until it is kept for good or let go. `fallback`
 * lies there while nobody has begun one.
 */
export function useRecipe(fallback: SkirtDraft | null) {
  const [{ draft, before }, setStudio] = useState<Studio>(() => {
    const kept = typeof window === 'undefined' ? null : readDraft(window.localStorage, FORM);
    return { draft: isDraft(kept) ? kept : null, before: [] };
  });
  const write = (next: SkirtDraft | null) => {
    if (next) keepDraft(window.localStorage, FORM, next);
    else dropDraft(window.localStorage, FORM);
  };
  /** Begins with a recipe, or lets it go. */
  const begin = useCallback((next: SkirtDraft | null) => {
    write(next);
    setStudio({ draft: next, before: [] });
  }, []);
  const change = useCallback(
    (next: SkirtDraft) => {
      setStudio((studio) => {
        const was = studio.draft ?? fallback;
        return { draft: next, before: was ? [...studio.before, was].slice(-MOST_STEPS) : studio.before };
      });
      write(next);
    },
    [fallback],
  );
  const stepBack = useCallback(() => {
    setStudio((studio) => {
      const last = studio.before.at(-1);
      if (!last) return studio;
      write(last);
      return { draft: last, before: studio.before.slice(0, -1) };
    });
  }, []);
  return { draft: draft ?? fallback, canStepBack: before.length > 0, begin, change, stepBack };
}

export type Recipe = ReturnType<typeof useRecipe>;
