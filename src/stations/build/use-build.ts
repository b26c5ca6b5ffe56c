'use client';

import { useDraftBench } from '../shared';
import { isDraft, type BuildDraft } from './draft';

/** The bait on the bench; `fallback` lies there while nobody has begun one. */
export function useBuild(fallback: BuildDraft | null) {
  return useDraftBench<BuildDraft>('build', isDraft, fallback);
}

export type BuildBench = ReturnType<typeof useBuild>;
