import { countText } from '@/text/count-text';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { piecesDone } from '@/core/card-runs/turn-card';
import { CARD_KEYS } from '@/station-kit/card-runs/keys';
import type { StationDefinition } from '@/station-kit/station-definition';
import { CUT_KEYS, RIG_KEYS } from './keys';

export const rig: StationDefinition = {
  key: 'rig',
  name: 'Rig',
  href: '/rig',
  glyph:
    'M2 3.2h3.4M7.6 3.2a1.1 1.1 0 1 1-2.2 0 1.1 1.1 0 0 1 2.2 0zM7.6 3.2H11M11 3.2v6.6a2.6 2.6 0 1 1-5.2 0V8.6M5.8 8.6L4.4 10M3 3.2v3.4',
  waits: ({ rigging, rigs }) =>
    rigging
      ? { waits: `rigging, ${rigging.count - piecesDone(rigging)} left`, tone: 'act' }
      : { waits: countText(newestByFamily(rigs).length, 'rig'), tone: 'calm' },
  keys: [...Object.values(RIG_KEYS), ...Object.values(CUT_KEYS), ...Object.values(CARD_KEYS)],
};
