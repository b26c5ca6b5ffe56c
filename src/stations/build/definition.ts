import { countText } from '@/text/count-text';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { piecesDone } from '@/core/card-runs/turn-card';
import { CARD_KEYS } from '@/station-kit/card-runs/keys';
import type { StationDefinition } from '@/station-kit/station-definition';
import { BAIT_KEYS } from './keys';

export const build: StationDefinition = {
  key: 'build',
  name: 'Build',
  href: '/build',
  glyph:
    'M2.6 11.2L5 13.4M3.8 12.3L11 4.6M11 4.6a1.6 1.6 0 1 1 2.2-2.2M3.8 12.3h7.4M11.2 12.3c1.2-1.4 2.4-1.4 3 0-.6 1.4-1.8 1.4-3 0z',
  waits: ({ building, builds }) =>
    building
      ? { waits: `building, ${building.count - piecesDone(building)} left`, tone: 'act' }
      : { waits: countText(newestByFamily(builds).length, 'build'), tone: 'calm' },
  keys: [...Object.values(BAIT_KEYS), ...Object.values(CARD_KEYS)],
};
