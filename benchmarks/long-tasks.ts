import type { Page } from '@playwright/test';

declare global {
  interface Window {
    longTasks: number[];
  }
}

/** Under this the browser does not tell of a task, ms. */
const TOLD_FROM_MS = 50;

/** Keeps a list of the long tasks of each page that is opened from here on. */
export async function watchTasks(page: Page): Promise<void> {
  await page.addInitScript(() => {
    window.longTasks = [];
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) window.longTasks.push(duration);
    }).observe({ type: 'longtask', buffered: true });
  });
}

/** The longest task since the page was opened, or since they were forgotten, ms: so long it answered nobody. */
export async function longestTask(page: Page): Promise<number> {
  // Tasks are told of in a task of their own.
  await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 120)));
  return page.evaluate((least) => Math.max(least, ...window.longTasks), TOLD_FROM_MS);
}

export const forgetTasks = (page: Page) => page.evaluate(() => void (window.longTasks.length = 0));
