/**
 * A copy of the ledger in columns. A browser takes most of a second to give 50,000 records one by one, and a tenth of
 * that to give the same in a few arrays. The entries stay what counts: the copy is used only where the database still
 * holds just what it was made of and what was entered since, and made anew where it does not.
 */
export interface PackedLedger {
  readonly id: 'ledger';
  /** The last act that it knows; null where there was none. */
  readonly actId: string | null;
  readonly actNo: number;
  readonly count: number;
  /** Every text of the entries once. */
  readonly texts: readonly string[];
  /** By field: numbers as they are, NaN for null; or which text, -1 for null. */
  readonly numbers: Readonly<Record<string, Float64Array>>;
  readonly named: Readonly<Record<string, Int32Array>>;
}
