import { twelfthToThirteenth } from '@/records/upgrades/012-to-013';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** A line of a ticket may name no metal; what is kept stays as it is. */
export const anyHeads: Migration = {
  version: 14,
  stores: {},
  upgrade: (transaction) => rewriteBench(transaction, twelfthToThirteenth, []),
};
