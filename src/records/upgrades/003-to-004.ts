import type { BenchUpgrade, OldRecord } from './upgrade';

const RECORDS: Readonly<Record<string, (old: OldRecord) => OldRecord>> = {
  weighings: (old) => ({ ...old, batchId: null }),
  batches: (old) => ({ ...old, headBinId: null, toleranceShare: 0.03, sortedOut: [] }),
  flaws: (old) => ({ ...old, batchId: null, fate: 'kept', cause: null }),
};

/** Weighings and flaws know their batch, flaws what became of them and of what they came; batches where they lie. */
export const thirdToFourth: BenchUpgrade = {
  from: 3,
  newTables: [],
  record: (table, old) => RECORDS[table]?.(old) ?? old,
};
