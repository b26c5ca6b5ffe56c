import { useSyncExternalStore } from 'react';
import type { SyncQuestion } from '@/data/copy/shared-benches';

/** How the copy of the bench stands. */
export interface CopyStatus {
  /** `off`: this browser cannot; `idle`: nothing changed yet; `paused`: the folder may not be written to until that is given again. */
  readonly is: 'off' | 'idle' | 'saving' | 'saved' | 'paused' | 'failed';
  /** The chosen folder's name; null where copies lie in the browser itself. */
  readonly folder: string | null;
  readonly savedAt: number | null;
  /** What failed, in the browser's words. */
  readonly why: string | null;
  /** Other devices' benches that differ where this one does. */
  readonly questions: readonly SyncQuestion[];
}

const AT_FIRST: CopyStatus = { is: 'off', folder: null, savedAt: null, why: null, questions: [] };

let current = AT_FIRST;
const listeners = new Set<() => void>();

export function setCopyStatus(change: Partial<CopyStatus>): void {
  current = { ...current, ...change };
  for (const listener of listeners) listener();
}

export const readCopyStatus = (): CopyStatus => current;

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
}

export const useCopyStatus = (): CopyStatus =>
  useSyncExternalStore(
    subscribe,
    () => current,
    () => AT_FIRST,
  );
