import type { Page } from '@playwright/test';
import {
  BENCH_FILE_FORMAT,
  BENCH_FILE_VERSION,
  CONTENTS_TABLES,
  type BenchContents,
  type BenchFile,
} from '../../src/records/bench-file';
import type { Entry } from '../../src/records/entry';

/** The bench's database in the browser. */
const NAME = 'ruvek';

/** Whether the browser has a bench already. */
export async function hasBench(page: Page): Promise<boolean> {
  return page.evaluate(
    async (name) => (await indexedDB.databases()).some((each) => each.name === name),
    NAME,
  );
}

/** Up to so many records that differ are written where they lie; more of them into a database made anew. */
const FEW = 500;

/**
 * Puts a bench in place of the one that is there, and forgets what the device kept beside it. No page of it may be open.
 * Most journeys change little of a bench, and what they left as it was need not be written again. A database that is
 * emptied and filled over and over would grow slow: then it is made anew, as the application made it.
 */
export async function layOutBench(page: Page, contents: BenchContents): Promise<void> {
  await page.evaluate(
    async ({ name, text, few }) => {
      const tables = JSON.parse(text) as Record<string, object[]>;
      const done = <T>(request: IDBRequest<T>) =>
        new Promise<T>((resolve, reject) => {
          request.onsuccess = () => resolve(request.result);
          request.onerror = () => reject(request.error);
        });
      localStorage.clear();
      sessionStorage.clear();
      // Copies that were kept of it, too.
      const kept = await navigator.storage.getDirectory();
      for await (const each of kept.keys()) await kept.removeEntry(each, { recursive: true });
      const db = await done(indexedDB.open(name));
      const { version } = db;
      const work = db.transaction([...db.objectStoreNames], 'readwrite');
      const stores = [...db.objectStoreNames].map((each) => work.objectStore(each));
      const differences = await Promise.all(
        stores.map(async (store) => {
          const [keys, records] = await Promise.all([done(store.getAllKeys()), done(store.getAll())]);
          const there = new Map(records.map((record, nth) => [JSON.stringify(record), keys[nth]!]));
          const wanted = (tables[store.name] ?? []).map(
            (record) => [JSON.stringify(record), record] as const,
          );
          const isWanted = new Set(wanted.map(([each]) => each));
          return {
            store,
            gone: [...there].flatMap(([each, key]) => (isWanted.has(each) ? [] : [key])),
            come: wanted.flatMap(([each, record]) => (there.has(each) ? [] : [record])),
          };
        }),
      );
      if (differences.reduce((total, { gone, come }) => total + gone.length + come.length, 0) <= few) {
        for (const { store, gone, come } of differences) {
          for (const key of gone) store.delete(key);
          for (const record of come) store.put(record);
        }
        await new Promise<void>((resolve, reject) => {
          work.oncomplete = () => resolve();
          work.onabort = () => reject(work.error);
        });
        db.close();
        return;
      }
      const shapes = stores.map((store) => ({
        name: store.name,
        keyPath: store.keyPath,
        indexes: [...store.indexNames].map((at) => store.index(at)),
      }));
      db.close();
      await done(indexedDB.deleteDatabase(name));
      const opening = indexedDB.open(name, version);
      opening.onupgradeneeded = () => {
        for (const { name: each, keyPath, indexes } of shapes) {
          const store = opening.result.createObjectStore(each, { keyPath });
          for (const { name: at, keyPath: on, multiEntry, unique } of indexes)
            store.createIndex(at, on, { multiEntry, unique });
          for (const record of tables[each] ?? []) store.add(record);
        }
      };
      (await done(opening)).close();
    },
    // As one text: a value of a hundred thousand parts would take a second to hand over.
    { name: NAME, text: JSON.stringify(contents), few: FEW },
  );
}

/** The newest copy of the bench that the browser keeps by itself, in a folder of its own file system; null where there is none. */
export async function readCopy(page: Page, folder: string | null = null): Promise<string | null> {
  return page.evaluate(async (inside) => {
    const root = await navigator.storage.getDirectory();
    try {
      const place = inside === null ? root : await root.getDirectoryHandle(inside);
      const file = await (await place.getFileHandle('ruvek-bench.json.gz')).getFile();
      const first = new Uint8Array(await file.slice(0, 2).arrayBuffer());
      const isPacked = first[0] === 0x1f && first[1] === 0x8b;
      const stream = isPacked ? file.stream().pipeThrough(new DecompressionStream('gzip')) : file.stream();
      return await new Response(stream).text();
    } catch (error) {
      if (error instanceof DOMException && error.name === 'NotFoundError') return null;
      throw error;
    }
  }, folder);
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

type Question = 'how many' | { readonly index: string; readonly key: string };

/** Asks one table, in the page: how many records it holds, or which of them an index finds under a key. */
async function askTable(page: Page, table: string, question: Question): Promise<unknown> {
  return page.evaluate(
    ({ name, store, asked }) =>
      new Promise((resolve, reject) => {
        const opening = indexedDB.open(name);
        opening.onerror = () => reject(opening.error);
        opening.onsuccess = () => {
          const db = opening.result;
          const all = db.transaction(store).objectStore(store);
          const asking = asked === 'how many' ? all.count() : all.index(asked.index).getAll(asked.key);
          asking.onerror = () => reject(asking.error);
          asking.onsuccess = () => {
            db.close();
            resolve(asking.result);
          };
        };
      }),
    { name: NAME, store: table, asked: question },
  );
}

/** How many records a table holds: of a large one told sooner than all of them. */
export async function countRecords(page: Page, table: string): Promise<number> {
  return (await askTable(page, table, 'how many')) as number;
}

/** What the ledger says of a bin, in no order: of a long one told sooner than all of it. */
export async function readEntries(page: Page, binId: string): Promise<Entry[]> {
  return (await askTable(page, 'entries', { index: 'binId', key: binId })) as Entry[];
}
