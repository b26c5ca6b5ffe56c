import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { choicesOf, choose, levelOf, openStation, readBench } from './bench-page';
import { countRecords, readEntries } from '../support/bench-database';
import { expect, test } from './bench-test';

const turn = (page: Page, to: string) =>
  page.getByRole('radiogroup', { name: 'What to do' }).getByText(to, { exact: true }).click();

test('what tickets lack is bought in the fewest-cost packs, comes short, and lies in its bins at its price', async ({
  page,
}) => {
  await openStation(page, 'shelf');
  await turn(page, 'Buy');
  const fill = page.getByRole('checkbox', { name: /Fill up what is low/ });
  await fill.uncheck();
  await page.getByRole('button', { name: 'Find the cheapest packs' }).click();
  const orders = page.getByRole('region', { name: 'The cheapest orders' });
  await expect(orders.getByText(/proven: no other orders cost less/)).toBeVisible();
  const [list] = await Promise.all([
    page.waitForEvent('download'),
    orders.getByRole('button', { name: 'List as CSV' }).click(),
  ]);
  expect(readFileSync(await list.path(), 'utf8').split('\r\n')[0]).toBe(
    'seller,name,pack of,packs,price each,together',
  );
  await orders.getByRole('button', { name: 'Write the orders down' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'written down' })).toBeVisible();

  const before = await readBench(page);
  const mine = before.contents.purchases.find(({ no }) => no === 2)!;
  const bought = mine.lines[0]!;
  const goods = mine.lines.reduce((so, { packs, packPrice }) => so + packs * packPrice, 0);
  const [calendar] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Due days as a calendar' }).click(),
  ]);
  const due = mine.dueOn!.replaceAll('-', '');
  expect(readFileSync(await calendar.path(), 'utf8')).toContain(`DTSTART;VALUE=DATE:${due}`);
  const article = page.getByRole('article', { name: 'Order 2' });
  const bin = before.contents.bins.find(({ id }) => id === bought.binId)!;
  const came = article.getByRole('textbox', { name: `Packs of ${bin.name} that came` });
  // One pack too few came of the first thing.
  await came.fill(String(bought.packs - 1));
  await came.blur();
  await article.getByRole('button', { name: 'Receive' }).click();
  await expect(article.getByText(`1 of ${bought.packs} to come`)).toBeVisible();
  const after = await readBench(page);
  expect(levelOf(after, bin.id) - levelOf(before, bin.id)).toBeCloseTo(
    (bought.packs - 1) * bought.packQty,
    6,
  );
  const kept = after.contents.purchases.find(({ no }) => no === 2)!;
  expect(kept.state).toBe('ordered');
  if (bought.packs > 1) {
    const entry = after.contents.entries.find(({ note, binId }) => note === 'order 2' && binId === bin.id)!;
    expect(entry.unitCost).toBeCloseTo((bought.packPrice * (1 + mine.postage / goods)) / bought.packQty, 9);
  }
});

test('a count day goes through the drawers and posts differences with their reasons', async ({ page }) => {
  await openStation(page, 'shelf');
  const before = await readBench(page);
  const drawer = before.contents.drawers.find(({ name }) => name === 'Tin 1')!;
  const [first, second] = before.contents.bins
    .filter(({ drawerId, retired }) => drawerId === drawer.id && !retired)
    .sort((a, b) => a.name.localeCompare(b.name, 'en', { numeric: true }));
  await turn(page, 'Count day');
  await page
    .getByRole('navigation', { name: 'Drawers' })
    .getByRole('button', { name: /^Tin 1/ })
    .click();
  const found = page.getByRole('textbox', { name: `Found of ${first!.name}`, exact: true });
  await found.fill(String(levelOf(before, first!.id) + 3));
  await found.blur();
  const post = page.getByRole('button', { name: 'Post the count' });
  await expect(page.getByText('1 counted, 1 differ; say why one does.')).toBeVisible();
  await expect(post).toBeDisabled();
  await choose(page, `Why ${first!.name} differs`, 'found again');
  const row = page.getByRole('listitem').filter({ hasText: second!.name });
  await row.getByRole('button', { name: 'As the books say' }).click();
  await expect(page.getByText('2 counted, 1 differ.')).toBeVisible();
  // A reload in the middle of it loses nothing.
  await page.reload();
  await turn(page, 'Count day');
  await expect(page.getByText('2 counted, 1 differ.')).toBeVisible();
  await post.click();
  await expect(page.getByText('2 bins counted, 1 set right.')).toBeVisible();
  const after = await readBench(page);
  expect(levelOf(after, first!.id)).toBe(levelOf(before, first!.id) + 3);
  const entry = after.contents.entries.find(({ note }) => note === 'count day: found again')!;
  expect(entry).toMatchObject({ binId: first!.id, kind: 'counted', qty: 3 });
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText('Taken back: Count day')).toBeVisible();
  expect(levelOf(await readBench(page), first!.id)).toBe(levelOf(before, first!.id));
});

