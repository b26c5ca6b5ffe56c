/** A record as an older version kept it. */
export type OldRecord = Record<string, unknown>;

/** Brings what one version kept up to the next. A file, once shipped, is never edited. */
export interface BenchUpgrade {
  readonly from: number;
  /** Tables that are new, empty at first. */
  readonly newTables: readonly string[];
  /** One record of a table, in the new form. */
  readonly record: (table: string, old: OldRecord) => OldRecord;
  /** What an entry of the history itself says anew, beside the records it keeps. */
  readonly act?: (old: OldRecord) => OldRecord;
}

/** Whether a value is a record at all; files come from anywhere. */
export function isRecord(value: unknown): value is OldRecord {
  return value !== null && typeof value === 'object' && !Array.isArray(value);
}
