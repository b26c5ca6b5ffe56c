import { test as base, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { demoBench } from '../../src/demo/demo-bench';
import { hasBench, layOutBench } from '../support/bench-database';

export { expect } from '@playwright/test';

/** When every journey begins, on whatever day it is run. */
const START = new Date('2026-11-24T18:00:00Z');

/** An address of the application's own that loads no page. */
export const BLANK = '/api/calc';

interface Options {
  /** The clock of the page stands in the test's hand (`page.clock`): it begins at START. Else time goes on by itself. */
  readonly ownClock: boolean;
  /** Another page of the same browser, as a second tab. */
  readonly openTab: () => Promise<Page>;
}

interface Kept {
  /** A browser's context for tests of one kind, used again: what it has loaded and compiled once it need not again. */
  readonly keptContext: (kind: string) => Promise<BrowserContext>;
}

/** Lets the page's date be START when the test begins, and go on from there. */
async function beginAtStart(where: BrowserContext | Page): Promise<void> {
  await where.addInitScript((aheadMs) => {
    const Real = Date;
    class Shifted extends Real {
      constructor(...given: [] | ConstructorParameters<DateConstructor>) {
        super(...((given.length === 0 ? [Real.now() + aheadMs] : given) as [number]));
      }
      static override now() {
        return Real.now() + aheadMs;
      }
    }
    globalThis.Date = Shifted as DateConstructor;
  }, START.getTime() - Date.now());
}

/** A context that begins at START, of its own: for journeys that need one that nothing was kept in. */
export async function freshContext(
  browser: Browser,
  options: Parameters<Browser['newContext']>[0] = {},
): Promise<BrowserContext> {
  const context = await browser.newContext(options);
  await beginAtStart(context);
  return context;
}

const atStart = demoBench(START.getTime());

/** Journeys begin on the demo bench as it is at START, on a page of its own, laid out but not opened yet. */
export const test = base.extend<Options, Kept>({
  ownClock: [false, { option: true }],
  keptContext: [
    async ({ browser }, use) => {
      const kept = new Map<string, BrowserContext>();
      await use(async (kind) => {
        const context = kept.get(kind) ?? (await browser.newContext());
        kept.set(kind, context);
        return context;
      });
      await Promise.all([...kept.values()].map((context) => context.close()));
    },
    { scope: 'worker' },
  ],
  context: async ({ browser, keptContext, ownClock, viewport, hasTouch, deviceScaleFactor }, use) => {
    if (ownClock) {
      const context = await browser.newContext();
      await context.clock.install({ time: START });
      await use(context);
      await context.close();
      return;
    }
    const context = await keptContext(JSON.stringify({ viewport, hasTouch, deviceScaleFactor }));
    await use(context);
    await Promise.all(context.pages().map((page) => page.close()));
  },
  openTab: async ({ context, ownClock }, use) => {
    await use(async () => {
      const page = await context.newPage();
      if (!ownClock) await beginAtStart(page);
      return page;
    });
  },
  page: async ({ openTab }, use) => {
    const page = await openTab();
    await page.goto(BLANK);
    if (!(await hasBench(page))) {
      // The application makes its own database.
      await page.goto('/ticket');
      await page.getByRole('heading', { level: 1 }).waitFor();
      await page.goto(BLANK);
    }
    await layOutBench(page, atStart);
    await use(page);
  },
});
