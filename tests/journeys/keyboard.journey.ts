import type { Locator, Page } from '@playwright/test';
import { openStation, readBench } from './bench-page';
import { expect, test } from './bench-test';

/** Goes on by Tab until something has the focus, as who has no mouse does. */
async function tabTo(page: Page, target: Locator, most = 90): Promise<void> {
  await expect(target).toBeVisible();
  for (let tabs = 0; tabs < most; tabs += 1) {
    if (await target.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  await expect(target).toBeFocused();
}

async function type(page: Page, label: string, text: string): Promise<void> {
  await tabTo(page, page.getByRole('main').getByRole('textbox', { name: label, exact: true }));
  await page.keyboard.type(text);
}

/** Opens a list by an arrow, goes down it and takes what stands there. */
async function takeFrom(page: Page, label: string, downs: number): Promise<void> {
  const box = page.getByRole('main').getByRole('combobox', { name: label, exact: true });
  await tabTo(page, box);
  await page.keyboard.press('ArrowDown');
  await expect(box).toHaveAttribute('aria-expanded', 'true');
  for (let down = 1; down < downs; down += 1) await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(box).toHaveAttribute('aria-expanded', 'false');
}

async function press(page: Page, name: string | RegExp): Promise<void> {
  await tabTo(page, page.getByRole('main').getByRole('button', { name }));
  await page.keyboard.press('Enter');
}

test('a ticket is written from the first Tab to the last without a mouse', async ({ page }) => {
  await openStation(page, 'ticket');
  await press(page, 'New ticket');
  await type(page, 'Ticket', 'By keys alone');
  await type(page, 'Weight', '10 g');
  await type(page, 'Pieces', '12');
  await takeFrom(page, 'Hook', 3);
  await takeFrom(page, 'Metal', 2);
  await press(page, 'Write ticket');
  await expect(page.getByRole('heading', { name: 'By keys alone', exact: true })).toBeVisible();
  const { contents } = await readBench(page);
  const written = contents.tickets.find(({ title }) => title === 'By keys alone')!;
  expect(written.lines).toHaveLength(1);
  expect(written.lines[0]).toMatchObject({ count: 12 });
});

test('a note of the water is made from the first Tab to the last without a mouse', async ({ page }) => {
  await openStation(page, 'water');
  const before = await readBench(page);
  await tabTo(page, page.getByRole('main').getByRole('textbox', { name: 'Hours' }));
  await page.keyboard.type('2');
  await press(page, 'fish: one more');
  await page.keyboard.press('Enter');
  await press(page, 'Note it');
  await expect(page.getByText('Noted. It is kept on this device')).toBeVisible();
  const after = await readBench(page);
  expect(after.contents.waterNotes).toHaveLength(before.contents.waterNotes.length + 1);
  const added = after.contents.waterNotes.find(({ id }) =>
    before.contents.waterNotes.every((note) => note.id !== id),
  )!;
  expect(added).toMatchObject({ fish: 2, hours: 2 });
});
