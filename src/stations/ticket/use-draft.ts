'use client';

import { useCallback, useState } from 'react';
import { dropDraft, keepDraft, readDraft } from '@/data/device/drafts';
import { isDraft, type TicketDraft } from './draft';

const FORM = 'ticket';

/** The ticket being written, kept on this screen through reloads until it is written or left. */
export function useDraft() {
  const [draft, setDraft] = useState<TicketDraft | null>(() => {
    const kept = typeof window === 'undefined' ? null : readDraft(window.localStorage, FORM);
    return isDraft(kept) ? kept : null;
  });
  const keep = useCallback((next: TicketDraft | null) => {
    setDraft(next);
    if (next) keepDraft(window.localStorage, FORM, next);
    else dropDraft(window.localStorage, FORM);
  }, []);
  return [draft, keep] as const;
}
