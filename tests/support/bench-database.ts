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

/** Puts a bench in place of the one that is there, and forgets what the device kept beside it. No page of it may be open. */
export async function layOutBench(page: Page, contents: BenchContents): Promise<void> {
  await page.evaluate(
    async ({ name, text }) => {
      const tables = JSON.parse(text) as Record<string, object[]>;
      localStorage.clear();
      sessionStorage.clear();
      const opening = indexedDB.open(name);
      const db = await new Promise<IDBDatabase>((resolve, reject) => {
        opening.onsuccess = () => resolve(opening.result);
        opening.onerror = () => reject(opening.error);
      });
      const stores = [...db.objectStoreNames];
      const work = db.transaction(stores, 'readwrite');
      for (const store of stores) {
        work.objectStore(store).clear();
        for (const record of tables[store] ?? []) work.objectStore(store).add(record);
      }
      await new Promise<void>((resolve, reject) => {
        work.oncomplete = () => resolve();
        work.onabort = () => reject(work.error);
      });
      db.close();
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
