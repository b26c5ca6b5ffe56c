import type { BenchUpgrade } from './upgrade';

/** An entry of the history told in words what was done; now it has a code and facts, and older ones keep their words. */
export const tenthToEleventh: BenchUpgrade = {
  from: 10,
  newTables: [],
  record: (_table, old) => old,
  act: ({ label, ...old }) => ({ ...old, deed: { code: 'told', facts: { text: label } } }),
};
