import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { BARS_MM } from '../../src/core/mat/mat';
import { strokesOf } from '../support/pdf-strokes';
import { choose, find, levelOf, openStation, readBench } from './bench-page';
import { expect, test } from './bench-test';
import { openEmpty } from './empty-bench';

/** Takes a picture with the stand-in camera of what lies under it. */
async function takeOf(page: Page, what: 'Five parts' | 'A sinker' | 'Sixty beads'): Promise<void> {
  await page.getByRole('button', { name: 'Stand-in camera' }).click();
  await page
    .getByRole('radiogroup', { name: 'What lies under the stand-in camera' })
    .getByText(what, { exact: true })
    .click();
  await page.getByRole('button', { name: 'Take it', exact: true }).click();
  await expect(page.getByRole('group', { name: 'The mat' })).toBeVisible();
}

async function measureBars(page: Page): Promise<void> {
  const print = page.getByRole('region', { name: 'The mat on paper' });
  await print.getByRole('textbox', { name: 'Bar along the bottom' }).fill('150 mm');
  await print.getByRole('textbox', { name: 'Bar along the side' }).fill('200 mm');
  await print.getByRole('textbox', { name: 'Bar along the side' }).press('Tab');
  await expect(page.getByText('every size may be off by 4 %')).toHaveCount(0);
}

const thing = (page: Page, name: RegExp) =>
  page.getByRole('group', { name: 'The mat' }).getByRole('button', { name });

/** A size of the thing in hand, mm or inches as the screen shows them. */
const sizeText = (page: Page, label: string) =>
  page
    .getByRole('region', { name: /^Thing/ })
    .getByRole('button', { name: new RegExp(`^${label}: `) })
    .textContent();

test('a new maker prints the mat, measures its bars, and puts a blade down by its picture', async ({
  page,
}) => {
  await openEmpty(page, '/shelf?part=mat');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Print the mat on Letter' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('measuring-mat-letter.pdf');
  const strokes = strokesOf(readFileSync(await download.path()));
  const lengths = strokes.map(({ from, to }) => Math.hypot(to[0] - from[0], to[1] - from[1]));
  for (const bar of [BARS_MM.across, BARS_MM.along]) {
    expect(lengths.filter((length) => Math.abs(length - bar) < 0.005)).toHaveLength(1);
  }

  // What no print can be is refused, in words.
  const print = page.getByRole('region', { name: 'The mat on paper' });
  await print.getByRole('textbox', { name: 'Bar along the bottom' }).fill('3 in');
  await print.getByRole('textbox', { name: 'Bar along the bottom' }).press('Tab');
  await expect(print.getByRole('alert')).toContainText('measure from stroke to stroke');
  await measureBars(page);

  await takeOf(page, 'Five parts');
  await expect(thing(page, /^\d/)).toHaveCount(5);
  await thing(page, /^\d, Blade/).click();
  // 47.6 mm: 1.874 in.
  const length = Number.parseFloat((await sizeText(page, 'Length')) ?? '');
  expect(Math.abs(length - 47.6 / 25.4)).toBeLessThan(0.3 / 25.4);
  const panel = page.getByRole('region', { name: /^Thing/ });
  await panel.getByRole('button', { name: 'Put a new bin down for it' }).click();
  const dialog = page.getByRole('dialog', { name: 'Put a new bin down for it' });
  await dialog
    .getByRole('button', { name: /willow/i })
    .first()
    .click();
  await dialog.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(dialog).toHaveCount(0);
  await page.getByRole('button', { name: 'Put the sizes onto 1 bin' }).click();
  await expect(page.getByText(/^The sizes are on/)).toBeVisible();
  const { contents } = await readBench(page);
  const [blade] = contents.bins.filter((bin) => bin.kind === 'part');
  const gauge = blade?.kind === 'part' ? blade.gauge : null;
  expect(gauge?.basis).toBe('measured');
  expect(Math.abs((gauge?.sizes.lengthMm ?? 0) - 47.6)).toBeLessThan(0.3);
});

test('a picture puts its sizes onto three bins in one go, which can be taken back', async ({ page }) => {
  await openStation(page, 'shelf?part=mat');
  await measureBars(page);
  await takeOf(page, 'Five parts');
  const before = (await readBench(page)).contents.bins;
  const panel = page.getByRole('region', { name: /^Thing/ });

  await thing(page, /^\d, Hook/).click();
  await expect(panel.getByRole('list', { name: 'Which of yours it may be' })).toBeVisible();
  await find(page, 'Its sizes are for', 'Jig hook 2/0');
  // What the packet says otherwise is said, and which of the maker's own it is as large as.
  await expect(panel.getByRole('list', { name: 'What the bin says otherwise' })).toContainText(
    /where the bin says/,
  );
  await thing(page, /^\d, Ring/).click();
  await find(page, 'Its sizes are for', 'Split ring 8 mm');
  await thing(page, /^\d, Blade/).click();
  await find(page, 'Its sizes are for', 'Leaf blade, nickel 46 mm');

  // An edge that was seen wrongly is pulled right by the keys, and let go again.
  const asSeen = await sizeText(page, 'Length');
  await panel.getByRole('button', { name: 'Its edge is wrong' }).click();
  const handle = page.getByRole('button', { name: /^Edge, point 1 of/ });
  await handle.focus();
  for (let press = 0; press < 12; press += 1) await handle.press('ArrowDown');
  await panel.getByRole('button', { name: 'As it was seen' }).click();
  await panel.getByRole('button', { name: 'Its edge is right' }).click();
  expect(await sizeText(page, 'Length')).toBe(asSeen);

  await page.getByRole('button', { name: 'Put the sizes onto 3 bins' }).click();
  await expect(page.getByText(/^The sizes are on/)).toBeVisible();
  const { contents } = await readBench(page);
  const named = (name: string) => contents.bins.find((bin) => bin.name === name);
  const [hook, blade, ring] = ['Jig hook 2/0', 'Leaf blade, nickel 46 mm', 'Split ring 8 mm'].map(named);
  expect(hook?.kind === 'hook' && Math.abs(hook.gapeMm - 13) < 0.3 && Math.abs(hook.wireMm - 1.2) < 0.3).toBe(
    true,
  );
  expect(blade?.kind === 'part' && Math.abs((blade.gauge?.sizes.lengthMm ?? 0) - 47.6) < 0.3).toBe(true);
  expect(ring?.kind === 'part' && Math.abs((ring.gauge?.sizes.diameterMm ?? 0) - 8) < 0.3).toBe(true);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect
    .poll(async () => (await readBench(page)).contents.bins.find(({ id }) => id === hook?.id))
    .toEqual(before.find(({ id }) => id === hook?.id));
});

