'use client';

import { readSkirtDraft } from '@/records/drafts';
import { useDraft } from '@/station-kit/use-draft';
import type { SkirtDraft } from '@/model/skirts/skirt-draft';

/** The recipe on the bench; `fallback` lies there while nobody has begun one. */
export function useRecipe(fallback: SkirtDraft | null) {
  return useDraft<SkirtDraft>('skirt', readSkirtDraft, fallback);
}

export type Recipe = ReturnType<typeof useRecipe>;
