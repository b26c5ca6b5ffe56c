'use client';

import { useCallback, useState } from 'react';
import type { WaitingHeads } from '@/core/coats/heads-to-coat';
import { dropDraft, keepDraft, readDraft } from '@/data/device/drafts';

const FORM = 'coat-picks';

function isPicks(kept: unknown): kept is WaitingHeads[] {
  return (
    Array.isArray(kept) &&
    kept.every(
      (each: Partial<WaitingHeads> | null) =>
        typeof each?.headBinId === 'string' &&
        typeof each.coatId === 'string' &&
        typeof each.count === 'number',
    )
  );
}

/** Heads taken from the shelf for the rack, for no ticket: kept on this screen until they hang. */
export function usePicks() {
  const [picks, setPicks] = useState<readonly WaitingHeads[]>(() => {
    const kept = typeof window === 'undefined' ? null : readDraft(window.localStorage, FORM);
    return isPicks(kept) ? kept : [];
  });
  const keep = useCallback((next: readonly WaitingHeads[]) => {
    setPicks(next);
    if (next.length > 0) keepDraft(window.localStorage, FORM, next);
    else dropDraft(window.localStorage, FORM);
  }, []);
  return [picks, keep] as const;
}
