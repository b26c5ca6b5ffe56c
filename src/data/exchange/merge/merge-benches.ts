import type { Change, HistoryEntry } from '@/records/history-entry';
import { CONTENTS_TABLES, type BenchContents, type ContentsTable } from '@/records/bench-file';
import { findLooseEnd } from '@/records/find-loose-end';
import { sameValue } from '../same-value';
import { noOf, NUMBERED, numberAnew } from './number-anew';

type Record = { readonly id: string };
type Rows = { -readonly [T in ContentsTable]: Record[] };

/** The same record, changed on both sides since they parted. */
export interface MergeConflict {
  readonly table: ContentsTable;
  readonly id: string;
  /** What it is called, where it is called something. */
  readonly name: string;
  /** When each side changed it last; null where its history does not say. */
  readonly oursAt: number | null;
  readonly theirsAt: number | null;
  /** Which one stands unless the maker says otherwise: the later. */
  readonly stands: 'ours' | 'theirs';
}

export interface MergeCounts {
  readonly table: ContentsTable;
  readonly added: number;
  readonly changed: number;
  readonly removed: number;
}

/** A bin that both sides took from, until there is less than nothing in it. */
export interface BelowZero {
  readonly binId: string;
  readonly name: string;
  readonly level: number;
}

export interface MergePlan {
  readonly contents: BenchContents;
  readonly counts: readonly MergeCounts[];
  readonly conflicts: readonly MergeConflict[];
  /** What was settled by this join: each conflict's record from the side that gave way to the one that stands. */
  readonly settled: readonly Change[];
  readonly belowZero: readonly BelowZero[];
  /** Runs that are under way on both sides: one must be ended first. */
  readonly twoUnderWay: readonly ContentsTable[];
}

/** Choices of the maker: by `table id`, which side stands. */
export type MergeChoices = Readonly<{ [key: string]: 'ours' | 'theirs' | undefined }>;

export const conflictKey = ({ table, id }: Pick<MergeConflict, 'table' | 'id'>): string => `${table} ${id}`;

/** Records that are only ever added: both sides' stand side by side. */
const GROWS: ReadonlySet<ContentsTable> = new Set(['entries', 'acts']);
const UNDER_WAY: Readonly<Partial<{ [T in ContentsTable]: string }>> = {
  runs: 'pouring',
  tyings: 'tying',
  buildings: 'building',
  riggings: 'rigging',
};
const NOTHING = 1e-6;

/** The last doing of a side that changed a record. */
interface LastChange {
  readonly at: number;
  readonly actId: string;
  /** It answered what two devices said of the record. */
  readonly isAnswer: boolean;
}

const isLater = (one: LastChange, other: LastChange) =>
  one.at > other.at || (one.at === other.at && one.actId > other.actId);

/** How a side changed each record last, of what the other does not know of. */
function ownChanges(acts: readonly HistoryEntry[], known: ReadonlySet<string>): Map<string, LastChange> {
  const last = new Map<string, LastChange>();
  for (const { id, at, changes, deed } of acts) {
    if (known.has(id)) continue;
    const change = { at, actId: id, isAnswer: deed.code === 'bench.joined' };
    for (const { table, key } of changes) {
      const name = conflictKey({ table, id: key });
      const before = last.get(name);
      if (!before || isLater(change, before)) last.set(name, change);
    }
  }
  return last;
}

const rowsOf = (contents: BenchContents, table: ContentsTable): Record[] => contents[table];

function nameOf(record: Record): string {
  for (const key of ['name', 'title', 'place'] as const) {
    if (key in record) return String((record as unknown as { [K in typeof key]: unknown })[key]);
  }
  return record.id;
}

/** Both sides' acts in the order in which they were done, counted anew. */
function joinActs(ours: readonly HistoryEntry[], theirs: readonly HistoryEntry[]): HistoryEntry[] {
  const known = new Set(ours.map(({ id }) => id));
  const all = [...ours, ...theirs.filter(({ id }) => !known.has(id))];
  return all
    .sort((a, b) => a.at - b.at || a.no - b.no || (a.id < b.id ? -1 : 1))
    .map((act, nth) => ({ ...act, no: nth + 1 }));
}

/**
 * Two benches that were one, joined: every ledger entry of both once, records that only one side changed as that side
 * has them, those that both changed as the maker chose or as they were changed last. Nothing is counted twice, however
 * often the same file is joined.
 *
 * @example mergeBenches(ours, ours).counts.every(({ added, changed }) => added + changed === 0) // true
 */
