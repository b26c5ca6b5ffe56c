'use client';

import { readSkirtDraft } from '@/records/drafts';
import { useDraftBench } from '@/station-kit/use-draft-bench';
import type { SkirtDraft } from './draft';

/** The recipe on the bench; `fallback` lies there while nobody has begun one. */
export function useRecipe(fallback: SkirtDraft | null) {
  return useDraftBench<SkirtDraft>('skirt', readSkirtDraft, fallback);
}

export type Recipe = ReturnType<typeof useRecipe>;
