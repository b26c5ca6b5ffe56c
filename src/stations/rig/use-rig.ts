'use client';

import { useDraftBench } from '../shared';
import { isRigDraft, type RigDraft } from './facts';

/** The rig on the bench; `fallback` lies there while nobody has begun one. */
export function useRig(fallback: RigDraft | null) {
  return useDraftBench<RigDraft>('rig', isRigDraft, fallback);
}

export type RigBench = ReturnType<typeof useRig>;
