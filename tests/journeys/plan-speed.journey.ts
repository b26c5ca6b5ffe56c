import { expect, test, type Page } from '@playwright/test';
import { bigBench, bigSession } from './big-bench';
import { chooseFile, closeDialog, openBenchMenu, openStation } from './bench-page';

/** The longest that the page may be busy in one go, ms. */
const LONGEST_TASK_MS = 100;
const TRIES = 3;

declare global {
  interface Window {
    longTasks: { start: number; duration: number }[];
  }
}

async function watchTasks(page: Page): Promise<void> {
  await page.addInitScript(() => {
    window.longTasks = [];
    new PerformanceObserver((list) => {
      for (const task of list.getEntries())
        window.longTasks.push({ start: task.startTime, duration: task.duration });
    }).observe({ type: 'longtask', buffered: true });
  });
}

/** The longest task while `work` goes on, ms; 0 where none reached the 50 ms from which the browser reports them. */
async function longestTask(page: Page, work: () => Promise<void>): Promise<number> {
  const from = await page.evaluate(() => performance.now());
  await work();
  // Entries are delivered in a task of their own.
  await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 120)));
  return page.evaluate(
    (start) =>
      Math.max(0, ...window.longTasks.filter((task) => task.start >= start).map((task) => task.duration)),
    from,
  );
}

async function openBigBench(page: Page): Promise<void> {
  await watchTasks(page);
  await openStation(page, 'pour');
  await openBenchMenu(page);
  await chooseFile(page, 'big.json', JSON.stringify(bigBench(bigSession())));
  await page.getByRole('button', { name: 'Replace the bench' }).click();
  await closeDialog(page);
}

test('forty lines over twenty-five blocks are planned to proof while the page stays free', async ({
  page,
  context,
}) => {
  await openBigBench(page);
  await expect(page.getByText('proven the shortest')).toBeVisible({ timeout: 90_000 });

  const empty = await context.newPage();
  await watchTasks(empty);
  await empty.goto('/api/calc');
  const idle = await longestTask(empty, async () => {
    await empty.waitForTimeout(2000);
  });
  await empty.close();

  const longest: number[] = [];
  for (let attempt = 0; attempt < TRIES; attempt += 1) {
    // The search is called off and begun anew: the same forty lines, a fresh worker.
    await page.reload();
    await expect(page.getByRole('button', { name: 'Cancel' })).toBeVisible();
    await page.getByRole('button', { name: 'Cancel' }).click();
    await expect(page.getByText('The search was called off.')).toBeVisible();
    longest.push(
      await longestTask(page, async () => {
        await page.getByRole('button', { name: 'Plan again' }).click();
        await expect(page.getByText('proven the shortest')).toBeVisible({ timeout: 90_000 });
      }),
    );
  }
  const best = Math.min(...longest);
  test.info().annotations.push({
    type: 'longest main-thread task',
    description: `${best} ms, best of ${longest.join(', ')}; an empty page beside it: ${idle} ms`,
  });
  expect(best).toBeLessThan(LONGEST_TASK_MS);
});

test('the search shows how far it is, and can be called off', async ({ page }) => {
  await openBigBench(page);
  await page.reload();
  await expect(page.getByText(/Best so far .* none can be under/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('The search was called off. Nothing was changed.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Begin the run' })).toHaveCount(0);
});