test('a list of 20,000 rows comes in, mapped by hand, with its 300 bad rows named', async ({ page }) => {
  const rows = Array.from({ length: 20_000 }, (_, nth) => {
    const isBad = nth % 66 === 5 && nth / 66 < 300;
    return `Crimp sort ${nth};${isBad ? 'a few' : (nth % 40) + 1};€ ${(nth % 90) / 10 + 1};25;Rack ${nth % 12}`;
  });
  const csv = `what it is;there;€;packed in;where\n${rows.join('\n')}\nJig hook 2/0;50;6,00;25;Tray\n`;
  await openStation(page, 'shelf');
  const before = await readBench(page);
  await turn(page, 'Import a list');
  await page
    .getByLabel('List to bring in')
    .setInputFiles({ name: 'crimps.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  const read = page.getByRole('button', { name: /^Read 20001 rows/ });
  await expect(read).toBeDisabled();
  const map = async (field: string, head: string) => {
    const box = page.getByRole('combobox', { name: `Column for ${field}`, exact: true });
    await box.click();
    await (await choicesOf(box)).filter({ hasText: new RegExp(`^${head}$`) }).click();
  };
  await map('name', 'what it is');
  await map('amount', 'there');
  await map('price', '€');
  await map('price is for', 'packed in');
  await read.click();
  await expect(page.getByText('19701 rows can be taken, 300 cannot.')).toBeVisible();
  await expect(
    page.getByText('’a few’ is no amount').or(page.getByText("'a few' is no amount")).first(),
  ).toBeVisible();
  // Nothing is written until it is accepted.
  expect(await countRecords(page, 'bins')).toBe(before.contents.bins.length);
  const [mend] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the rest to fix' }).click(),
  ]);
  expect(
    readFileSync(await mend.path(), 'utf8')
      .trim()
      .split('\r\n'),
  ).toHaveLength(301);
  await page.getByRole('button', { name: 'Accept 19701 rows' }).click();
  await expect(page.getByText(/19701 amounts entered, 19700 new bins/)).toBeVisible();
  expect(await countRecords(page, 'bins')).toBe(before.contents.bins.length + 19_700);
  expect(await countRecords(page, 'entries')).toBe(before.contents.entries.length + 19_701);
  const there = before.contents.bins.find(({ name }) => name === 'Jig hook 2/0')!;
  const hooks = (await readEntries(page, there.id)).find(({ note }) => note === 'by a list')!;
  expect(hooks.qty).toBe(50);
  expect(hooks.unitCost).toBeCloseTo(0.24, 9);
});

test('how long each bin lasts is said with its band, and nothing of what has too little history', async ({
  page,
}) => {
  await openStation(page, 'shelf');
  await turn(page, 'Use');
  const rows = page.getByRole('list', { name: 'When bins run out' }).getByRole('listitem');
  await expect(rows.first()).toBeVisible();
  await expect(page.getByText(/are left unsaid: used less than five times/)).toBeVisible();
  await expect(rows.filter({ hasText: 'Jig hook 2/0' })).toContainText('a month');
  await expect(rows.filter({ hasText: 'Jig hook 5/0, strong' })).toHaveCount(0);
});
