'use client';

import { readRigDraft } from '@/records/drafts';
import { useDraft } from '@/station-kit/use-draft';
import type { RigDraft } from '@/model/rigs/rig-draft';

/** The rig on the bench; `fallback` lies there while nobody has begun one. */
export function useRig(fallback: RigDraft | null) {
  return useDraft<RigDraft>('rig', readRigDraft, fallback);
}

export type RigDraftInHand = ReturnType<typeof useRig>;
