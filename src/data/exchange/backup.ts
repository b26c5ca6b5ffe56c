import {
  BENCH_FILE_FORMAT,
  BENCH_FILE_VERSION,
  CONTENTS_TABLES,
  type BenchContents,
  type BenchFile,
  type ContentsTable,
} from '@/records/bench-file';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { HistoryEntry } from '@/records/history-entry';
import { did } from '../did';
import type { Store } from '../store';
import { mergeBenches, type MergeChoices, type MergePlan } from './merge/merge-benches';
import { granted, refuse } from '../write';
import { sameValue } from './same-value';

const BEFORE_RESTORE = 'before-restore';

export interface TableDifference {
  readonly table: ContentsTable;
  readonly added: number;
  readonly changed: number;
  readonly removed: number;
  readonly same: number;
}

/** The whole bench to one file and back. */
export function backupExchange(store: Store) {
  const { db } = store;

  async function readContents(): Promise<BenchContents> {
    return db.transaction('r', db.tables, async () => {
      const lists = await Promise.all(
        CONTENTS_TABLES.map(async (table) => [table, await db.table(table).toArray()] as const),
      );
      return Object.fromEntries(lists) as unknown as BenchContents;
    });
  }

  async function replaceContents(contents: BenchContents): Promise<void> {
    await db.transaction('rw', db.tables, async () => {
      const before = await readContents();
      await db.packedLedger.clear();
      for (const table of CONTENTS_TABLES) {
        await db.table(table).clear();
        await db.table(table).bulkAdd(contents[table]);
      }
      // A bare bench is nothing to go back to, and must not push out one that is.
      if (CONTENTS_TABLES.some((table) => before[table].length > 0)) {
        await db.keepsakes.put({ id: BEFORE_RESTORE, at: store.now(), contents: before });
      }
    });
  }

  /** What was settled is a doing like any: other devices learn of it, and it can be taken back. */
  function withSettlement({ contents, settled }: MergePlan): BenchContents {
    if (settled.length === 0) return contents;
    const last = contents.acts.at(-1);
    const act: HistoryEntry = {
      id: store.newId(),
      no: (last?.no ?? 0) + 1,
      // After all that it knows of, however the clocks of devices differ.
      at: Math.max(store.now(), (last?.at ?? 0) + 1),
      deed: did('bench.joined', { records: settled.length }),
      changes: [...settled],
      undoes: null,
    };
    return { ...contents, acts: [...contents.acts, act] };
  }

  return {
    /** Everything on the bench, as a file's contents. */
    async save(): Promise<BenchFile> {
      return {
        format: BENCH_FILE_FORMAT,
        version: BENCH_FILE_VERSION,
        savedAt: store.now(),
        contents: await readContents(),
      };
    },

    /** What a file would change, table by table. Writes nothing. */
    async preview(contents: BenchContents): Promise<TableDifference[]> {
      const current = await readContents();
      return CONTENTS_TABLES.map((table) => compare(table, current[table], contents[table]));
    },

    /** Puts a bench in place of this one, in one transaction. This one is put by, to go back to. */
    restore: (contents: BenchContents): Promise<void> => replaceContents(contents),

    /** What joining another bench to this one would do. Writes nothing. */
    previewJoin: async (theirs: BenchContents, choices: MergeChoices = {}): Promise<MergePlan> =>
      mergeBenches(await readContents(), theirs, choices),

    /** Joins another bench to this one, in one transaction. This one is put by, to go back to. */
    async join(theirs: BenchContents, choices: MergeChoices = {}): Promise<BenchOutcome<MergePlan>> {
      return db.transaction('rw', db.tables, async () => {
        const plan = mergeBenches(await readContents(), theirs, choices);
        const [table] = plan.twoUnderWay;
        if (table) return refuse<MergePlan>({ code: 'bench.two-under-way', table });
        await replaceContents(withSettlement(plan));
        return granted(plan);
      });
    },

    /** When the bench that was put by was replaced; null where none was. */
    earlierBench: async (): Promise<number | null> => (await db.keepsakes.get(BEFORE_RESTORE))?.at ?? null,

    /** Goes back to the bench that was put by; the present one is put by in its stead. */
    async goBack(): Promise<BenchOutcome<undefined>> {
      const keepsake = await db.keepsakes.get(BEFORE_RESTORE);
      if (!keepsake) return refuse({ code: 'bench.no-earlier-bench' });
      await replaceContents(keepsake.contents);
      return granted(undefined);
    },
  };
}

function compare(
  table: ContentsTable,
  current: readonly { id: string }[],
  coming: readonly { id: string }[],
): TableDifference {
  const known = new Map(current.map((record) => [record.id, record]));
  const kept = coming.filter((record) => known.has(record.id));
  const same = kept.filter((record) => sameValue(known.get(record.id), record)).length;
  return {
    table,
    added: coming.length - kept.length,
    changed: kept.length - same,
    removed: current.length - kept.length,
    same,
  };
}
