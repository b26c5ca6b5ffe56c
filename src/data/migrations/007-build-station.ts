import { sixthToSeventh } from '@/records/upgrades/006-to-007';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** Builds and runs of them, soft plastics and their batches; parts are measured. */
export const buildStation: Migration = {
  version: 7,
  stores: {
    builds: 'id, family',
    buildings: 'id, no, state',
    plastics: 'id',
    plasticBatches: 'id, no, plasticId',
  },
  upgrade: (transaction) => rewriteBench(transaction, sixthToSeventh, ['bins']),
};
