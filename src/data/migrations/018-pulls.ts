import { sixteenthToSeventeenth } from '@/records/upgrades/016-to-017';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** Pulls of knots and crimps. How a run's pot was lit and what went back into it are left out of what was kept. */
export const pulls: Migration = {
  version: 18,
  stores: { pulls: 'id, binId' },
  upgrade: (transaction) => rewriteBench(transaction, sixteenthToSeventeenth, []),
};
