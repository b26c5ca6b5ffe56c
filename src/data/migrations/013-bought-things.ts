import { eleventhToTwelfth } from '@/records/upgrades/011-to-012';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** Hooks, heads and powders have a price of their own, heads can be bought, a part is what its gauge says. */
export const boughtThings: Migration = {
  version: 13,
  stores: {},
  upgrade: (transaction) => rewriteBench(transaction, eleventhToTwelfth, ['bins']),
};
