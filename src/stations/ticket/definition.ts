import type { StationDefinition } from '@/station-kit/station-definition';
import { TICKET_KEYS } from './keys';

export const ticket: StationDefinition = {
  key: 'ticket',
  name: 'Ticket',
  href: '/ticket',
  glyph: 'M4 2.5h8v11l-2-1.4-2 1.4-2-1.4-2 1.4zM6.2 5.5h3.6M6.2 8h3.6',
  waits: ({ tickets }) => ({
    waits: `${tickets.filter(({ state }) => state === 'open').length} open`,
    tone: 'calm',
  }),
  keys: Object.values(TICKET_KEYS),
};
