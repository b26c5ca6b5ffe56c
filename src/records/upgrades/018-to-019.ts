import type { BenchUpgrade } from './upgrade';

/** Cups of a known weight are left out where none was weighed: nothing is touched. */
export const eighteenthToNineteenth: BenchUpgrade = { from: 18, newTables: [], record: (_, old) => old };
