import type { BenchUpgrade } from './upgrade';

/** Knots and crimps that were pulled until they broke; what is said of a run since is left out where nobody said it. */
export const sixteenthToSeventeenth: BenchUpgrade = {
  from: 16,
  newTables: ['pulls'],
  record: (_, old) => old,
};
