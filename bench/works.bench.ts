import type { Browser, Page } from '@playwright/test';
import { demoBench } from '@/demo/demo-bench';
import { layOutBench } from '../tests/support/bench-database';
import { HEAVY_WORKS } from '../tests/support/heavy-work';
import { timeOpening } from '../tests/support/station-times';
import { EMPTY, freshPage } from './browser';

const TRIES = 3;
const EMPTY_MS = 2000;

declare global {
  interface Window {
    longestFrameMs: number;
  }
}

/** The longest time between two frames while `work` goes on, ms: so long the page answered nobody. */
async function longestFrame(page: Page, work: () => Promise<void>): Promise<number> {
  await page.evaluate(() => {
    window.longestFrameMs = 0;
    let last = performance.now();
    const frame = (at: number) => {
      window.longestFrameMs = Math.max(window.longestFrameMs, at - last);
      last = at;
      requestAnimationFrame(frame);
    };
    requestAnimationFrame(frame);
  });
  await work();
  return page.evaluate(() => window.longestFrameMs);
}

async function measure(page: Page, { bench, station, prepare, work }: (typeof HEAVY_WORKS)[number]) {
  const longest: number[] = [];
  for (let nth = 0; nth < TRIES; nth += 1) {
    await page.goto(EMPTY);
    await layOutBench(page, bench(demoBench(Date.now())));
    await timeOpening(page, `/${station}`);
    await prepare(page);
    longest.push(await longestFrame(page, () => work(page)));
  }
  return Math.min(...longest);
}

/** How long the page answers nobody while it does something large, as a multiple of what an empty page beside it takes. */
export async function* benchWorks(browser: Browser): AsyncGenerator<string> {
  const [page, empty] = [await freshPage(browser), await freshPage(browser)];
  await timeOpening(page, '/ticket');
  await empty.goto(EMPTY);
  for (const heavy of HEAVY_WORKS) {
    const busy = await measure(page, heavy);
    await empty.bringToFront();
    const idle = await longestFrame(empty, () => empty.waitForTimeout(EMPTY_MS));
    await page.bringToFront();
    yield [
      `${heavy.name}:`,
      `  longest frame ${busy.toFixed(0)} ms, best of ${TRIES}; ${(busy / idle).toFixed(1)} times an empty page's ${idle.toFixed(0)} ms`,
    ].join('\n');
  }
}
