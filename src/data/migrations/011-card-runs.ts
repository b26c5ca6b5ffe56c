import { ninthToTenth } from '@/records/upgrades/009-to-010';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** Runs of skirts, baits and rigs kept alike. */
export const cardRuns: Migration = {
  version: 11,
  stores: {},
  upgrade: (transaction) => rewriteBench(transaction, ninthToTenth, ['tyings', 'buildings', 'riggings']),
};
