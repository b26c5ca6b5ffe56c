import type { HistoryEntry } from '@/records/history-entry';
import type { ContentsTable } from '@/records/bench-file';

type Row = { readonly id: string };

/** Tables whose records count up; two of one number cannot stand. */
export const NUMBERED: ReadonlySet<ContentsTable> = new Set([
  'tickets',
  'runs',
  'melts',
  'racks',
  'tyings',
  'buildings',
  'riggings',
  'kits',
  'purchases',
  'plasticBatches',
]);

export const noOf = (row: Row): number | null => ('no' in row && typeof row.no === 'number' ? row.no : null);

/**
 * Records numbered so that no two have one number, alike on every device that knows the same of them: each keeps the number
 * that it was made with, where two were made with one the elder does, and the younger get the next free ones.
 *
 * `acts` is all that was done anywhere; a record that none of them made is the eldest.
 *
 * @example numberAnew('tickets', [{ id: 'a', no: 1 }, { id: 'b', no: 1 }], []).map(noOf) // [1, 2]
 */
export function numberAnew<Each extends Row>(
  table: ContentsTable,
  rows: readonly Each[],
  acts: readonly HistoryEntry[],
): Each[] {
  const made = new Map<string, { readonly no: number; readonly at: number }>();
  for (const { at, changes } of acts) {
    for (const { table: of, key, before, after } of changes) {
      if (of !== table || before !== null || after === null || made.has(key)) continue;
      const no = noOf(after as Row);
      if (no !== null) made.set(key, { no, at });
    }
  }
  const first = (row: Each) => made.get(row.id) ?? { no: noOf(row) ?? 0, at: 0 };
  const byAge = [...rows].sort((a, b) => first(a).at - first(b).at || (a.id < b.id ? -1 : 1));
  const given = new Map<string, number>();
  const taken = new Set<number>();
  for (const row of byAge) {
    const { no } = first(row);
    if (taken.has(no)) continue;
    taken.add(no);
    given.set(row.id, no);
  }
  let next = Math.max(0, ...taken);
  for (const { id } of byAge) {
    if (given.has(id)) continue;
    next += 1;
    given.set(id, next);
  }
  return rows.map((row) => {
    const no = given.get(row.id);
    return no === undefined || no === noOf(row) ? row : { ...row, no };
  });
}
