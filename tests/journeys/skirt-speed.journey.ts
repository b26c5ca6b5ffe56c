import { expect, test, type Locator, type Page } from '@playwright/test';
import { idleTask, longestTask, noteLongest, triesUnder, watchTasks } from '../support/long-tasks';
import { openSkirt, plainSkirt } from './skirt-bench';

const LONGEST_TASK_MS = 50;
const STEPS = 40;

/** Drags a slider's handle to and fro, a step a frame. */
async function sweep(page: Page, handle: Locator, reachPx: number): Promise<void> {
  const box = await handle.boundingBox();
  if (!box) throw new Error('the slider is on the page');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 1; step <= STEPS; step += 1) {
    await page.mouse.move(x - reachPx * Math.sin((Math.PI * step) / STEPS), y);
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(resolve)));
  }
  await page.mouse.up();
}

test('a recipe of 12 layers and 180 strands follows the slider without a long task', async ({ page }) => {
  await watchTasks(page);
  const tabs = ['reed-green', 'dusk', 'straw', 'silt-brown', 'kelp', 'frost'];
  await openSkirt(page, (contents) =>
    plainSkirt(
      contents,
      Array.from({ length: 12 }, (_, index) => ({ binId: `tab-${tabs[index % tabs.length]}`, strands: 15 })),
    ),
  );
  await expect(page.getByRole('region', { name: 'Fullness' })).toContainText('9 tabs, 180 strands');
  const idle = await idleTask(page);
  const open = page.getByRole('slider', { name: 'How far it stands open' });
  const drawing = page.getByRole('img', { name: 'The skirt on a stop' });
  const flared = await drawing.innerHTML();
  await open.focus();
  await page.keyboard.press('ArrowLeft');
  await expect.poll(() => drawing.innerHTML()).not.toBe(flared);
  const longest = await triesUnder(LONGEST_TASK_MS, () => longestTask(page, () => sweep(page, open, 150)));
  expect(noteLongest(longest, idle)).toBeLessThan(LONGEST_TASK_MS);

  // The length of a layer changes the layout of all strands, both drawings and what they take.
  await page
    .getByRole('region', { name: 'Layers, in tying order' })
    .getByRole('button', { expanded: false })
    .first()
    .click();
  const length = page.getByRole('slider', { name: 'Length of layer 1' });
  const lengths = await triesUnder(LONGEST_TASK_MS, () => longestTask(page, () => sweep(page, length, 50)));
  expect(noteLongest(lengths, idle, 'length of a layer')).toBeLessThan(LONGEST_TASK_MS);
});
