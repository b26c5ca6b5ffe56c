import { isRecord, type BenchUpgrade, type OldRecord } from './upgrade';

const RECORDS: Readonly<Record<string, (old: OldRecord) => OldRecord>> = {
  bins: (old) => (old.kind === 'head' ? { ...old, coatId: null } : old),
  tickets: (old) => ({
    ...old,
    lines: Array.isArray(old.lines)
      ? (old.lines as unknown[]).map((line) => (isRecord(line) ? { ...line, coatId: null } : line))
      : old.lines,
  }),
};

/** Heads know their color and ticket lines the one they ask for; heaters, recipes of color, racks and their faults. */
export const fourthToFifth: BenchUpgrade = {
  from: 4,
  newTables: ['heaters', 'coats', 'racks', 'coatFaults'],
  record: (table, old) => RECORDS[table]?.(old) ?? old,
};
