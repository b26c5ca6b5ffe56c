import { eighthToNinth } from '@/records/upgrades/008-to-009';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** The cabinet, buying and outlays; prices in the ledger, wares on tickets, notes of any bait. */
export const books: Migration = {
  version: 9,
  stores: {
    waterNotes: 'id, at',
    drawers: 'id',
    photos: 'id',
    sellers: 'id',
    packs: 'id, binId, sellerId',
    purchases: 'id, no, state',
    substitutes: 'id, standsForId',
    outlays: 'id',
    buyIns: 'id',
  },
  upgrade: (transaction) =>
    rewriteBench(transaction, eighthToNinth, ['bins', 'entries', 'tickets', 'bench', 'waterNotes']),
};
