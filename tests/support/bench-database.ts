import type { Page } from '@playwright/test';
import {
  BENCH_FILE_FORMAT,
  BENCH_FILE_VERSION,
  CONTENTS_TABLES,
  type BenchContents,
  type BenchFile,
} from '../../src/records/bench-file';

/** The bench's database in the browser. */
const NAME = 'ruvek';

/** Whether the browser has a bench already. */
export async function hasBench(page: Page): Promise<boolean> {
  return page.evaluate(
    async (name) => (await indexedDB.databases()).some((each) => each.name === name),
    NAME,
  );
}

/**
 * Puts a bench in place of the one that is there, and forgets what the device kept beside it. No page of it may be open.
 * The database is made anew as the application made it: one that is only emptied grows slow over many journeys.
 */
export async function layOutBench(page: Page, contents: BenchContents): Promise<void> {
  await page.evaluate(
    async ({ name, text }) => {
      const tables = JSON.parse(text) as Record<string, object[]>;
      const done = (request: IDBOpenDBRequest) =>
        new Promise<IDBDatabase>((resolve, reject) => {
          request.onsuccess = () => resolve(request.result);
          request.onerror = () => reject(request.error);
        });
      localStorage.clear();
      sessionStorage.clear();
      const old = await done(indexedDB.open(name));
      const { version } = old;
      const look = old.transaction([...old.objectStoreNames]);
      const stores = [...old.objectStoreNames].map((each) => {
        const store = look.objectStore(each);
        const indexes = [...store.indexNames].map((at) => store.index(at));
        return { name: each, keyPath: store.keyPath, indexes };
      });
      old.close();
      await done(indexedDB.deleteDatabase(name));
      const opening = indexedDB.open(name, version);
      opening.onupgradeneeded = () => {
        for (const { name: each, keyPath, indexes } of stores) {
          const store = opening.result.createObjectStore(each, { keyPath });
          for (const { name: at, keyPath: on, multiEntry, unique } of indexes)
            store.createIndex(at, on, { multiEntry, unique });
          for (const record of tables[each] ?? []) store.add(record);
        }
      };
      (await done(opening)).close();
    },
    // As one text: a value of a hundred thousand parts would take a second to hand over.
    { name: NAME, text: JSON.stringify(contents) },
  );
}

/** What the database truly holds, as the file of a backup would have it. */
export async function readBench(page: Page): Promise<BenchFile> {
  const text = await page.evaluate(
    async ({ name, tables }) => {
      const opening = indexedDB.open(name);
      const db = await new Promise<IDBDatabase>((resolve, reject) => {
        opening.onsuccess = () => resolve(opening.result);
        opening.onerror = () => reject(opening.error);
      });
      // After whatever was begun before: a writing that is under way is waited for.
      const work = db.transaction(tables, 'readonly');
      const lists = await Promise.all(
        tables.map(
          (table) =>
            new Promise<[string, unknown[]]>((resolve, reject) => {
              const all = work.objectStore(table).getAll();
              all.onsuccess = () => resolve([table, all.result]);
              all.onerror = () => reject(all.error);
            }),
        ),
      );
      db.close();
      return JSON.stringify({ savedAt: Date.now(), contents: Object.fromEntries(lists) });
    },
    { name: NAME, tables: [...CONTENTS_TABLES] as string[] },
  );
  const read = JSON.parse(text) as Pick<BenchFile, 'savedAt' | 'contents'>;
  return { format: BENCH_FILE_FORMAT, version: BENCH_FILE_VERSION, ...read };
}
