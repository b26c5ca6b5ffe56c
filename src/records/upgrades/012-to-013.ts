import type { BenchUpgrade } from './upgrade';

/** A line of a ticket may name no metal. What was kept before named one: it stays as it is. */
export const twelfthToThirteenth: BenchUpgrade = { from: 12, newTables: [], record: (_, old) => old };
