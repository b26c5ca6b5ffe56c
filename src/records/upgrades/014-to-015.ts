import type { BenchUpgrade } from './upgrade';

/**
 * Racks may hang with no oven, heads may be cast on a wire, cards may be in the maker's own order, skirts wound with thread that is
 * counted: all of it is left out where nobody said it. What was kept says nothing of it, and stays as it is; the number tells
 * an older bench that it would not know.
 */
export const fourteenthToFifteenth: BenchUpgrade = { from: 14, newTables: [], record: (_, old) => old };
