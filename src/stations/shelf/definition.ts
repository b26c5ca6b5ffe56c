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
    if (low > 0) return { waits: `${low} low`, tone: 'mind' };
    if (bench.bins.length === 0) return { waits: 'empty', tone: 'calm' };
    const isCounted = bench.bins.some(({ id }) => (bench.levels.get(id) ?? 0) > 0);
    return { waits: isCounted ? 'stocked' : 'to be counted', tone: 'calm' };
  },
  keys: Object.values(SHELF_KEYS),
};
