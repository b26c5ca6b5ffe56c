import { isRecord, type BenchUpgrade, type OldRecord } from './upgrade';

const NO_SKIRT = { skirtId: null, guardBinId: null, collarBinId: null };

const RECORDS: Readonly<Record<string, (old: OldRecord) => OldRecord>> = {
  bins: (old) =>
    old.kind === 'head' ? { ...old, skirtId: null } : old.kind === 'part' ? { ...old, hex: null } : old,
  entries: (old) => ({ ...old, pieceShare: null }),
  tickets: (old) => ({
    ...old,
    lines: Array.isArray(old.lines)
      ? (old.lines as unknown[]).map((line) => (isRecord(line) ? { ...line, ...NO_SKIRT } : line))
      : old.lines,
  }),
};

/** Recipes of skirts, runs of them and what the water said; heads wear skirts, entries know pieces of tab. */
export const fifthToSixth: BenchUpgrade = {
  from: 5,
  newTables: ['skirts', 'tyings', 'waterNotes'],
  record: (table, old) => RECORDS[table]?.(old) ?? old,
};
