export const MATCH_TABLE_IDS = ['crimp-by-cable', 'tube-by-hook', 'ring-by-load', 'bead-by-line'] as const;
export type MatchTableId = (typeof MATCH_TABLE_IDS)[number];

/** What suits what: from one size to another, exclusive of the upper, a part of so much. */
export interface MatchLine {
  readonly table: MatchTableId;
  readonly from: number;
  readonly to: number;
  readonly takes: number;
  /** As anybody does it, or as the maker tried it. */
  readonly basis: 'typical' | 'tried';
}

/**
 * The line of a table for a size: what the maker tried goes before what is typical. Null where the table does not reach.
 *
 * @example findMatch(lines, 'crimp-by-cable', 0.45)?.takes // 1
 */
export function findMatch(lines: readonly MatchLine[], table: MatchTableId, size: number): MatchLine | null {
  const fits = lines.filter((line) => line.table === table && size >= line.from && size < line.to);
  return fits.find(({ basis }) => basis === 'tried') ?? fits[0] ?? null;
}
