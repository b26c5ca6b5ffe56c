import { countText } from '@/text/count-text';
import type { StationDefinition } from '@/station-kit/station-definition';

export const molds: StationDefinition = {
  key: 'molds',
  name: 'Molds',
  href: '/molds',
  glyph: 'M2.5 4h11v8h-11zM8 4v2.2M10.2 8a2.2 2.2 0 1 1-4.4 0 2.2 2.2 0 0 1 4.4 0z',
  waits: ({ molds }) => ({ waits: countText(molds.length, 'block'), tone: 'calm' }),
  keys: [],
};
