import type { BrowserContext, Page } from '@playwright/test';
import type { BenchFile } from '../../src/records/bench-file';
import { readBenchFile } from '../../src/records/read-bench-file';
import { layOutBench, readBench, readCopy } from '../support/bench-database';
import { startServer, type OwnServer } from '../support/own-server';
import { takeTwo } from '../support/station-times';
import { closeDialog, levelOf, openBenchMenu, openStation } from './bench-page';
import { expect, freshContext, START_BENCH, test } from './bench-test';

/** A maker's own bench: nothing is laid out where nothing is. */
let server: OwnServer;
test.beforeAll(async () => {
  server = await startServer('empty', 62);
});
test.afterAll(() => server.stop());

/** The folder that stands in for one the maker chooses: the same kind of handle, in the browser's own file system. */
async function letChooseFolder(page: Page): Promise<void> {
  await page.addInitScript(() => {
    Object.assign(window, {
      showDirectoryPicker: async () =>
        (await navigator.storage.getDirectory()).getDirectoryHandle('Bench copies', { create: true }),
    });
  });
}

async function ownBench(page: Page): Promise<void> {
  await openStation(page, 'ticket');
  await page.goto('/api/calc');
  await layOutBench(page, { ...START_BENCH, acts: [] });
  await openStation(page, 'shelf');
}

/** Clears away what the bench lies in, as the browser may. */
async function clearStorage(context: BrowserContext): Promise<void> {
  const other = await context.newPage();
  await other.goto('/api/calc');
  await other.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const clearing = indexedDB.deleteDatabase('ruvek');
        clearing.onsuccess = () => resolve();
        clearing.onerror = () => reject(clearing.error);
      }),
  );
  await other.close();
}

const HOOK = START_BENCH.bins.find(({ name }) => name === 'Jig hook 2/0')!;

function benchIn(text: string | null): BenchFile | null {
  const reading = readBenchFile(text ?? '');
  return reading.ok ? reading.file : null;
}

const plain = ({ contents }: BenchFile) =>
  Object.fromEntries(
    Object.entries(contents).map(([table, records]) => [
      table,
      [...records].sort((a, b) => (a.id < b.id ? -1 : 1)),
    ]),
  );

test('a change is in its copy by itself, and a bench that the browser lost comes back in one press', async ({
  browser,
}) => {
  const context = await freshContext(browser, { baseURL: server.home });
  const page = await context.newPage();
  await ownBench(page);
  await takeTwo(page);
  const wanted = levelOf({ contents: START_BENCH }, HOOK.id) - 2;
  // Nobody pressed anything for it.
  await expect
    .poll(async () => levelOf(benchIn(await readCopy(page)) ?? { contents: START_BENCH }, HOOK.id))
    .toBe(wanted);
  const before = await readBench(page);

  // Cleared under the page that is open.
  await clearStorage(context);
  await expect(page.getByRole('region', { name: 'A saved copy' })).toBeVisible();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText('Your bench is back.')).toBeVisible();
  expect(plain(await readBench(page))).toEqual(plain(before));

  // And while none was open: the copy of a bench is not pushed out by the bare one that is found then.
  await page.goto('/api/calc');
  await clearStorage(context);
  await openStation(page, 'water');
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText('Your bench is back.')).toBeVisible();
  expect(plain(await readBench(page))).toEqual(plain(before));
  await context.close();
});

test('copies go to a folder of the maker’s own, and a lost leave to write there is said and given again', async ({
  browser,
}) => {
  const context = await freshContext(browser, { baseURL: server.home });
  const page = await context.newPage();
  await letChooseFolder(page);
  await page.addInitScript(() => {
    // Whether the folder may be written to, as the browser would say it.
    Object.assign(FileSystemHandle.prototype, {
      queryPermission: () =>
        Promise.resolve(localStorage.getItem('test-leave') === 'lost' ? 'prompt' : 'granted'),
      requestPermission: () => {
        localStorage.removeItem('test-leave');
        return Promise.resolve('granted');
      },
    });
  });
  await ownBench(page);
  await openBenchMenu(page);
  await page.getByRole('button', { name: 'Choose a folder' }).click();
  const part = page.getByRole('region', { name: 'Automatic copies' });
  await expect(part.getByText(/^Last copied .* in your folder Bench copies\.$/)).toBeVisible();
  expect(benchIn(await readCopy(page, 'Bench copies'))?.contents.bins).toHaveLength(START_BENCH.bins.length);
  await closeDialog(page);

  await page.evaluate(() => localStorage.setItem('test-leave', 'lost'));
  await page.reload();
  const allow = page.getByRole('button', { name: /^Allow Bench copies/ });
  await allow.click();
  await expect(allow).toHaveCount(0);
  await openBenchMenu(page);
  await expect(part.getByText(/in your folder Bench copies\.$/)).toBeVisible();
  await context.close();
});

test('two devices work from one folder: what one did stands on the other, and what both changed is asked once', async ({
  browser,
}) => {
  const context = await freshContext(browser, { baseURL: server.home });
  const vise = await context.newPage();
  await letChooseFolder(vise);
  await ownBench(vise);
  await openBenchMenu(vise);
  await vise.getByRole('button', { name: 'Choose a folder' }).click();
  await vise.getByRole('switch', { name: /other devices work from this folder/ }).click();
  await vise.getByRole('textbox', { name: 'This device is called' }).fill('Vise tablet');
  const lists = () =>
    vise.evaluate(async () => {
      const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('Bench copies');
      const names: string[] = [];
      for await (const name of folder.keys()) names.push(name);
      return names.filter((name) => name.endsWith('.ruvek.gz'));
    });
  await expect.poll(lists).toHaveLength(1);

  // Another device's file comes into the folder, as a tool that keeps it in step would bring it: it took nine hooks.
  const theirs = structuredClone(await readBench(vise));
  const at = theirs.savedAt + 5000;
  const entry = {
    ...theirs.contents.entries.find(({ binId }) => binId === HOOK.id)!,
    id: 'phone-1',
    qty: -9,
    at,
  };
  theirs.contents.entries.push({ ...entry, kind: 'taken', reverses: null, note: '' });
  theirs.contents.acts.push({
    id: 'phone-act',
    no: theirs.contents.acts.length + 1,
    at,
    deed: { code: 'shelf.taken', facts: { bin: HOOK.name, qty: 9 } },
    changes: [{ table: 'entries', key: 'phone-1', before: null, after: theirs.contents.entries.at(-1) }],
    undoes: null,
  });
  await vise.evaluate(async (text) => {
    const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('Bench copies');
    const file = await folder.getFileHandle('phone-q7.000001.ruvek.gz', { create: true });
    const writing = await file.createWritable();
    await writing.write(text);
    await writing.close();
  }, JSON.stringify(theirs));
  const level = async () => levelOf(await readBench(vise), HOOK.id);
  await expect.poll(level).toBe(levelOf({ contents: START_BENCH }, HOOK.id) - 9);
  // Seen again and again, it is counted once.
  await vise.reload();
  await expect(vise.getByRole('heading', { level: 1 })).toBeVisible();
  expect(await level()).toBe(levelOf({ contents: START_BENCH }, HOOK.id) - 9);
  await context.close();
});
