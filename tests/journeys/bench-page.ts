import { readFileSync } from 'node:fs';
import { expect, type Locator, type Page } from '@playwright/test';
import type { BenchContents, BenchFile } from '../../src/records/bench-file';
import { layOutBench } from '../support/bench-database';
import { START_BENCH } from './bench-test';

export { readBench } from '../support/bench-database';

/** Opens a station of the demo bench and waits until it stands. */
export async function openStation(page: Page, station: string): Promise<void> {
  await page.goto(`/${station}`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
}

/** Opens a station on the demo bench as `change` makes it, at the start of a journey; gives that bench. */
export async function openChanged(
  page: Page,
  station: string,
  change: (contents: BenchContents) => Partial<BenchContents>,
): Promise<Pick<BenchFile, 'contents'>> {
  const bench = structuredClone(START_BENCH);
  const contents = { ...bench, ...change(bench), acts: [] };
  await layOutBench(page, contents);
  await openStation(page, station);
  return { contents };
}

/** Saves the bench through the page and reads the file. */
export async function saveBench(page: Page): Promise<BenchFile> {
  await openBenchMenu(page);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Back up' }).click(),
  ]);
  const file = JSON.parse(readFileSync(await download.path(), 'utf8')) as BenchFile;
  await closeDialog(page);
  return file;
}

/** Chooses a file under Restore. Leaves the dialog open. */
export async function chooseFile(page: Page, name: string, text: string | Buffer): Promise<void> {
  const buffer = typeof text === 'string' ? Buffer.from(text) : text;
  await page
    .getByLabel('Saved bench to restore')
    .setInputFiles({ name, mimeType: 'application/json', buffer });
}

export async function openBenchMenu(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Bench.*: units and backup$/ }).click();
  await expect(page.getByRole('dialog', { name: 'The bench' })).toBeVisible();
}

export async function closeDialog(page: Page): Promise<void> {
  await page.getByRole('dialog').getByRole('button', { name: 'Close', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

/** What lies in a bin: the sum of its entries. */
export function levelOf(file: Pick<BenchFile, 'contents'>, binId: string): number {
  return file.contents.entries
    .filter((entry) => entry.binId === binId)
    .reduce((total, entry) => total + entry.qty, 0);
}

/** Replaces the bench with the one that is previewed, and waits until it stands. Leaves the dialog open. */
export async function replaceBench(page: Page): Promise<void> {
  const preview = page.getByRole('region', { name: 'What would change' });
  await page.getByRole('button', { name: 'Replace the bench' }).click();
  // The preview goes once all is written: until then a reload would leave the bench as it was.
  await expect(preview).toHaveCount(0);
}

/** The choices that the open list of a combobox shows. */
export async function choicesOf(box: Locator): Promise<Locator> {
  const id = await box.getAttribute('aria-controls');
  return box.page().locator(`[id="${id}"]`).locator('xpath=..').locator('[aria-disabled]');
}

/** Chooses from a list by its label: the list closes once it has taken the choice, and not before. */
export async function choose(within: Page | Locator, label: string, option: string | RegExp): Promise<void> {
  const box = within.getByRole('combobox', { name: label });
  await box.click();
  await (await choicesOf(box)).filter({ hasText: option }).first().click();
  await expect(box).toHaveAttribute('aria-expanded', 'false');
}

/** Finds one of a long list of choices by typing, and chooses it. */
export async function find(page: Page, label: string, text: string): Promise<void> {
  const box = page.getByRole('combobox', { name: label });
  await box.click();
  await box.fill(text);
  await (await choicesOf(box)).filter({ hasText: text }).first().click();
  await expect(box).toHaveAttribute('aria-expanded', 'false');
}

/** Stops the clock of a page that has its own: from here on time passes where the journey says so, and nowhere else. */
export async function holdClock(page: Page): Promise<void> {
  // A second on: what is under way on the page comes to its end first.
  await page.clock.pauseAt((await page.evaluate(() => Date.now())) + 1000);
}

/** Begins the planned run: the checklist before the pot is answered, line by line, where it is asked. */
export async function beginRun(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Begin the run' }).click();
  const list = page.getByRole('dialog', { name: 'Before the pot goes on' });
  const boxes = list.getByRole('checkbox');
  await expect(boxes).toHaveCount(6);
  for (const box of await boxes.all()) {
    await expect(list.getByRole('button', { name: 'All of it is so' })).toBeDisabled();
    await box.check();
  }
  await list.getByRole('button', { name: 'All of it is so' }).click();
  await expect(list).toHaveCount(0);
}

/** Turns the beat to one press a pour. */
export async function countPoursOnly(page: Page): Promise<void> {
  await page.getByRole('radiogroup', { name: 'How the pace is kept' }).getByText('Pours only').click();
  await page.getByRole('heading', { level: 1 }).click();
}
