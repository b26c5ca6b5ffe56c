import type { StationDefinition } from '@/station-kit/station-definition';
import { allOnHandText } from '@/text/on-hand-text';

export const metal: StationDefinition = {
  key: 'metal',
  name: 'Metal',
  href: '/metal',
  glyph: 'M2.5 4.5h11l-1.6 8H4.1zM5.6 8.2c1.6-1.2 3.2 1.2 4.8 0M2 4.5h12',
  waits: ({ metals, levels }, { mass }) => ({ waits: allOnHandText(metals, levels, mass), tone: 'calm' }),
  keys: [],
};
