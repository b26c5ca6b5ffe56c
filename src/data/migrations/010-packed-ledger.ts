import type { Migration } from './migration';

/** A copy of a long ledger that is read in one go; no record changes. */
export const packedLedger: Migration = { version: 10, stores: { packedLedger: 'id' } };
