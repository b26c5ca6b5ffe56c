import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { choose, closeDialog, openBenchMenu, openStation, readBench } from './bench-page';

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
  const money = `€ ${receipt.unitCost!.toFixed(receipt.unitCost! < 0.1 ? 3 : 2)}`;
  const building = file.contents.buildings.filter(({ endedAt, seconds }) => endedAt !== null && seconds > 0);
  const passed = building.reduce((so, each) => so + each.passed, 0);
  const failed = building.flatMap((each) => each.failed).reduce((so, { count }) => so + count, 0);
  const begun = 1 / (1 - Math.min(0.5, failed / (passed + failed)));
  const bladeMoney = receipt.unitCost! * begun;
  // The whole is open with its dearest part; close that to read the whole.
  await page
    .getByRole('button', { name: /, close$/ })
    .first()
    .click();
  const row = page.getByRole('row').filter({ hasText: blade.name });
  await expect(row).toContainText(`€ ${bladeMoney.toFixed(bladeMoney < 0.1 ? 3 : 2)}`);
  expect(money.startsWith('€')).toBe(true);
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
  const current = page.getByRole('spinbutton', { name: 'Current, m/s' });
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
    .filter(({ of }) => of?.kind === 'head' || of?.kind === 'build')
    .reduce((so, note) => so + note.lost, 0);
  expect([...ticket.lines, ...ticket.wares].reduce((so, { count }) => so + count, 0)).toBe(lost);
  await openStation(page, 'ticket');
  await page.getByRole('button', { name: /Replace what the water took/ }).click();
  await expect(page.getByRole('list', { name: 'Baits and rigs' })).toBeVisible();
});

test('a trip noted on a phone is joined to the bench it parted from, each note and each hook once', async ({
  browser,
}) => {
  test.setTimeout(180_000);
  const bench = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await openStation(bench, 'shelf');
  const parted = await readBench(bench);

  const phoneContext = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const phone = await phoneContext.newPage();
  await openStation(phone, 'water');
  await openBenchMenu(phone);
  await phone.getByLabel('Saved bench to restore').setInputFiles({
    name: 'bench.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(parted)),
  });
  await phone.getByRole('button', { name: 'Leave it as it is' }).click();
  await closeDialog(phone);
  await choose(phone, 'On the line', 'Lock thumper');
  await phone.getByRole('combobox', { name: 'Where' }).fill('Far jetty');
  await phone.getByRole('spinbutton', { name: 'Hours' }).fill('2.5');
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
  const trip = await readBench(phone);
  await phoneContext.close();

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
    ...{ hours: 2.5, fish: 2, fishMm: [420, 510], lost: 1, lostTo: [{ how: 'snag', count: 1 }] },
    next: 'Longer arm',
  });
  expect(joined.entries).toHaveLength(parted.contents.entries.length + 1);
  await bench.close();
});
