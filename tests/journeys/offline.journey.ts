import type { Page } from '@playwright/test';
import type { BenchFile } from '../../src/records/bench-file';
import { beginRun, choose, closeDialog, openBenchMenu, openStation, readBench } from './bench-page';
import { layOutBench } from '../support/bench-database';
import { startServer } from '../support/own-server';
import { BLANK, expect, freshContext, START_BENCH, test } from './bench-test';

async function noteTrip(phone: Page): Promise<void> {
  await choose(phone, 'On the line', 'Lock thumper');
  await phone.getByRole('combobox', { name: 'Where' }).fill('Far jetty');
  await phone.getByRole('textbox', { name: 'Hours' }).fill('2.5');
  const more = (label: string) => phone.getByRole('button', { name: `${label}: one more` });
  await more('fish').click();
  await more('fish').click();
  await more('lost').click();
  await phone.getByRole('group', { name: 'Lost to' }).getByRole('button', { name: 'snag' }).click();
  await phone.getByRole('textbox', { name: 'Fish lengths' }).fill('42, 51 cm');
  await phone.getByRole('textbox', { name: 'For the next version' }).fill('Longer arm');
  await phone.getByRole('button', { name: 'Note it' }).click();
  await expect(phone.getByText(/^Noted\./)).toBeVisible();
  await expect(phone.getByText('Far jetty').first()).toBeVisible();
}

async function openEach(page: Page): Promise<void> {
  const line = page.getByRole('navigation', { name: /stations/i });
  const stops = await line.getByRole('link').all();
  expect(stops).toHaveLength(12);
  const names = await Promise.all(stops.map(async (stop) => (await stop.getAttribute('href')) ?? ''));
  for (const address of names) {
    await line.locator(`a[href="${address}"]`).click();
    await expect(page).toHaveURL(new RegExp(`${address}$`));
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  }
  // An address nobody kept leads to the first station, not to the browser's own page.
  await page.goto('/');
  await expect(page).toHaveURL(/\/ticket$/);
}

async function pourSome(page: Page): Promise<void> {
  await openStation(page, 'pour');
  // The plan comes from the worker, which is kept as well.
  await beginRun(page);
  for (const done of ['Load', 'Close']) {
    const control = page.getByRole('main').getByRole('button', { name: new RegExp(`^${done}`) });
    await expect(control).toBeVisible();
    await page.keyboard.press('Space');
    await expect(control).toHaveCount(0);
  }
  const before = await readBench(page);
  const [run] = before.contents.runs.filter(({ state }) => state === 'pouring');
  expect(run).toBeDefined();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  const after = await readBench(page);
  expect(after.contents.runs.find(({ id }) => id === run!.id)).toEqual(run);
}

/** Measures a sinker on the mat by the stand-in camera, on a page as wide as a phone. */
async function measureOnMat(phone: Page): Promise<void> {
  await openStation(phone, 'shelf?part=mat');
  await phone.getByRole('button', { name: 'Stand-in camera' }).click();
  await phone.getByText('A sinker', { exact: true }).click();
  await phone.getByRole('button', { name: 'Take it', exact: true }).click();
  const mat = phone.getByRole('group', { name: 'The mat' });
  await expect(mat.getByRole('button', { name: /Head or sinker/ })).toBeVisible();
  expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
}

/** Joins the bench of the trip, once and again. */
async function joinTrip(bench: Page, parted: Pick<BenchFile, 'contents'>, trip: BenchFile): Promise<void> {
  // Meanwhile hooks went out at the bench.
  await bench
    .getByRole('button', { name: /^Hook 2\/0|^Jig hook 2\/0/ })
    .first()
    .click();
  await bench.getByRole('textbox', { name: 'How much' }).fill('4');
  await bench
    .getByRole('form', { name: /^Move / })
    .getByRole('button', { name: 'Take' })
    .click();
  await expect(bench.getByRole('button', { name: 'Undo', exact: true })).toHaveAttribute(
    'title',
    /Take at the shelf/,
  );
  await openBenchMenu(bench);
  const file = {
    name: 'phone.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(trip)),
  };
  await bench.getByLabel('Saved bench to join').setInputFiles(file);
  const preview = bench.getByRole('region', { name: 'What joining would do' });
  await expect(preview.getByRole('row', { name: /^water notes 1 0 0/ })).toBeVisible();
  await preview.getByRole('button', { name: 'Join the benches' }).click();
  await expect(preview).toHaveCount(0);
  await bench.getByLabel('Saved bench to join').setInputFiles(file);
  await expect(
    preview.getByText('All of it is on this bench already. Nothing is counted twice.'),
  ).toBeVisible();
  await closeDialog(bench);
  const joined = (await readBench(bench)).contents;
  expect(joined.waterNotes).toHaveLength(parted.contents.waterNotes.length + 1);
  expect(joined.waterNotes.find(({ place }) => place === 'Far jetty')).toMatchObject({
    hours: 2.5,
    fish: 2,
    fishMm: [420, 510],
    lost: 1,
    lostTo: [{ how: 'snag', count: 1 }],
    next: 'Longer arm',
  });
  expect(joined.entries).toHaveLength(parted.contents.entries.length + 1);
}

test('from the first visit on a phone needs no network: every station opens, a trip is noted, a run is poured; the trip is joined to the bench it parted from, each note and each hook once', async ({
  browser,
  page: bench,
}) => {
  const server = await startServer('demo', 61);
  const phoneContext = await freshContext(browser, {
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    baseURL: server.home,
    serviceWorkers: 'allow',
  });
  try {
    await openStation(bench, 'shelf');
    const parted = { contents: START_BENCH };
    const phone = await phoneContext.newPage();
    const failures: string[] = [];
    phone.on('pageerror', (error) => failures.push(error.message));
    await openStation(phone, 'water');
    // Two that begin alike.
    await phone.goto(BLANK);
    await layOutBench(phone, START_BENCH);
    await openStation(phone, 'water');
    await openBenchMenu(phone);
    await expect(phone.getByText(/^The app is kept on this device/)).toBeVisible();
    await closeDialog(phone);
    // What measures pictures is large, and kept from its first use on.
    await measureOnMat(phone);
    await openStation(phone, 'water');
    await server.stop();

    await phone.reload();
    await expect(phone.getByRole('heading', { level: 1 })).toBeVisible();
    await noteTrip(phone);
    const trip = await readBench(phone);
    await test.step('a picture is measured', () => measureOnMat(phone));
    await test.step('every station opens', () => openEach(phone));
    await test.step('a run is poured, and outlives a reload', () => pourSome(phone));
    expect(failures).toEqual([]);
    await test.step('joined at home', () => joinTrip(bench, parted, trip));
  } finally {
    await server.stop();
    await phoneContext.close();
  }
});
