import { test as base, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { demoBench } from '../../src/demo/demo-bench';
import { hasBench, layOutBench } from '../support/bench-database';

export { expect } from '@playwright/test';

/** When every journey begins, on whatever day it is run. */
export const START = new Date('2026-11-24T08:00:00Z');

/** An address of the application's own that loads no page. */
export const BLANK = '/api/calc';

interface Options {
  /** The clock of the page stands in the test's hand (`page.clock`): it begins at START. Else time goes on by itself. */
  readonly ownClock: boolean;
  /** Another page of the same browser, as a second tab. */
  readonly openTab: () => Promise<Page>;
}

/** A browser's context with its page. */
interface Desk {
  readonly context: BrowserContext;
  page: Page;
}

interface Kept {
  /**
   * The desk for tests of one kind, used again by the next: what its page has loaded and compiled once it need not
   * again, which is most of what opening a station takes.
   */
  readonly keptDesk: (kind: string, isClockOwn: boolean) => Promise<Desk>;
}

/** Lets the date of pages be START now, and go on from there. */
async function beginAtStart(context: BrowserContext): Promise<void> {
  await context.addInitScript((aheadMs) => {
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

/** Lets chance on pages be the same each time a page is loaded: stand-ins flicker alike in every run. */
async function tameChance(context: BrowserContext): Promise<void> {
  await context.addInitScript(() => {
    let state = 20_611;
    Math.random = () => {
      // A linear congruence (Numerical Recipes): even enough for a flicker.
      state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
      return state / 2 ** 32;
    };
  });
}

/** Pages measure in millimeters and grams unless a journey says otherwise: units are guessed from the language. */
async function measureInMetric(context: BrowserContext): Promise<void> {
  await context.addInitScript(() => {
    if (localStorage.getItem('ruvek-screen') === null) localStorage.setItem('ruvek-screen', '{}');
  });
}

/** A context that begins at START, of its own: for journeys that need one that nothing was kept in. */
export async function freshContext(
  browser: Browser,
  options: Parameters<Browser['newContext']>[0] = {},
): Promise<BrowserContext> {
  const context = await browser.newContext(options);
  await measureInMetric(context);
  await tameChance(context);
  await beginAtStart(context);
  return context;
}

/** What journeys begin with: the demo bench as it is at START. */
export const START_BENCH = demoBench(START.getTime());

/** Journeys begin on the demo bench as it is at START, laid out but not opened yet. */
export const test = base.extend<Options & { readonly desk: Desk }, Kept>({
  ownClock: [false, { option: true }],
  keptDesk: [
    async ({ browser }, use) => {
      const kept = new Map<string, Desk>();
      await use(async (kind, isClockOwn) => {
        const there = kept.get(kind);
        if (there) return there;
        const context = isClockOwn ? await browser.newContext() : await freshContext(browser);
        if (isClockOwn) {
          await measureInMetric(context);
          await tameChance(context);
        }
        const desk = { context, page: await context.newPage() };
        kept.set(kind, desk);
        return desk;
      });
      await Promise.all([...kept.values()].map(({ context }) => context.close()));
    },
    { scope: 'worker' },
  ],
  desk: async ({ keptDesk, ownClock, viewport, hasTouch, deviceScaleFactor }, use) => {
    const kind = JSON.stringify({ ownClock, viewport, hasTouch, deviceScaleFactor });
    const desk = await keptDesk(kind, ownClock);
    if (desk.page.isClosed()) desk.page = await desk.context.newPage();
    if (ownClock) {
      // Between two milliseconds, where such a clock comes to stand sooner or later.
      await desk.context.clock.install({ time: START.getTime() + 0.5 });
      await desk.context.clock.resume();
    }
    await use(desk);
    const tabs = desk.context.pages().filter((tab) => tab !== desk.page);
    await Promise.all(tabs.map((tab) => tab.close()));
    desk.page.removeAllListeners('download');
  },
  context: ({ desk }, use) => use(desk.context),
  openTab: ({ desk }, use) => use(() => desk.context.newPage()),
  page: async ({ desk: { page } }, use) => {
    await page.goto(BLANK);
    if (!(await hasBench(page))) {
      // The application makes its own database.
      await page.goto('/ticket');
      await page.getByRole('heading', { level: 1 }).waitFor();
      await page.goto(BLANK);
    }
    await layOutBench(page, START_BENCH);
    await use(page);
  },
});
