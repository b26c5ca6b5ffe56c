import { expect, test, type Page } from '@playwright/test';
import { repeatableRandom } from '../../src/core/numeric/repeatable-random';
import { demoBench } from '../../src/demo/demo-bench';
import type { BenchContents, BenchFile } from '../../src/records/bench-file';
import { readBenchFile } from '../../src/records/read-bench-file';
import { layOutBench, readBench, readCopy } from '../support/bench-database';
import { KilledBrowser } from '../support/killed-browser';
import { startServer, type OwnServer } from '../support/own-server';
import { takeTwo } from '../support/station-times';
import { beginRun, chooseFile, countPoursOnly, levelOf, openBenchMenu } from './bench-page';

/** `RUVEK_KILLS=200` kills more often. */
const KILLS = Number(process.env.RUVEK_KILLS ?? 5);
const START = Number(process.env.RUVEK_KILLS_START ?? 20_614);
const DEMO = demoBench(Date.UTC(2026, 10, 24, 8));
const OTHER: BenchContents = {
  ...DEMO,
  bench: DEMO.bench.map((bench) => ({ ...bench, name: 'The other bench' })),
};
const HOOK = DEMO.bins.find(({ name }) => name === 'Jig hook 2/0')!;
const LIST = `name;amount\n${Array.from({ length: 20_000 }, (_, nth) => `Crimp ${nth};${(nth % 40) + 1}`).join('\n')}\n`;

let server: OwnServer;
test.beforeAll(async () => {
  server = await startServer('empty', 63);
});
test.afterAll(() => server.stop());

const open = async (page: Page, station: string) => {
  await page.goto(`${server.home}/${station}`);
  await page.getByRole('heading', { level: 1 }).waitFor();
};

interface Work {
  /** Brings the page to where the work begins; gives how it goes on from there, until the browser is killed. */
  readonly begin: (page: Page) => Promise<() => Promise<unknown>>;
  /** What is done once it has begun, and must be there whenever it is killed. */
  readonly least: number;
  /** Killed within so long: it is under way all that time, or done only shortly before. */
  readonly withinMs: number;
}

/** What the page is at when the browser is killed. */
const WORKS: Readonly<Record<string, Work>> = {
  'undo and redo': {
    least: 1,
    withinMs: 5000,
    begin: async (page) => {
      await open(page, 'shelf');
      await takeTwo(page);
      return async () => {
        for (;;) {
          await page.getByRole('button', { name: 'Undo', exact: true }).click();
          await page.getByRole('button', { name: 'Redo' }).click();
        }
      };
    },
  },
  'a list of 20,000 rows': {
    least: 0,
    withinMs: 25_000,
    begin: async (page) => {
      await open(page, 'shelf');
      await page
        .getByRole('radiogroup', { name: 'What to do' })
        .getByText('Import a list', { exact: true })
        .click();
      await page
        .getByLabel('List to bring in')
        .setInputFiles({ name: 'crimps.csv', mimeType: 'text/csv', buffer: Buffer.from(LIST) });
      await page.getByRole('button', { name: /^Read 20000 rows/ }).click();
      const accept = page.getByRole('button', { name: /^Accept 20000 rows/ });
      await accept.waitFor();
      return async () => {
        await accept.click();
        await page.getByText(/20000 amounts entered/).waitFor();
      };
    },
  },
  'a bench restored': {
    least: 0,
    withinMs: 10_000,
    begin: async (page) => {
      await open(page, 'ticket');
      await openBenchMenu(page);
      return async () => {
        for (const bench of [OTHER, DEMO, OTHER]) {
          const head = { format: 'ruvek-bench', version: benchVersion, savedAt: 1 };
          await chooseFile(page, 'bench.json', JSON.stringify({ ...head, contents: bench }));
          await page.getByRole('button', { name: 'Replace the bench' }).click();
          await page.getByRole('region', { name: 'What would change' }).waitFor({ state: 'detached' });
        }
      };
    },
  },
  'copies one after the other': {
    least: 1,
    withinMs: 5000,
    begin: async (page) => {
      await open(page, 'shelf');
      await takeTwo(page);
      await openBenchMenu(page);
      const copy = page.getByRole('button', { name: 'Copy now' });
      await copy.waitFor();
      return async () => {
        for (;;) {
          await copy.click();
          await page.waitForTimeout(60);
        }
      };
    },
  },
  'pours counted': {
    least: 1,
    withinMs: 5000,
    begin: async (page) => {
      await open(page, 'pour');
      await beginRun(page);
      await countPoursOnly(page);
      return async () => {
        for (;;) {
          for (const key of ['Space', 'Space', '1', 'Backspace']) await page.keyboard.press(key);
          await page.waitForTimeout(30);
        }
      };
    },
  },
};

