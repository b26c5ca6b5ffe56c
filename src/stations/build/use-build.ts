'use client';

import { readBuildDraft } from '@/records/drafts';
import { useDraftBench } from '@/station-kit/use-draft-bench';
import type { BuildDraft } from './draft';

/** The bait on the bench; `fallback` lies there while nobody has begun one. */
export function useBuild(fallback: BuildDraft | null) {
  return useDraftBench<BuildDraft>('build', readBuildDraft, fallback);
}

export type BuildBench = ReturnType<typeof useBuild>;
