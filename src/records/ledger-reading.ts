import type { Entry } from './entry';

/** The ledger as it stands: all of it, what is in each bin, and the entries that other rooms ask for. */
export interface LedgerReading {
  readonly levels: ReadonlyMap<string, number>;
  /** By bin, in the order in which they were entered. */
  readonly entriesByBin: ReadonlyMap<string, readonly Entry[]>;
  /** Entries that name a ticket: what was made for whom and what was handed over. */
  readonly ticketEntries: readonly Entry[];
  /** What runs made, and what of it was scrapped since. */
  readonly madeEntries: readonly Entry[];
  /** Of cut pieces of tab. */
  readonly cutEntries: readonly Entry[];
  /** Of rolls, sticks and offcuts that are told apart. */
  readonly lengthEntries: readonly Entry[];
}
