import { expect, test, type Page } from '@playwright/test';
import { bigBench, bigSession } from './big-bench';
import { idleTask, longestTask, noteLongest, triesUnder, watchTasks } from '../support/long-tasks';
import { chooseFile, closeDialog, openBenchMenu, openStation, replaceBench } from './bench-page';

/** The longest that the page may be busy in one go, ms. */
const LONGEST_TASK_MS = 100;

async function openBigBench(page: Page): Promise<void> {
  await watchTasks(page);
  await openStation(page, 'pour');
  await openBenchMenu(page);
  await chooseFile(page, 'big.json', JSON.stringify(bigBench(bigSession())));
  await replaceBench(page);
  await closeDialog(page);
}

/** Waits for the proof; a slow machine stops at the page's limit first, and searches on. */
async function untilProven(page: Page): Promise<void> {
  const proven = page.getByText('proven the shortest');
  const searchOn = page.getByRole('button', { name: 'Search on' });
  await expect(proven.or(searchOn)).toBeVisible({ timeout: 60_000 });
  if (await searchOn.isVisible()) await searchOn.click();
  await expect(proven).toBeVisible({ timeout: 90_000 });
}

test('forty lines over twenty-five blocks are planned to proof while the page stays free', async ({
  page,
}) => {
  test.setTimeout(300_000);
  await openBigBench(page);
  await untilProven(page);

  const idle = await idleTask(page);
  const longest = await triesUnder(LONGEST_TASK_MS, async () => {
    // The search is called off and begun anew: the same forty lines, a fresh worker.
    await page.reload();
    await expect(page.getByRole('button', { name: 'Cancel' })).toBeVisible();
    await page.getByRole('button', { name: 'Cancel' }).click();
    await expect(page.getByText('The search was called off.')).toBeVisible();
    return longestTask(page, async () => {
      await page.getByRole('button', { name: 'Plan again' }).click();
      await untilProven(page);
    });
  });
  expect(noteLongest(longest, idle)).toBeLessThan(LONGEST_TASK_MS);
});

test('the search shows how far it is, and can be called off', async ({ page }) => {
  await openBigBench(page);
  await page.reload();
  await expect(page.getByText(/Best so far .* none can be under/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('The search was called off. Nothing was changed.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Begin the run' })).toHaveCount(0);
});
