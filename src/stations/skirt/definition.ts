import { countText } from '@/text/count-text';
import { piecesDone } from '@/core/card-runs/turn-card';
import { newestByFamily } from '@/model/versions/newest-by-family';
import type { StationDefinition } from '@/station-kit/station-definition';
import { CARD_KEYS } from '@/station-kit/card-runs/keys';

export const skirt: StationDefinition = {
  key: 'skirt',
  name: 'Skirt',
  href: '/skirt',
  glyph:
    'M8 2v2.6M6.2 4.8h3.6v1.8H6.2zM6.4 6.8C5.6 9.4 4.4 11.6 2.6 13.4M8 6.8V14M9.6 6.8c.8 2.6 2 4.8 3.8 6.6',
  waits: ({ tying, toTie, skirts }) => {
    if (tying) return { waits: `tying, ${tying.count - piecesDone(tying)} left`, tone: 'act' };
    const heads = toTie.reduce((total, { count }) => total + count, 0);
    return {
      waits: heads > 0 ? `${heads} to tie` : countText(newestByFamily(skirts).length, 'recipe'),
      tone: 'calm',
    };
  },
  keys: Object.values(CARD_KEYS),
};
