import { thirteenthToFourteenth } from '@/records/upgrades/013-to-014';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** A trailer has a shape of its own. */
export const shapes: Migration = {
  version: 15,
  stores: {},
  upgrade: (transaction) => rewriteBench(transaction, thirteenthToFourteenth, ['bins']),
};
