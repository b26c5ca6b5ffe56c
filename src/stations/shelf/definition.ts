import { stockStatus } from '@/model/stock/stock-status';
import type { StationDefinition } from '@/station-kit/station-definition';
import { SHELF_KEYS } from './keys';

export const shelf: StationDefinition = {
  key: 'shelf',
  name: 'Shelf',
  href: '/shelf',
  glyph: 'M2.5 3h11v10h-11zM2.5 8h11M6.2 3v5M9.8 8v5',
  waits: (bench) => {
    const low = bench.bins.filter((bin) => stockStatus(bin, bench).isLow).length;
    return low > 0 ? { waits: `${low} low`, tone: 'mind' } : { waits: 'stocked', tone: 'calm' };
  },
  keys: Object.values(SHELF_KEYS),
};
