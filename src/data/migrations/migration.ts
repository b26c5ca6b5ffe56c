import type { Transaction } from 'dexie';

/** One version of the database. A file, once shipped, is never edited: what comes later is a new file. */
export interface Migration {
  readonly version: number;
  /** Dexie's store definitions: tables added or changed, null where one is dropped. */
  readonly stores: Readonly<Record<string, string | null>>;
  /** Brings the records of the version before up to this one. */
  readonly upgrade?: (transaction: Transaction) => Promise<void>;
}
