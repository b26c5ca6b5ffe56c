import { fourthToFifth } from '@/records/upgrades/004-to-005';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** Heaters, recipes of color, racks and what was wrong with coats; heads and ticket lines know a color. */
export const coatStation: Migration = {
  version: 5,
  stores: { heaters: 'id', coats: 'id', racks: 'id, no, state', coatFaults: 'id, rackId' },
  upgrade: (transaction) => rewriteBench(transaction, fourthToFifth, ['bins', 'tickets']),
};
