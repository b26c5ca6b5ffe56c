import { seventhToEighth } from '@/records/upgrades/007-to-008';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** Rigs and runs of them, allowances, matches, kits; rolls and sticks told apart by their entries. */
export const rigStation: Migration = {
  version: 8,
  stores: {
    entries: 'id, binId, at, runId, ticketId, pieceShare, lengthId',
    rigs: 'id, family',
    riggings: 'id, no, state',
    allowances: 'id',
    matches: 'id, table',
    kits: 'id, no, state',
  },
  upgrade: (transaction) => rewriteBench(transaction, seventhToEighth, ['bins', 'entries']),
};
