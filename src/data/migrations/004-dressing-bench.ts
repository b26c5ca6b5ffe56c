import { thirdToFourth } from '@/records/upgrades/003-to-004';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** Weighings and flaws are found by their batch. */
export const dressingBench: Migration = {
  version: 4,
  stores: { weighings: 'id, moldId, metalBinId, batchId', flaws: 'id, runId, moldId, batchId' },
  upgrade: (transaction) => rewriteBench(transaction, thirdToFourth, ['weighings', 'batches', 'flaws']),
};
