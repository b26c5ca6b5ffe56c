import type { BenchUpgrade } from './upgrade';

const UNMEASURED = { gauge: null, costEach: null, condition: 'new', buildId: null };

/** Builds, runs of them and soft plastics; parts are measured, priced and may be salvage. */
export const sixthToSeventh: BenchUpgrade = {
  from: 6,
  newTables: ['builds', 'buildings', 'plastics', 'plasticBatches'],
  record: (table, old) => (table === 'bins' && old.kind === 'part' ? { ...old, ...UNMEASURED } : old),
};
