import { fifthToSixth } from '@/records/upgrades/005-to-006';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** Recipes of skirts, runs of them, what the water said; entries are found by the piece of tab they are of. */
export const skirtStation: Migration = {
  version: 6,
  stores: {
    skirts: 'id, family',
    tyings: 'id, no, state',
    waterNotes: 'id, skirtId',
    entries: 'id, binId, at, runId, ticketId, pieceShare',
  },
  upgrade: (transaction) => rewriteBench(transaction, fifthToSixth, ['bins', 'entries', 'tickets']),
};
