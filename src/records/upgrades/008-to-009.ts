import type { BenchUpgrade, OldRecord } from './upgrade';

const FILED_NOWHERE = { fillTo: null, drawerId: null, photoId: null };

/** What a note from the water did not say before. */
const UNSAID = {
  weightG: null,
  fishMm: [],
  lostTo: [],
  depthM: null,
  currentMs: null,
  castM: null,
  lineMm: null,
  waterC: null,
  level: null,
  clarity: null,
  sky: null,
  bottom: null,
  feel: null,
  next: '',
  photoIds: [],
};

/** What a maker's hour, power and trouble were taken to cost before anybody said. */
const MONEY = { sign: '€', ratePerHour: 0, pricePerKWh: 0.3, potKW: 0.5, ovenKW: 1.4, marginShare: 0.5 };

function noted({ skirtId, ...old }: OldRecord): OldRecord {
  return { ...old, ...UNSAID, of: { kind: 'skirt', id: skirtId } };
}

/** The cabinet, buying, outlays; what things cost as they came in; tickets for builds and rigs; notes of any bait. */
export const eighthToNinth: BenchUpgrade = {
  from: 8,
  newTables: ['drawers', 'photos', 'sellers', 'packs', 'purchases', 'substitutes', 'outlays', 'buyIns'],
  record: (table, old) => {
    switch (table) {
      case 'bins':
        return { ...old, ...FILED_NOWHERE, ...(old.kind === 'part' ? { keepApart: null } : {}) };
      case 'entries':
        return { ...old, unitCost: null };
      case 'tickets':
        return { ...old, wares: [] };
      case 'bench':
        return { ...old, money: MONEY };
      case 'waterNotes':
        return noted(old);
      default:
        return old;
    }
  },
};
