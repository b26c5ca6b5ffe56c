import type { Page } from '@playwright/test';
import { countRecords } from './bench-database';

export const STATIONS = [
  'ticket',
  'metal',
  'molds',
  'pour',
  'dress',
  'coat',
  'skirt',
  'build',
  'rig',
  'shelf',
  'cost',
  'water',
] as const;

const LONG_MS = 120_000;

/** Opens a station and waits until it stands; gives how long that took, ms. */
export async function timeOpening(page: Page, address: string): Promise<number> {
  const from = performance.now();
  await page.goto(address);
  await page.getByRole('heading', { level: 1 }).waitFor({ timeout: LONG_MS });
  return performance.now() - from;
}

/**
 * Takes back what was done last and does it again: what a station takes to answer a change of the bench, reading,
 * reckoning and drawing included. Gives how long the two took together, ms.
 */
export async function timeAnswer(page: Page): Promise<number> {
  const enabled = (name: string) => page.locator(`button:has-text("Undo")[title^="${name}"]`);
  const from = performance.now();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await page.locator('button[aria-label="Redo"]:not([disabled])').waitFor();
  await page.getByRole('button', { name: 'Redo' }).click();
  await enabled('Take back: Take at the shelf').waitFor();
  return performance.now() - from;
}

/** Finds the hooks that are taken, among however many bins, and shows their card. */
export async function showHooks(page: Page): Promise<void> {
  await page.getByRole('textbox', { name: 'Search the shelf' }).fill('Jig hook 2/0');
  await page
    .getByRole('button', { name: /^Jig hook 2\/0 ?\d/ })
    .first()
    .click();
}

/** Takes two hooks off the shelf by hand: something to take back. */
export async function takeTwo(page: Page): Promise<void> {
  await showHooks(page);
  await page.getByRole('textbox', { name: 'How much' }).fill('2');
  await page
    .getByRole('form', { name: /^Move / })
    .getByRole('button', { name: 'Take' })
    .click();
  await page.locator('button[title="Take back: Take at the shelf"]').waitFor();
}

/** Waits until the copy is made that later readings of a long ledger are read from: the first reading makes it. */
export async function untilPacked(page: Page): Promise<void> {
  while ((await countRecords(page, 'packedLedger')) === 0) await page.waitForTimeout(500);
}
