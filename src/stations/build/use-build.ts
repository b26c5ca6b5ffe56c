'use client';

import { readBuildDraft } from '@/records/drafts';
import { useDraft } from '@/station-kit/use-draft';
import type { BuildDraft } from '@/model/baits/build-draft';

/** The bait on the bench; `fallback` lies there while nobody has begun one. */
export function useBuild(fallback: BuildDraft | null) {
  return useDraft<BuildDraft>('build', readBuildDraft, fallback);
}

export type BaitDraftInHand = ReturnType<typeof useBuild>;
