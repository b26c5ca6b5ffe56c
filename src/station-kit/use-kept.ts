'use client';

import { useNotice } from './use-notice';
import { useCallback, useEffect, useState } from 'react';
import { dropDraft, keepDraft, readDraft } from '@/data/device/drafts';

/**
 * What a screen keeps under `form` until it is written or let go. `read` gives what was kept, null where it is none of the kind
 * (any more): that is let go, with a word.
 */
export function useKept<T>(form: string, read: (kept: unknown) => T | null) {
  const notice = useNotice();
  const [found] = useState(() => {
    const kept = typeof window === 'undefined' ? null : readDraft(window.localStorage, form);
    const draft = read(kept);
    return { draft, isUnread: kept !== null && draft === null };
  });
  const { draft, isUnread } = found;
  useEffect(() => {
    if (!isUnread) return;
    dropDraft(window.localStorage, form);
    notice.info('What was half made here was kept by another Ruvek and cannot be gone on with.', 8);
  }, [isUnread, form, notice]);
  const write = useCallback(
    (next: T | null) => {
      if (next === null) dropDraft(window.localStorage, form);
      else keepDraft(window.localStorage, form, next);
    },
    [form],
  );
  return [draft, write] as const;
}

/** The same as a state: what was kept, and a way to keep the next or let it go. */
export function useKeptState<T>(form: string, read: (kept: unknown) => T | null) {
  const [found, write] = useKept(form, read);
  const [draft, setDraft] = useState(found);
  const keep = useCallback(
    (next: T | null) => {
      setDraft(next);
      write(next);
    },
    [write],
  );
  return [draft, keep] as const;
}
