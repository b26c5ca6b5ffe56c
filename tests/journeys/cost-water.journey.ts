import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { choose, openStation, readBench } from './bench-page';
import { expect, test } from './bench-test';

const turn = (page: Page, to: string) =>
  page.getByRole('radiogroup', { name: 'What to do' }).getByText(to, { exact: true }).click();

test('a bait costs what its parts came in at, oldest first, opened down to the last bead', async ({
  page,
}) => {
  await openStation(page, 'cost');
  await choose(page, 'What', 'Lock thumper');
  const bar = page.getByRole('group', { name: /^Lock thumper costs/ });
  await expect(bar).toBeVisible();
  const file = await readBench(page);
  // By hand: what the leaf parts of the build cost at the receipts in the ledger, which none has used up.
  const build = file.contents.builds.find(({ name }) => name === 'Lock thumper')!;
  const blade = file.contents.bins.find(({ id }) => id === build.end.bladeBinId)!;
  const receipt = file.contents.entries.find(({ binId, kind }) => binId === blade.id && kind === 'received')!;
  // Its own log says how many fail: it holds enough of them.
  const versions = new Set(
    file.contents.builds.flatMap(({ id, family }) => (family === build.family ? [id] : [])),
  );
  const building = file.contents.buildings.filter(
    ({ buildId, state }) => state === 'built' && versions.has(buildId),
  );
  const passed = building.reduce((so, each) => so + each.passed, 0);
  const failed = building.flatMap((each) => each.failed).reduce((so, { count }) => so + count, 0);
  const begun = 1 / (1 - Math.min(0.5, failed / (passed + failed)));
  expect(passed + failed).toBeGreaterThanOrEqual(5);
  const bladeMoney = receipt.unitCost! * begun;
  // The whole is open with its dearest part; close that to read the whole.
  await page
    .getByRole('button', { name: /, close$/ })
    .first()
    .click();
  const row = page.getByRole('row').filter({ hasText: blade.name });
  await expect(row).toContainText(`€ ${bladeMoney.toFixed(bladeMoney < 0.1 ? 3 : 2)}`);
  await page.getByRole('button', { name: /^Skirt, .*, open$/ }).click();
  await expect(page.getByText(/^What Skirt, .* is of$/)).toBeVisible();
  await expect(
    page
      .getByRole('row')
      .filter({ hasText: /^Tab, / })
      .first(),
  ).toBeVisible();
});

test('at each stage it is made or bought in, and an order gets its offer', async ({ page }) => {
  await openStation(page, 'cost');
  await turn(page, 'Make or buy');
  await expect(page.getByRole('status').filter({ hasText: 'each' }).first()).toBeVisible();
  const form = page.getByRole('form', { name: 'Price to buy in' });
  await form.getByLabel('Each, €').fill('0.5');
  await form.getByLabel('Each, €').blur();
  await form.getByRole('button', { name: 'Note the price' }).click();
  await expect(page.getByText('Buy it in, finished.')).toBeVisible();
  await turn(page, 'Outlay');
  await expect(page.getByText(/saved by making what was made so far/)).toBeVisible();
  await turn(page, 'Offer');
  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Print the offer' }).click(),
  ]);
  expect(
    readFileSync(await pdf.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  await turn(page, 'Lost');
  await expect(page.getByText(/on the bottom this year/)).toBeVisible();
});

test('what works is said with its spread, the weight with its line, and what was lost becomes a ticket', async ({
  page,
}) => {
  await openStation(page, 'water');
  await turn(page, 'What works');
  await expect(page.getByRole('table', { name: 'Fish an hour' })).toBeVisible();
  await expect(page.getByText('No winner: the bands overlap. More hours would tell.')).toBeVisible();
  await turn(page, 'Which weight');
  const hold = page.getByRole('status').filter({ hasText: 'From your molds' });
  await expect(hold).toBeVisible();
  const current = page.getByRole('textbox', { name: 'Current' });
  await current.fill('0');
  await current.blur();
  await expect(page.getByText('any weight')).toBeVisible();
  await turn(page, 'Replace');
  await page.getByText('this year', { exact: true }).click();
  await page.getByRole('button', { name: 'Write the ticket' }).click();
  await expect(page.getByText(/^A ticket for \d+ pieces is written and in hand\.$/)).toBeVisible();
  const { contents } = await readBench(page);
  const ticket = contents.tickets.find(({ title }) => title === 'Replace what the water took')!;
  const lost = contents.waterNotes
    .filter(({ of }) => of !== null && of.kind !== 'rig')
    .reduce((so, note) => so + note.lost, 0);
  expect([...ticket.lines, ...ticket.wares].reduce((so, { count }) => so + count, 0)).toBe(lost);
  await openStation(page, 'ticket');
  await page.getByRole('button', { name: /Replace what the water took/ }).click();
  await expect(page.getByRole('list', { name: 'Baits and rigs' })).toBeVisible();
});
