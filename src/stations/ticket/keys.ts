import type { KeyMap } from '@/station-kit/key-map';

/** The keys among the tickets. */
export const TICKET_KEYS: KeyMap<'add'> = { add: { press: ['n'], shows: 'N', does: 'a new ticket' } };
