'use client';

import { readRigDraft } from '@/records/drafts';
import { useDraftBench } from '@/station-kit/use-draft-bench';
import type { RigDraft } from './draft';

/** The rig on the bench; `fallback` lies there while nobody has begun one. */
export function useRig(fallback: RigDraft | null) {
  return useDraftBench<RigDraft>('rig', readRigDraft, fallback);
}

export type RigBench = ReturnType<typeof useRig>;
