'use client';

import { readTicketDraft } from '@/records/drafts';
import { useKeptState } from '@/station-kit/use-kept';
import type { TicketDraft } from '@/model/tickets/ticket-draft';

/** The ticket being written, kept on this screen through reloads until it is written or left. */
export function useDraft() {
  return useKeptState<TicketDraft>('ticket', readTicketDraft);
}
