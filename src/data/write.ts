import type { Deed } from '@/core/history/deed';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { HistoryEntry, Change } from '@/records/history-entry';
import { checkRecord } from '@/records/check-record';
import type { TableName } from '@/records/tables';
import type { BenchContents } from '@/records/bench-file';
import type { Entry } from '@/records/entry';
import { findOverdrawn } from './hold-levels';
import type { Store } from './store';

type Rows = Pick<BenchContents, TableName>;
type Row<T extends TableName> = Rows[T][number];

/** What a new ledger entry says; the rest is filled in. */
export type NewEntry = Pick<Entry, 'binId' | 'kind' | 'qty'> &
  Partial<
    Pick<
      Entry,
      'note' | 'ticketId' | 'lineId' | 'runId' | 'pieceShare' | 'lengthId' | 'unitCost' | 'reverses'
    >
  >;

/** Of many records, so many at a time. */
const AT_A_TIME = 500;

/** What a write may do inside its transaction. Everything it changes is kept in the history entry. */
export interface WriteTransaction {
  /** When it was asked for: a press counts from when it was made, not from when the storage got round to it. */
  readonly at: number;
  readonly put: <T extends TableName>(table: T, record: Row<T>) => Promise<void>;
  readonly remove: (table: Exclude<TableName, 'entries' | 'bins'>, id: string) => Promise<void>;
  readonly enter: (entry: NewEntry) => Promise<void>;
  /** The same for many records, some at a time, so that the page goes on meanwhile. */
  readonly putMany: <T extends TableName>(table: T, records: readonly Row<T>[]) => Promise<void>;
  readonly enterMany: (entries: readonly NewEntry[]) => Promise<void>;
}

/**
 * Writes to the bench: one transaction, one entry of the history. All of `body` is written or, where it throws, nothing; so also where it
 * would take more out of a bin than the ledger says is there: then it throws a RefusedInside. A body
 * that changes nothing leaves no entry, so a refusal costs nothing. What was done may be a
 * function, where it is only known once it is done.
 *
 * @example await write(store, did('shelf.taken'), (tx) => tx.enter({ binId, kind: 'taken', qty: -5 }))
 */
export async function write<T>(
  store: Store,
  deed: Deed | (() => Deed),
  body: (tx: WriteTransaction) => Promise<T>,
  undoes: string | null = null,
): Promise<T> {
  const { db } = store;
  const at = store.now();
  return db.transaction('rw', db.tables, async () => {
    const changes: Change[] = [];

    const put: WriteTransaction['put'] = async (table, record) => {
      mustBeKeepable(table, record);
      const before: unknown = (await db.table(table).get(record.id)) ?? null;
      await db.table(table).put(record);
      changes.push({ table, key: record.id, before, after: record });
    };
    const remove: WriteTransaction['remove'] = async (table, id) => {
      const before: unknown = (await db.table(table).get(id)) ?? null;
      if (before === null) return;
      await db.table(table).delete(id);
      changes.push({ table, key: id, before, after: null });
    };
    const putMany: WriteTransaction['putMany'] = async (table, records) => {
      for (let from = 0; from < records.length; from += AT_A_TIME) {
        const some = records.slice(from, from + AT_A_TIME);
        for (const record of some) mustBeKeepable(table, record);
        const before: unknown[] = await db.table(table).bulkGet(some.map(({ id }) => id));
        await db.table(table).bulkPut(some);
        some.forEach((record, nth) => {
          changes.push({ table, key: record.id, before: before[nth] ?? null, after: record });
        });
      }
    };
    const entryOf = ({ binId, kind, qty, ...rest }: NewEntry): Entry => {
      const links = { note: '', ticketId: null, lineId: null, runId: null };
      const own = { pieceShare: null, lengthId: null, unitCost: null, reverses: null };
      return { id: store.newId(), at, binId, kind, qty, ...links, ...own, ...rest };
    };
    const enter: WriteTransaction['enter'] = async (entry) => {
      if (entry.qty !== 0) await put('entries', entryOf(entry));
    };
    const enterMany: WriteTransaction['enterMany'] = (entries) =>
      putMany('entries', entries.filter(({ qty }) => qty !== 0).map(entryOf));

    const value = await body({ at, put, remove, enter, putMany, enterMany });
    const overdrawn = await findOverdrawn(
      db,
      changes.filter(({ table }) => table === 'entries').map(({ after }) => after as Entry),
    );
    if (overdrawn) {
      const bin = await db.bins.get(overdrawn.binId);
      const { name = 'A bin', unit = 'pieces' } = bin ?? {};
      throw new RefusedInside({ code: 'bench.below-zero', bin: name, level: overdrawn.level, unit });
    }
    if (changes.length > 0) {
      const last = await db.acts.orderBy('no').last();
      const done = typeof deed === 'function' ? deed() : deed;
      const act: HistoryEntry = {
        id: store.newId(),
        no: (last?.no ?? 0) + 1,
        at,
        deed: done,
        changes,
        undoes,
      };
      await db.acts.add(act);
    }
    return value;
  });
}

/** What could not be read again from a saved file is not written either. */
function mustBeKeepable(table: TableName, record: unknown): void {
  const fault = checkRecord(table, record);
  if (fault) throw new RefusedInside({ code: 'bench.beyond', ...fault });
}

/** A refusal: says why, writes nothing. */
export function refuse<T>(problem: Extract<BenchOutcome<T>, { ok: false }>['problem']): BenchOutcome<T> {
  return { ok: false, problem };
}

/** What was asked is done. */
export function granted<T>(value: T): BenchOutcome<T> {
  return { ok: true, value };
}

/**
 * A write that may refuse: what its body refuses, or throws as a RefusedInside, or what would take a bin below nothing,
 * comes back as a refusal, and nothing is written.
 *
 * @example await attempt(store, did('shelf.taken'), async (tx) => granted(await tx.enter({ binId, kind: 'taken', qty: -5 })))
 */
export async function attempt<T>(
  store: Store,
  deed: Deed | (() => Deed),
  body: (tx: WriteTransaction) => Promise<BenchOutcome<T>>,
  undoes: string | null = null,
): Promise<BenchOutcome<T>> {
  try {
    return await write(store, deed, body, undoes);
  } catch (error) {
    if (error instanceof RefusedInside) return refuse<T>(error.problem);
    throw error;
  }
}

/** Carries a refusal out of a write that has written already, so that its transaction is rolled back. */
export class RefusedInside extends Error {
  constructor(readonly problem: Extract<BenchOutcome<never>, { ok: false }>['problem']) {
    super(JSON.stringify(problem));
  }
}
