import { expect, START, START_BENCH, test } from './bench-test';
import { layOutBench, readEntries } from '../support/bench-database';
import { bigBench, bigSession } from '../support/big-bench';
import { HEAVY_WORKS } from '../support/heavy-work';
import { largeBench } from '../support/large-bench';
import { showHooks, STATIONS, takeTwo, untilPacked } from '../support/station-times';
import { levelOf, openStation } from './bench-page';

for (const { name, station, bench, prepare, work } of HEAVY_WORKS) {
  test(`${name}, and the page goes on`, async ({ page }) => {
    await layOutBench(page, bench(structuredClone(START_BENCH)));
    await openStation(page, station);
    await prepare(page);
    await work(page);
    // What it was asked for stands on the page; the next thing asked of it is done.
    await page.getByRole('heading', { level: 1 }).click();
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  });
}

test('the search for a plan shows how far it is, and can be called off', async ({ page }) => {
  await layOutBench(page, bigBench(bigSession()).contents);
  await openStation(page, 'pour');
  await expect(page.getByText(/Best so far .* none can be under/)).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('The search was canceled. Nothing was changed.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Begin the run' })).toHaveCount(0);
});

test('with 5,000 parts and 50,000 entries every station opens and answers, and the quick copy of the ledger is true', async ({
  page,
}) => {
  await layOutBench(page, largeBench(START_BENCH, START.getTime()));
  await openStation(page, 'shelf');
  await untilPacked(page);
  await page.reload();
  await takeTwo(page);
  const undo = page.getByRole('button', { name: 'Undo', exact: true });
  const redo = page.getByRole('button', { name: 'Redo' });
  const line = page.getByRole('navigation', { name: /stations/i });
  for (const station of STATIONS) {
    await line.locator(`a[href="/${station}"]`).click();
    await expect(page).toHaveURL(new RegExp(`/${station}$`));
    // What was done is taken back at one station and done again at the next: each answers a change of the bench.
    if (await redo.isEnabled()) {
      await redo.click();
      await expect(undo).toHaveAttribute('title', /^Take back: Take at the shelf/);
    } else {
      await undo.click();
      await expect(redo).toBeEnabled();
    }
  }
  // The copy that made it quick is of what the ledger truly holds.
  await openStation(page, 'shelf');
  await showHooks(page);
  const hook = START_BENCH.bins.find(({ name }) => name === 'Jig hook 2/0')!;
  const card = page.getByRole('region', { name: 'Jig hook 2/0', exact: true });
  const left = (await readEntries(page, hook.id)).reduce((total, { qty }) => total + qty, 0);
  expect(left).toBe(levelOf({ contents: START_BENCH }, hook.id) - 2);
  await expect(card.getByText(String(left), { exact: true }).first()).toBeVisible();
});