let benchVersion = 0;

/** What is wrong with a bench that was written to when the browser died; nothing is. */
function faults({ contents }: BenchFile): string[] {
  const wrong: string[] = [];
  const reading = readBenchFile(
    JSON.stringify({ format: 'ruvek-bench', version: benchVersion, savedAt: 1, contents }),
  );
  if (!reading.ok) wrong.push(JSON.stringify(reading.problem));
  const known = new Set([...DEMO.entries].map(({ id }) => id));
  const entries = new Set(contents.entries.map(({ id }) => id));
  const acts = contents.acts.filter(({ id }) => !DEMO.acts.some((act) => act.id === id));
  const told = new Set(
    acts.flatMap(({ changes }) => changes.filter(({ table }) => table === 'entries').map(({ key }) => key)),
  );
  for (const id of entries) if (!known.has(id) && !told.has(id)) wrong.push(`entry ${id} is in no doing`);
  for (const id of told) if (!entries.has(id)) wrong.push(`entry ${id} of a doing is not there`);
  const last = new Map(
    [...acts]
      .sort((a, b) => a.no - b.no)
      .flatMap(({ changes }) => changes.map((change) => [`${change.table} ${change.key}`, change] as const)),
  );
  for (const [name, { table, key, after }] of last) {
    const record = contents[table].find(({ id }) => id === key) ?? null;
    if (JSON.stringify(record) !== JSON.stringify(after)) wrong.push(`${name} is not as it was written last`);
  }
  return wrong;
}

test(`killed at ${KILLS} moments, the bench is whole, every balance the sum of its ledger, the copy one that reads`, async () => {
  const random = repeatableRandom(START);
  const browser = new KilledBrowser();
  const names = Object.keys(WORKS);
  const log: string[] = [];
  try {
    let page = await browser.open();
    await open(page, 'ticket');
    benchVersion = (await readBench(page)).version;
    for (let nth = 0; nth < KILLS; nth += 1) {
      await page.goto(`${server.home}/api/calc`);
      await layOutBench(page, { ...DEMO, acts: [] });
      const name = names[nth % names.length]!;
      const { begin, least, withinMs } = WORKS[name]!;
      const goOn = await begin(page);
      const work = goOn().catch(() => undefined);
      await page.waitForTimeout(random() * withinMs);
      await browser.kill();
      await work;
      page = await browser.open();
      await page.goto(`${server.home}/api/calc`);
      const bench = await readBench(page);
      const copy = await readCopy(page);
      const copyReads = copy === null || readBenchFile(copy).ok;
      const wrong = faults(bench);
      const done = bench.contents.acts.length;
      if (done < least) wrong.push('what was done before is gone');
      if (!copyReads) wrong.push('the copy does not read');
      await open(page, 'shelf');
      await page.getByRole('textbox', { name: 'Search the shelf' }).fill('Jig hook 2/0');
      await page
        .getByRole('button', { name: /^Jig hook 2\/0 ?\d/ })
        .first()
        .click();
      const card = page.getByRole('region', { name: 'Jig hook 2/0', exact: true });
      const level = levelOf(bench, HOOK.id);
      await expect(card.getByText(String(level), { exact: true }).first()).toBeVisible();
      log.push(
        `${nth + 1} ${name}: on ${bench.contents.bench[0]?.name}, ${done} doings, ${bench.contents.entries.length} entries, copy ${copy === null ? 'none yet' : 'whole'}`,
      );
      expect(wrong, log.at(-1)).toEqual([]);
    }
  } finally {
    test.info().annotations.push({ type: 'kills', description: log.join('\n') });
    if (process.env.RUVEK_KILLS) process.stdout.write(`${log.join('\n')}\n`);
    await browser.clearAway();
  }
});
