import { tenthToEleventh } from '@/records/upgrades/010-to-011';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** The history says what was done as a code and facts. */
export const deeds: Migration = {
  version: 12,
  stores: {},
  upgrade: (transaction) => rewriteBench(transaction, tenthToEleventh, []),
};
