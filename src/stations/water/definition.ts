import { countText } from '@/text/count-text';
import type { StationDefinition } from '@/station-kit/station-definition';

export const water: StationDefinition = {
  key: 'water',
  name: 'Water',
  href: '/water',
  glyph:
    'M1.6 6.4c1.6-1.6 3.2-1.6 4.8 0s3.2 1.6 4.8 0c1.2-1.2 2.2-1.4 3.2-.8M1.6 10.6c1.6-1.6 3.2-1.6 4.8 0s3.2 1.6 4.8 0c1.2-1.2 2.2-1.4 3.2-.8M8 1.8v2.4',
  letter: 'w',
  waits: ({ waterNotes }) => ({ waits: countText(waterNotes.length, 'note'), tone: 'calm' }),
  keys: [],
};
