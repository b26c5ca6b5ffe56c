import { waitingToDress } from '@/model/next/waiting-to-dress';
import type { StationDefinition } from '@/station-kit/station-definition';
import { STEP_KEYS } from './keys';

export const dress: StationDefinition = {
  key: 'dress',
  name: 'Dress',
  href: '/dress',
  glyph: 'M4.2 14L8 7.6 11.8 14M8 7.6L6.1 5C5.2 3.8 5.9 2.4 7.3 2M8 7.6L9.9 5c.9-1.2.2-2.6-1.2-3M6.7 9.8h2.6',
  waits: (view, { now }) => {
    const { runs, batches } = view;
    const toDress = waitingToDress(view, now);
    return {
      waits:
        toDress > 0
          ? `${toDress} to dress`
          : runs.length + batches.length > 0
            ? 'all dressed'
            : 'none to dress',
      tone: batches.some(({ inHand, endedAt }) => endedAt === null && inHand !== null) ? 'act' : 'calm',
    };
  },
  keys: Object.values(STEP_KEYS),
};
