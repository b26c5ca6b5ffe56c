'use client';

import { useCallback } from 'react';
import type { WaitingHeads } from '@/core/coats/heads-to-coat';
import { readPicks } from '@/records/drafts';
import { useKeptState } from '@/station-kit/use-kept';

const NONE: readonly WaitingHeads[] = [];

/** Heads taken from the shelf for the rack, for no ticket: kept on this screen until they hang. */
export function usePicks() {
  const [picks, keep] = useKeptState<readonly WaitingHeads[]>('coat-picks', readPicks);
  const keepSome = useCallback(
    (next: readonly WaitingHeads[]) => keep(next.length > 0 ? next : null),
    [keep],
  );
  return [picks ?? NONE, keepSome] as const;
}