test('a sinker’s outline becomes a cavity of about its weight', async ({ page }) => {
  await openStation(page, 'shelf?part=mat');
  await measureBars(page);
  await takeOf(page, 'A sinker');
  const weights = page.getByRole('list', { name: 'What it weighs if it is round' });
  await expect(weights).toBeVisible();
  const { contents } = await readBench(page);
  const room = (Math.PI / 6) * 3 * 1.8 * 1.8;
  const told = await weights.getByRole('button').first().getAttribute('aria-label');
  const [, density = 0] =
    /× ([\d.]+) g\/cm³/.exec(
      await weights
        .getByRole('button')
        .first()
        .click()
        .then(() => page.getByRole('tooltip').filter({ visible: true }).innerText()),
    ) ?? [];
  expect(told).not.toBeNull();
  expect(
    contents.bins.some((bin) => bin.kind === 'metal' && Math.abs(bin.densityGcm3 - Number(density)) < 0.01),
  ).toBe(true);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Begin a cavity of it' }).click();
  await expect(page).toHaveURL(/\/molds\?view=design&profile=/);
  const grams = Number(new URL(page.url()).searchParams.get('grams'));
  expect(Math.abs(grams / (room * Number(density)) - 1)).toBeLessThan(0.08);
  // The body itself stands there, as long as the sinker is: 30 mm, a hair more for what the metal shrinks.
  const solved = page.getByRole('status').filter({ hasText: /^Length/ });
  await expect(solved).toBeVisible();
  const [, lengthMm = 0] = /^Length ([\d.]+) mm/.exec(await solved.innerText()) ?? [];
  expect(Math.abs(Number(lengthMm) / 30 - 1)).toBeLessThan(0.03);
});

test('sixty beads are counted in a picture, touching ones too, and a dot is set right', async ({ page }) => {
  await openStation(page, 'shelf?part=mat');
  await takeOf(page, 'Sixty beads');
  await page.getByRole('radiogroup', { name: 'What to look at' }).getByText('Count', { exact: true }).click();
  const count = page.getByRole('region', { name: 'The count' });
  await expect(count.getByRole('button', { name: /^On the mat: 60/ })).toBeVisible();
  // A press sets a dot, a press on it takes it off.
  const mat = page.getByRole('group', { name: 'The mat' });
  const box = (await mat.boundingBox())!;
  const spot = { x: box.width / 2, y: box.height * 0.95 };
  await mat.click({ position: spot });
  await expect(count.getByRole('button', { name: /^On the mat: 61/ })).toBeVisible();
  await mat.click({ position: spot });
  await expect(count.getByRole('button', { name: /^On the mat: 60/ })).toBeVisible();
  await find(page, 'They are all there is of', 'Bead, brass 4 mm');
  await count.getByRole('button', { name: 'Count 60', exact: true }).click();
  await expect(page.getByText('Bead, brass 4 mm: 60 counted on the mat.')).toBeVisible();
  const bench = await readBench(page);
  const bead = bench.contents.bins.find(({ name }) => name === 'Bead, brass 4 mm');
  expect(levelOf(bench, bead?.id ?? '')).toBe(60);
});

test('two things are laid over each other; what is no picture is refused and a long look called off', async ({
  page,
}) => {
  await openStation(page, 'shelf?part=mat');
  const input = page.getByRole('region', { name: 'Take a picture' }).locator('input[type=file]');
  await input.setInputFiles({ name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(page.getByText(/Choose a JPEG, PNG or WebP/)).toBeVisible();
  await takeOf(page, 'Five parts');
  await page
    .getByRole('radiogroup', { name: 'What to look at' })
    .getByText('Laid over each other', { exact: true })
    .click();
  const pair = page.getByRole('region', { name: 'Laid over each other' });
  await choose(page, 'Dashed', /Hook/);
  await expect(pair.getByRole('img', { name: /laid over each other$/ })).toBeVisible();
  await expect(pair.getByRole('term').first()).toHaveText('Length');

  // A look at a bin, and back, finds the mat as it was.
  await page.getByRole('radiogroup', { name: 'What to do' }).getByText('Bins', { exact: true }).click();
  await page.getByRole('radiogroup', { name: 'What to do' }).getByText('On the mat', { exact: true }).click();
  await expect(page.getByRole('group', { name: 'The mat' })).toBeVisible();
  await page.getByRole('button', { name: 'Another picture' }).click();
  await page.getByRole('button', { name: 'Stand-in camera' }).click();
  await page.getByRole('button', { name: 'Take it', exact: true }).click();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('button', { name: 'Cancel' })).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Take a picture' })).toBeVisible();
});
