import type { Page } from '@playwright/test';
import { levelOf, openStation, readBench } from './bench-page';
import { expect, test } from './bench-test';
import { openEmpty } from './empty-bench';

const dialogOf = (page: Page) => page.getByRole('dialog', { name: /^Count .* by weight/ });

/** Types what the scale shows, and takes it. */
async function weigh(page: Page, label: string, text: string): Promise<void> {
  const dialog = dialogOf(page);
  await dialog.getByRole('textbox', { name: label }).fill(text);
  await dialog.getByRole('textbox', { name: label }).press('Tab');
  await dialog.getByRole('button', { name: 'Take it', exact: true }).first().click();
}

test('sixty beads are counted by the scale, sure enough once enough of them were counted by hand', async ({
  page,
}) => {
  await openStation(page, 'shelf');
  await page.getByLabel('Search the shelf').fill('Bead, brass 4 mm');
  await page
    .getByRole('button', { name: /^Bead, brass 4 mm/ })
    .first()
    .click();
  const card = page.getByRole('region', { name: 'Bead, brass 4 mm' });
  await card.getByText('Count', { exact: true }).click();
  await card.getByRole('button', { name: 'By weight' }).click();
  const dialog = dialogOf(page);
  await expect(dialog.getByRole('region', { name: 'The count' })).toContainText('Count out 10 by hand');
  await dialog.getByRole('textbox', { name: 'The scale reads to' }).fill('0.01 g');

  await weigh(page, 'The handful weighs', '2.50 g');
  await expect(dialog.getByRole('list', { name: 'Handfuls' })).toContainText('10 weigh 2.5 g');
  // More beads than ten by hand tell for sure: it says how many it takes.
  await weigh(page, 'All of them weigh', '15.05 g');
  const count = dialog.getByRole('region', { name: 'The count' });
  await expect(count.getByRole('button', { name: /^Counted by weight: 60/ })).toBeVisible();
  await expect(count).toContainText(/right \d+ times in 100; else/);
  await expect(count).toContainText(/With \d+ counted by hand it is sure 99 times in 100/);
  await expect(count.getByRole('button', { name: /^Go on from these/ })).toBeDisabled();

  // In portions, each sure: what was counted is the handful for the next.
  await weigh(page, 'All of them weigh', '3.76 g');
  await count.getByRole('button', { name: 'Go on from these 15' }).click();
  await weigh(page, 'All of them weigh', '7.51 g');
  await count.getByRole('button', { name: 'Go on from these 30' }).click();
  await weigh(page, 'All of them weigh', '15.02 g');
  await expect(count.getByRole('button', { name: /^Counted by weight: 60/ })).toBeVisible();
  await count.getByRole('button', { name: /^Counted by weight: 60/ }).click();
  await expect(page.getByRole('tooltip').filter({ visible: true })).toContainText(
    /30 \+ \(15\.02 g − 7\.51 g\)/,
  );
  await page.keyboard.press('Escape');
  await dialog.getByRole('button', { name: 'Take 60' }).click();
  await expect(card.getByRole('textbox', { name: 'Counted' })).toHaveValue('60');
  await card.getByRole('button', { name: 'Count', exact: true }).click();
  await expect(card.getByRole('button', { name: /^On hand: 60/ })).toBeVisible();
  const { contents } = await readBench(page);
  const bin = contents.bins.find(({ name }) => name === 'Bead, brass 4 mm');
  expect(bin).toMatchObject({ kind: 'part' });
  expect(bin && 'massG' in bin ? bin.massG : null).toBeCloseTo(7.51 / 30, 4);
});

