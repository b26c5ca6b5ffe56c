import type { Browser, Page } from '@playwright/test';
import { demoBench } from '@/demo/demo-bench';
import { layOutBench } from '../tests/support/bench-database';
import { HEAVY_WORKS } from '../tests/support/heavy-work';
import { timeOpening } from '../tests/support/station-times';
import { EMPTY, freshPage } from './browser';
import { forgetTasks, longestTask, watchTasks } from './long-tasks';

const TRIES = 3;
const EMPTY_MS = 2000;

async function measure(page: Page, { bench, station, prepare, work }: (typeof HEAVY_WORKS)[number]) {
  const longest: number[] = [];
  for (let nth = 0; nth < TRIES; nth += 1) {
    await page.goto(EMPTY);
    await layOutBench(page, bench(demoBench(Date.now())));
    await timeOpening(page, `/${station}`);
    await prepare(page);
    await forgetTasks(page);
    await work(page);
    longest.push(await longestTask(page));
  }
  return Math.min(...longest);
}

/**
 * How long the page answers nobody while it does something large, as a multiple of what an empty page beside it takes; up
 * to 50 ms the browser tells nothing, and that counts as 50.
 */
export async function* benchWorks(browser: Browser): AsyncGenerator<string> {
  const [page, empty] = [await freshPage(browser), await freshPage(browser)];
  await Promise.all([watchTasks(page), watchTasks(empty)]);
  await timeOpening(page, '/ticket');
  await empty.goto(EMPTY);
  for (const heavy of HEAVY_WORKS) {
    const busy = await measure(page, heavy);
    await forgetTasks(empty);
    await empty.waitForTimeout(EMPTY_MS);
    const idle = await longestTask(empty);
    yield [
      `${heavy.name}:`,
      `  longest task ${busy.toFixed(0)} ms, best of ${TRIES}; ${(busy / idle).toFixed(1)} times an empty page's ${idle.toFixed(0)} ms`,
    ].join('\n');
  }
}
