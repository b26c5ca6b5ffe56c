import type { StationDefinition } from '@/station-kit/station-definition';
import { RACK_KEYS } from './keys';

export const coat: StationDefinition = {
  key: 'coat',
  name: 'Coat',
  href: '/coat',
  glyph:
    'M5.5 2h5M8 2v2.4M8 4.4c2.4 2.6 3.8 4.4 3.8 6.2a3.8 3.8 0 0 1-7.6 0C4.2 8.8 5.6 7 8 4.4zM4.6 9.4h6.8',
  waits: (bench) => {
    const toCoat = bench.toCoat.reduce((total, { count }) => total + count, 0);
    const hung = bench.racks
      .filter(({ state }) => state === 'hanging')
      .reduce((total, rack) => total + rack.hung.length, 0);
    if (bench.racks.some(({ state }) => state === 'curing'))
      return { waits: 'rack in the oven', tone: 'act' };
    if (toCoat + hung > 0) return { waits: `${toCoat + hung} to coat`, tone: 'calm' };
    return { waits: bench.racks.length > 0 ? 'all coated' : 'none to coat', tone: 'calm' };
  },
  keys: Object.values(RACK_KEYS),
};
