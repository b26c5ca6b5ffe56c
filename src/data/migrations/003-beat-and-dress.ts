import { secondToThird } from '@/records/upgrades/002-to-003';
import type { Migration } from './migration';
import { rewriteBench } from './rewrite-bench';

/** The beat of a run, batches on the dressing bench and flaws; benches put by are brought up with the rest. */
export const beatAndDress: Migration = {
  version: 3,
  stores: { beats: 'id', batches: 'id', flaws: 'id, runId, moldId' },
  upgrade: (transaction) =>
    rewriteBench(transaction, secondToThird, ['bench', 'molds', 'runs', 'pours', 'weighings']),
};
