import type { Browser, Page } from '@playwright/test';
import { timeOpening } from '../tests/support/station-times';
import { freshPage } from './browser';

const MINUTES = 10;

/** What the page holds once all is let go of that can be, bytes. */
async function held(page: Page): Promise<number> {
  const client = await page.context().newCDPSession(page);
  // Once is not enough: what the first pass lets go of holds on to more.
  for (let pass = 0; pass < 4; pass += 1) await client.send('HeapProfiler.collectGarbage');
  const { usedSize } = (await client.send('Runtime.getHeapUsage')) as { usedSize: number };
  await client.detach();
  return usedSize;
}

/** What a page holds after ten minutes of a thermocouple's stream, as a multiple of what it held after one. */
export async function* benchWatch(browser: Browser): AsyncGenerator<string> {
  const page = await freshPage(browser);
  await page.clock.install();
  await timeOpening(page, '/pour');
  await page.getByText('All open').click();
  await page.getByRole('button', { name: 'Begin the run' }).click();
  const list = page.getByRole('dialog', { name: 'Before the pot goes on' });
  for (const box of await list.getByRole('checkbox').all()) await box.check();
  await list.getByRole('button', { name: 'All of it is so' }).click();
  await page
    .getByRole('region', { name: 'Pot temperature' })
    .getByRole('button', { name: 'Stand-in thermocouple' })
    .click();
  const sizes: number[] = [];
  for (let minute = 0; minute < MINUTES; minute += 1) {
    await page.clock.runFor(60_000);
    sizes.push(await held(page));
  }
  const half = MINUTES / 2;
  const [early, late] = [Math.min(...sizes.slice(0, half)), Math.min(...sizes.slice(half))];
  yield `the thermocouple's stream: what the page holds in its last five minutes is ${(late / early).toFixed(3)} times that of its first five (${(late / 1e6).toFixed(1)} against ${(early / 1e6).toFixed(1)} MB)`;
}