export function mergeBenches(
  ours: BenchContents,
  theirs: BenchContents,
  choices: MergeChoices = {},
): MergePlan {
  const ourActs = new Set(ours.acts.map(({ id }) => id));
  const theirActs = new Set(theirs.acts.map(({ id }) => id));
  const changedByUs = ownChanges(ours.acts, theirActs);
  const changedByThem = ownChanges(theirs.acts, ourActs);
  // Who knows all that the other did has settled already what differs: a number given anew, a choice made at the last join.
  const weKnowAll = theirs.acts.length > 0 && theirs.acts.every(({ id }) => ourActs.has(id));
  const theyKnowAll = ours.acts.length > 0 && ours.acts.every(({ id }) => theirActs.has(id));
  const conflicts: MergeConflict[] = [];
  const settled: Change[] = [];
  const twoUnderWay: ContentsTable[] = [];

  const join = (mayRemove: boolean): Rows => {
    conflicts.length = 0;
    settled.length = 0;
    const rows = Object.fromEntries(
      CONTENTS_TABLES.map((table) => [table, joinTable(table, mayRemove)]),
    ) as Rows;
    rows.acts = joinActs(ours.acts, theirs.acts);
    for (const table of NUMBERED)
      rows[table] = numbersSettled(table, rows[table], theirs, rows.acts as HistoryEntry[]);
    return rows;
  };

  function joinTable(table: ContentsTable, mayRemove: boolean): Record[] {
    const mine = rowsOf(ours, table);
    const other = new Map(rowsOf(theirs, table).map((record) => [record.id, record]));
    const known = new Set(mine.map(({ id }) => id));
    const kept = mine.flatMap((record) => {
      const key = conflictKey({ table, id: record.id });
      const their = other.get(record.id);
      if (!their) {
        // Gone there since: taken away by them, unless we changed it after.
        const isRemoved = mayRemove && !GROWS.has(table) && changedByThem.has(key) && !changedByUs.has(key);
        return isRemoved ? [] : [record];
      }
      if (GROWS.has(table) || alike(table, record, their)) return [record];
      const [us, them] = [changedByUs.get(key) ?? null, changedByThem.get(key) ?? null];
      if (them && !us) return [their];
      if (us && !them) return [record];
      // Both answered the same question: it is not asked again, and the later answer stands everywhere.
      if (us?.isAnswer && them?.isAnswer) return [isLater(them, us) ? their : record];
      // Where each knows all of the other's, both must come to the same: the one that is written first.
      if (weKnowAll && theyKnowAll) return [JSON.stringify(record) <= JSON.stringify(their) ? record : their];
      if (!us && weKnowAll) return [record];
      if (!them && theyKnowAll) return [their];
      const [oursAt, theirsAt] = [us?.at ?? null, them?.at ?? null];
      const later = us && them && isLater(them, us) ? 'theirs' : 'ours';
      const stands = choices[key] ?? later;
      conflicts.push({ table, id: record.id, name: nameOf(record), oursAt, theirsAt, stands });
      const [after, before] = stands === 'ours' ? [record, their] : [their, record];
      if (table !== 'acts') settled.push({ table, key: record.id, before, after });
      return [after];
    });
    const added = [...other.values()].filter((record) => {
      if (known.has(record.id)) return false;
      const key = conflictKey({ table, id: record.id });
      // Gone here since: we took it away, unless they changed it after.
      return GROWS.has(table) || !mayRemove || !changedByUs.has(key) || changedByThem.has(key);
    });
    const under = UNDER_WAY[table];
    const isUnderWay = (record: Record) => under !== undefined && 'state' in record && record.state === under;
    if (kept.some(isUnderWay) && added.some(isUnderWay)) twoUnderWay.push(table);
    return [...kept, ...added];
  }

  let rows = join(true);
  // What one side took away may be what the other went on with: then it stays.
  if (findLooseEnd(rows as unknown as BenchContents)) rows = join(false);
  const contents = rows as unknown as BenchContents;
  return {
    contents,
    counts: countAll(ours, contents),
    conflicts: [...conflicts],
    settled: [...settled],
    belowZero: belowZero(ours, contents),
    twoUnderWay: [...new Set(twoUnderWay)],
  };
}

/** Whether two say the same; a number may have been given anew, and is settled for all of a table at once. */
function alike(table: ContentsTable, a: Record, b: Record): boolean {
  return sameValue(a, NUMBERED.has(table) ? { ...b, no: noOf(a) } : b);
}

/** The numbers of a joined table: as they are, where both sides have them alike and no two are one. */
function numbersSettled(
  table: ContentsTable,
  joined: readonly Record[],
  theirs: BenchContents,
  acts: readonly HistoryEntry[],
): Record[] {
  const other = new Map(rowsOf(theirs, table).map((record) => [record.id, noOf(record)]));
  const isAlike = joined.every((record) => (other.get(record.id) ?? noOf(record)) === noOf(record));
  const isEachItsOwn = new Set(joined.map(noOf)).size === joined.length;
  return isAlike && isEachItsOwn ? [...joined] : numberAnew(table, joined, acts);
}

function countAll(ours: BenchContents, joined: BenchContents): MergeCounts[] {
  return CONTENTS_TABLES.flatMap((table) => {
    if (table === 'acts') return [];
    const before = new Map(rowsOf(ours, table).map((record) => [record.id, record]));
    const after = rowsOf(joined, table);
    const added = after.filter(({ id }) => !before.has(id)).length;
    const changed = after.filter((record) => {
      const was = before.get(record.id);
      return was !== undefined && !sameValue(was, record);
    }).length;
    const removed = before.size + added - after.length;
    return added + changed + removed > 0 ? [{ table, added, changed, removed }] : [];
  });
}

function levelsOf({ entries }: BenchContents): Map<string, number> {
  const levels = new Map<string, number>();
  for (const { binId, qty } of entries) levels.set(binId, (levels.get(binId) ?? 0) + qty);
  return levels;
}

function belowZero(ours: BenchContents, joined: BenchContents): BelowZero[] {
  const [before, after] = [levelsOf(ours), levelsOf(joined)];
  return joined.bins.flatMap(({ id, name }) => {
    const level = after.get(id) ?? 0;
    return level < -NOTHING && level < (before.get(id) ?? 0) - NOTHING ? [{ binId: id, name, level }] : [];
  });
}