test('on a count day a drawer is counted by the stand-in scale, what is poured on counted anew', async ({
  page,
}) => {
  await openStation(page, 'shelf');
  await page.goto('/shelf?part=count');
  await page
    .getByRole('button', { name: /^Hook tray/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Count Jig hook 2/0 by weight' }).click();
  const dialog = dialogOf(page);
  await dialog.getByText('Stand-in scale').click();
  const pan = dialog.getByRole('textbox', { name: /stand-in's pan/ });
  await pan.fill('9 g');
  await pan.press('Tab');
  await dialog.getByRole('button', { name: 'Lay on' }).click();
  await expect(dialog.getByRole('list', { name: 'Handfuls' })).toContainText('10 weigh');
  // Poured on without clearing the pan.
  await pan.fill('18 g');
  await pan.press('Tab');
  await dialog.getByRole('button', { name: 'Lay on' }).click();
  await expect(dialog.getByRole('button', { name: /^Counted by weight: 20/ })).toBeVisible();
  await dialog.getByRole('button', { name: 'Take 20' }).click();
  await expect(page.getByRole('textbox', { name: 'Found of Jig hook 2/0', exact: true })).toHaveValue('20');
});

test('a cup is kept by its name, and what stands in it counted without it', async ({ page }) => {
  await openStation(page, 'shelf');
  await page.goto('/shelf?part=count');
  await page
    .getByRole('button', { name: /^Hook tray/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Count Jig hook 2/0 by weight' }).click();
  const dialog = dialogOf(page);
  await dialog.getByRole('button', { name: 'A cup of mine' }).click();
  await dialog.getByRole('textbox', { name: 'The cup is called' }).fill('Tin lid');
  await dialog.getByRole('textbox', { name: 'Empty, it weighs' }).fill('12.4 g');
  await dialog.getByRole('textbox', { name: 'Empty, it weighs' }).press('Tab');
  await dialog.getByRole('button', { name: 'Keep the cup' }).click();
  await expect(dialog.getByText('Tin lid is taken off.')).toBeVisible();
  await weigh(page, 'The handful weighs', '12 g');
  await expect(dialog.getByRole('alert')).toContainText('no more than Tin lid weighs empty');
  await weigh(page, 'The handful weighs', '21.4 g');
  await expect(dialog.getByRole('list', { name: 'Handfuls' })).toContainText('10 weigh 9 g');
  await weigh(page, 'All of them weigh', '30.4 g');
  await expect(dialog.getByRole('button', { name: /^Counted by weight: 20/ })).toBeVisible();
  const { contents } = await readBench(page);
  expect(contents.bench[0]!.cups).toMatchObject([{ name: 'Tin lid', massG: 12.4 }]);
});

test('a handful that the scale cannot feel, and a whole under its handful, say what would be right', async ({
  page,
}) => {
  await openStation(page, 'shelf');
  await page.goto('/shelf?part=count');
  await page
    .getByRole('button', { name: /^Hook tray/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Count Jig hook 2/0 by weight' }).click();
  const dialog = dialogOf(page);
  await expect(dialog.getByRole('button', { name: 'Take it' }).last()).toBeDisabled();
  await weigh(page, 'The handful weighs', '0.1 g');
  await expect(dialog.getByRole('alert')).toContainText('lost in what the scale reads to');
  await dialog.getByRole('button', { name: 'Take off' }).click();
  await dialog.getByText('A handful, counted').click();
  await weigh(page, 'The handful weighs', '9 g');
  await weigh(page, 'All of them weigh', '4 g');
  await expect(dialog.getByRole('alert')).toContainText('Put them with it, or say that they lie apart.');
  await dialog.getByRole('checkbox', { name: 'The handful lies among them' }).uncheck();
  await expect(dialog.getByRole('alert')).toHaveCount(0);
});

test('on the empty bench a first packet of beads is counted by weight, in ounces', async ({ page }) => {
  await openEmpty(page, '/shelf');
  await page.getByRole('button', { name: 'Put something down' }).first().click();
  const form = page.getByRole('dialog', { name: 'Put something down' });
  await form.getByRole('textbox', { name: 'Search kinds of things' }).fill('bead');
  await form.getByRole('button', { name: /^Bead/ }).first().click();
  await form.getByRole('button', { name: 'Put on the shelf' }).click();
  const move = page.getByRole('form', { name: /^Move / });
  await move.getByText('Receive', { exact: true }).click();
  await move.getByRole('button', { name: 'By weight' }).click();
  await expect(dialogOf(page).getByRole('textbox', { name: 'The scale reads to' })).toHaveValue('0.01 oz');
  await weigh(page, 'The handful weighs', '0.50 oz');
  await weigh(page, 'All of them weigh', '0.75 oz');
  await dialogOf(page).getByRole('button', { name: 'Take 15' }).click();
  await expect(move.getByRole('textbox', { name: 'How much' })).toHaveValue('15');
  await move.getByRole('button', { name: 'Receive' }).click();
  await expect(page.getByRole('button', { name: /^On hand: 15/ })).toBeVisible();
});

test('a delivery is received as the scale counts it, and paid for what came', async ({ page }) => {
  await openStation(page, 'shelf?part=orders');
  const order = page.getByRole('article', { name: 'Order 1' });
  const before = await readBench(page);
  const purchase = before.contents.purchases.find(({ no }) => no === 1)!;
  const named = (id: string) => before.contents.bins.find((bin) => bin.id === id)!;
  const line = purchase.lines.find(
    ({ binId, packs, came }) => named(binId).unit === 'pieces' && came < packs,
  )!;
  const bin = named(line.binId);
  await order.getByRole('button', { name: `Weigh what came of ${bin.name}` }).click();
  await dialogOf(page).getByRole('textbox', { name: 'The scale reads to' }).fill('0.01 g');
  await weigh(page, 'The handful weighs', '10 g');
  await weigh(page, 'All of them weigh', '19 g');
  await dialogOf(page).getByRole('button', { name: 'Take 19' }).click();
  await expect(order.getByText('19 counted, the packs say')).toBeVisible();
  await order.getByRole('button', { name: 'Receive' }).click();
  const level = async () => levelOf(await readBench(page), bin.id) - levelOf(before, bin.id);
  await expect.poll(level).toBe(19);
  const entry = (await readBench(page)).contents.entries.find(({ note }) =>
    note?.startsWith('order 1, 19 counted'),
  )!;
  expect(entry.qty).toBe(19);
  expect(entry.unitCost! * 19).toBeGreaterThanOrEqual(line.packPrice * (line.packs - line.came) * 0.999);
});
