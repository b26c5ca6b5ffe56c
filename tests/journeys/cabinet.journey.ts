import type { Locator, Page } from '@playwright/test';
import { openStation, readBench } from './bench-page';
import { expect, test } from './bench-test';

const turn = (page: Page, to: string) =>
  page.getByRole('radiogroup', { name: 'What to do' }).getByText(to, { exact: true }).click();
const front = (page: Page, name: RegExp) =>
  page.getByRole('group', { name: 'The cabinet' }).getByRole('button', { name });

/** Brings a thing clear of the clocks, which cover the lower edge. */
const center = (thing: Locator) => thing.evaluate((element) => element.scrollIntoView({ block: 'center' }));

/** Where the middle of a thing is. */
async function middleOf(thing: Locator): Promise<{ readonly x: number; readonly y: number }> {
  const box = await thing.boundingBox();
  if (!box) throw new Error('nothing to be seen of it');
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/** Drags from the middle of one thing by so much, in steps as a hand would. */
async function drag(
  page: Page,
  from: Locator,
  by: { readonly x: number; readonly y: number },
): Promise<void> {
  const { x, y } = await middleOf(from);
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + by.x / 2, y + by.y / 2, { steps: 6 });
  await page.mouse.move(x + by.x, y + by.y, { steps: 6 });
  await page.mouse.up();
}

test('drawers are laid out by dragging and hold what is put into them, through a reload and an undo', async ({
  page,
}) => {
  await openStation(page, 'shelf');
  await turn(page, 'Cabinet');
  const drawerOf = async (name: string) =>
    (await readBench(page)).contents.drawers.find((drawer) => drawer.name === name)!;
  const before = await drawerOf('Rig wallet');
  const cell = (await front(page, /^Rig wallet/).boundingBox())!;

  await test.step('a drawer is dragged to a free place, and back from one that is taken', async () => {
    await page.getByRole('button', { name: 'Lay out' }).click();
    await center(front(page, /^Rig wallet/));
    await drag(page, front(page, /^Rig wallet/), { x: cell.width * 2, y: 0 });
    await expect
      .poll(async () => (await drawerOf('Rig wallet')).column)
      .toBe(before.column + before.columns * 2);
    await center(front(page, /^Rig wallet/));
    await drag(page, front(page, /^Rig wallet/), { x: 0, y: -cell.height * 2 });
    await expect(page.getByText(/^No room for Rig wallet there/)).toBeVisible();
    expect((await drawerOf('Rig wallet')).row).toBe(before.row);
    await page.getByRole('button', { name: 'Done laying out' }).click();
  });

  await test.step('a bin is dragged out of one drawer into another', async () => {
    await front(page, /^Shot tin/).click();
    const inside = page.getByRole('region', { name: 'In Shot tin' });
    const bin = inside.getByRole('listitem').getByRole('button').first();
    const name = (await bin.locator('span').innerText()).trim();
    const target = front(page, /^Tin 1,/);
    // Away from the edges, near which a drag scrolls the page along.
    await page.evaluate(() => window.scrollTo({ top: 0 }));
    const [from, to] = [await middleOf(bin), await middleOf(target)];
    await drag(page, bin, { x: to.x - from.x, y: to.y - from.y });
    const tin = await drawerOf('Tin 1');
    const drawerIdOf = async () =>
      (await readBench(page)).contents.bins.find((each) => each.name === name)?.drawerId;
    await expect.poll(drawerIdOf).toBe(tin.id);
    await page.reload();
    // What one sees is in the address: the reload comes back to it, and so does Back.
    await front(page, /^Tin 1,/).click();
    await expect(page.getByRole('region', { name: 'In Tin 1' }).getByText(name)).toBeVisible();
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(page.getByRole('region', { name: 'In Tin 1' }).getByText(name)).toHaveCount(0);
  });

  await test.step('what must be kept apart is said, and a search shows where a thing lies', async () => {
    await front(page, /^Soft bait box.*keep apart/).click();
    await expect(page.getByRole('alert').filter({ hasText: 'melt each other' })).toBeVisible();
    const [labels] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Print labels' }).click(),
    ]);
    expect(labels.suggestedFilename()).toBe('ruvek-labels-soft-bait-box.pdf');
    await page.getByRole('textbox', { name: 'Search the shelf' }).fill('hook 2/0');
    await expect(front(page, /^Hook tray, 2 of 14 bins/)).toBeVisible();
    await expect(front(page, /^Tin 2, 0 of \d+ bins/)).toBeVisible();
  });
});
