import { firstToSecond } from '@/records/upgrades/001-to-002';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** Weighings, melts and rules; cavities known by name; benches put by are brought up with the rest. */
export const trueWeights: Migration = {
  version: 2,
  stores: { weighings: 'id, moldId, metalBinId', melts: 'id, no', rules: 'id' },
  upgrade: (transaction) => rewriteBench(transaction, firstToSecond, ['bench', 'bins', 'molds']),
};
