'use client';

import { useDraftBench } from '../shared';
import { isDraft, type SkirtDraft } from './draft';

/** The recipe on the bench; `fallback` lies there while nobody has begun one. */
export function useRecipe(fallback: SkirtDraft | null) {
  return useDraftBench<SkirtDraft>('skirt', isDraft, fallback);
}

export type Recipe = ReturnType<typeof useRecipe>;
