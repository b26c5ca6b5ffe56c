import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import type { BenchFile } from '../../src/records/bench-file';
import { strokesOf } from '../support/pdf-strokes';
import { levelOf, openStation, readBench, find } from './bench-page';
import { dragOnto } from './skirt-bench';
import { expect, test } from './bench-test';

type Part = 'Bait' | 'Board' | 'Run' | 'What now' | 'Parts' | 'Plastic';

async function turnTo(page: Page, part: Part): Promise<void> {
  await page.getByRole('radiogroup', { name: 'What to do' }).getByText(part, { exact: true }).click();
}

/** A bait of a kind with nothing on it. */
async function newBait(page: Page, kind: string): Promise<void> {
  await page.getByRole('button', { name: 'New bait' }).click();
  await page.getByRole('menuitem', { name: kind, exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('A new bait');
}

/** Drags a part of the tray onto the bait. */
async function putOn(page: Page, sort: string, part: string): Promise<void> {
  await page
    .getByRole('group', { name: 'Which parts' })
    .getByRole('button', { name: sort, exact: true })
    .click();
  await page.getByLabel(`Drag ${part}, `).scrollIntoViewIfNeeded();
  await dragOnto(page, page.getByLabel(`Drag ${part}, `), page.locator('[data-bait="pulled"]').first());
  await expect(page.getByRole('region', { name: 'On the bait' })).toContainText(part);
}

async function openFromBoard(page: Page, name: string): Promise<Locator> {
  await turnTo(page, 'Board');
  await page.getByRole('button', { name: new RegExp(`^${name} `) }).click();
  return page.getByRole('region', { name: new RegExp(`^${name} \\d`) });
}

async function setNumber(page: Page, name: string, value: number): Promise<void> {
  const field = page.getByRole('textbox', { name, exact: true });
  await field.fill(String(value));
  await field.press('Tab');
}

/** Presses through a run's card, and says how many presses it took. */
async function pressThrough(page: Page): Promise<number> {
  const card = page.getByRole('region', { name: 'Step card' });
  const go = card.getByRole('button', { name: /^(Done, next|Built|Count \d+)$/ });
  const at = card.locator('header p');
  for (let presses = 0; presses < 200; presses += 1) {
    if (await card.getByRole('heading', { name: 'All built' }).isVisible()) return presses;
    const before = `${await at.textContent()} ${await go.textContent()}`;
    await page.keyboard.press('Space');
    await expect
      .poll(
        async () =>
          `${await at.textContent()} ${await go.textContent()} ${await card.getByRole('heading', { level: 2 }).textContent()}`,
      )
      .not.toMatch(new RegExp(`^${before.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')} (?!All built)`));
  }
  throw new Error('the card never came to its end');
}

const changed = (before: BenchFile, after: BenchFile) =>
  Object.fromEntries(
    after.contents.bins.flatMap(({ id }) => {
      const by = levelOf(after, id) - levelOf(before, id);
      return Math.abs(by) < 1e-9 ? [] : [[id, by] as const];
    }),
  );

test('a bait is begun by keyboard alone', async ({ page }) => {
  await openStation(page, 'build');
  await turnTo(page, 'Bait');
  await page.getByRole('button', { name: 'New bait' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menuitem', { name: 'Spinnerbait', exact: true })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('A new bait');
});

test('a two-blade spinnerbait is dragged together, does not fit, is mended; six of it take the shelf down to the bead', async ({
  page,
}) => {
  await openStation(page, 'build');
  await newBait(page, 'Spinnerbait');
  const fit = page.getByRole('region', { name: 'Does it fit' });
  await expect(fit.getByRole('alert')).toContainText('It has no blade; it needs 1.');

  // A blade has nothing to hang from yet, and says so.
  await page
    .getByRole('group', { name: 'Which parts' })
    .getByRole('button', { name: 'Blade', exact: true })
    .click();
  await dragOnto(
    page,
    page.getByLabel('Drag Drop blade, copper 27 mm, '),
    page.locator('[data-bait="pulled"]').first(),
  );
  await expect(page.getByText(/needs something to hang from: put a clevis on the arm/)).toBeVisible();

  await putOn(page, 'Clevis', 'Clevis, folded small');
  await putOn(page, 'Blade', 'Drop blade, copper 27 mm');
  await putOn(page, 'Swivel', 'Ball swivel #3');
  await putOn(page, 'Blade', 'Leaf blade, nickel 52 mm');
  await expect(fit.getByRole('alert')).toContainText(
    'Drop blade, copper 27 mm reaches 24.4 mm past the hanger of Leaf blade, nickel 52 mm: they strike.',
  );
  await putOn(page, 'Spacer', 'Spacer tube 14 mm');
  await expect(fit.getByRole('alert')).toContainText('reaches 10.4 mm past');
  await fit.getByRole('button', { name: 'Put Spacer tube 14 mm between' }).click();
  await expect(fit.getByRole('status')).toHaveText('It fits.');

  await putOn(page, 'Skirt', 'Skirt, Night eel 1');
  await expect(fit.getByRole('status')).toHaveText('It fits.');

  // The drawing's lengths are the numbers': arm, stack, blades, in millimeters of the SVG itself.
  const drawn = await page
    .locator('[data-bait="pulled"]')
    .first()
    .evaluate((svg) => {
      const armPath = svg.querySelector<SVGPathElement>('[data-arm]')!;
      return {
        arm: armPath.getTotalLength(),
        parts: [...svg.querySelectorAll('[data-arm-part]')].map(
          (g) => g.querySelector<SVGGraphicsElement>('path, rect')!.getBBox().width,
        ),
        blades: [...svg.querySelectorAll<SVGPathElement>('[data-blade] > path:first-child')].map((path) => {
          const { width, height } = path.getBBox();
          return [width, height];
        }),
        dimensions: [...svg.querySelectorAll<SVGGElement>('[data-dimension]')].map((g) => {
          const { width } = g.querySelector('path')!.getBBox();
          return width;
        }),
      };
    });
  const arm = page.getByRole('slider', { name: 'Arm length' });
  const armMm = Number(await arm.getAttribute('aria-valuenow'));
  expect(armMm).toBe(72);
  expect(drawn.arm).toBeCloseTo(armMm, 2);
  expect(drawn.parts).toEqual([expect.closeTo(3, 1), expect.closeTo(14, 2), expect.closeTo(14, 2)]);
  const [drop, leaf] = drawn.blades;
  expect(drop).toEqual([expect.closeTo(27.4, 1), expect.closeTo(15, 1)]);
  expect(leaf).toEqual([expect.closeTo(52.3, 1), expect.closeTo(19.5, 1)]);
  // Free is what the arm leaves: 72 - (3 + 14 + 14) - the loop's once round and tail.
  const free = 72 - 31 - (Math.PI * 4 + 4);
  expect(drawn.dimensions).toEqual([expect.closeTo(72, 2), expect.closeTo(free, 2)]);
  await expect(page.getByText(`free ${free.toFixed(1)} mm`)).toBeVisible();

  // Cut too short by dragging its end it does not fit; one change back it does.
  const end = (await arm.boundingBox())!;
  await page.mouse.move(end.x + end.width / 2, end.y + end.height / 2);
  await page.mouse.down();
  await page.mouse.move(end.x - 70, end.y + 65, { steps: 8 });
  await page.mouse.move(end.x - 120, end.y + 110, { steps: 8 });
  await page.mouse.up();
  await expect(fit.getByRole('alert').first()).toContainText(/too long by|stay free/);
  expect(Number(await arm.getAttribute('aria-valuenow'))).toBeLessThan(58);
  await page.getByRole('button', { name: 'Undo change' }).click();
  await expect(fit.getByRole('status')).toHaveText('It fits.');
  await arm.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(arm).toHaveAttribute('aria-valuenow', '71');

  // Kept through a reload, then for good.
  await page.getByRole('textbox', { name: 'Called' }).fill('Harbor double');
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Harbor double');
  await page.getByRole('button', { name: 'Keep it' }).click();
  const detail = page.getByRole('region', { name: 'Harbor double 1' });
  await expect(detail.getByRole('img', { name: 'Harbor double 1' })).toBeVisible();

  const before = await readBench(page);
  await detail.getByRole('button', { name: 'Build', exact: true }).click();
  const begin = page.getByRole('dialog', { name: 'Build 6 × Harbor double 1' });
  await expect(begin.getByRole('row', { name: /^Spacer tube 14 mm/ })).toContainText('12');
  await begin.getByRole('button', { name: 'Take the kit and begin' }).click();
  await expect(page.getByRole('complementary', { name: 'This run' })).toContainText('0 of 6 built');
  // Cut, three threadings, the loop, the end, the skirt: seven steps, six times.
  expect(await pressThrough(page)).toBe(42);
  await page.getByRole('button', { name: 'End the run' }).click();
  const look = page.getByRole('dialog', { name: 'Look them over' });
  await expect(look).toContainText('Nothing is left over.');
  await look.getByRole('button', { name: 'Book 6 built' }).click();
  await expect(page.getByText('6 lie in the bait box, in one bag.')).toBeVisible();

  const after = await readBench(page);
  const kept = after.contents.builds.find(({ name }) => name === 'Harbor double')!;
  expect(kept.armMm).toBe(71);
  expect(changed(before, after)).toEqual({
    [`bait-${kept.id}`]: 6,
    'part-wired-10-long': -6,
    'part-clevises-1': -6,
    'part-drop-blades-2': -6,
    'part-spacer-14': -12,
    'part-swivels-7': -6,
    'part-leaf-blades-5': -6,
    'loose-skirt-night-eel-1': -6,
  });

  const [labels] = await Promise.all([
    page.waitForEvent('download'),
    page
      .getByRole('listitem')
      .filter({ hasText: 'Run 4' })
      .getByRole('button', { name: 'Print bag labels' })
      .click(),
  ]);
  expect(labels.suggestedFilename()).toBe('labels-harbor-double-1-run-4.pdf');
  // One label: a frame of four lines, 62 by 32 mm.
  const frame = strokesOf(readFileSync(await labels.path())).map(({ from, to }) =>
    Math.hypot(to[0] - from[0], to[1] - from[1]),
  );
  expect(frame.filter((mm) => Math.abs(mm - 62) < 0.05)).toHaveLength(2);
  expect(frame.filter((mm) => Math.abs(mm - 32) < 0.05)).toHaveLength(2);
});

test('a buzzbait is built step by step for all; one that fails is stripped and its parts lie where they were', async ({
  page,
}) => {
  await openStation(page, 'build');
  await newBait(page, 'Buzzbait');
  await putOn(page, 'Bead', 'Bead, brass 4 mm');
  await putOn(page, 'Blade', 'Winged blade, plain 32 mm');
  await putOn(page, 'Rivet', 'Rivet, hollow 5 mm');
  const fit = page.getByRole('region', { name: 'Does it fit' });
  await expect(fit.getByRole('status')).toHaveText('It fits.');
  // A blade too wide for the raised arm would hit the body, and the one that clears it is offered.
  await page.getByRole('group', { name: 'Which parts' }).getByRole('button', { name: 'Blade' }).click();
  await page.getByLabel('Put on Winged blade, plain 56 mm').click();
  await expect(fit.getByRole('alert').first()).toContainText(/too long by|stay free|swings/);
  await page.getByRole('button', { name: 'Undo change' }).click();
  await expect(fit.getByRole('status')).toHaveText('It fits.');
  await page.getByRole('textbox', { name: 'Called' }).fill('Evening buzzer');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('region', { name: 'Evening buzzer 1' })).toBeVisible();

  const before = await readBench(page);
  await page
    .getByRole('region', { name: 'Evening buzzer 1' })
    .getByRole('button', { name: 'Build', exact: true })
    .click();
  const begin = page.getByRole('dialog', { name: /^Build \d × Evening buzzer 1/ });
  await begin.getByLabel('How many').fill('3');
  await begin.getByText('Each step for all', { exact: true }).click();
  await begin.getByRole('button', { name: 'Take the kit and begin' }).click();
  const card = page.getByRole('region', { name: 'Step card' });
  await expect(card).toContainText('Step 1 of 5, bait 1 of 3');
  await page.keyboard.press('Space');
  await expect(card).toContainText('Step 1 of 5, bait 2 of 3');
  await page.keyboard.press('Backspace');
  await expect(card).toContainText('Step 1 of 5, bait 1 of 3');
  expect(await pressThrough(page)).toBe(15);
  await page.getByRole('button', { name: 'End the run' }).click();
  const look = page.getByRole('dialog', { name: 'Look them over' });
  await setNumber(page, 'Failed: crooked', 2);
  await setNumber(page, 'Failed: does not run true', 2);
  await expect(look.getByRole('alert')).toContainText('4 failed of 3 built');
  await setNumber(page, 'Failed: does not run true', 0);
  await setNumber(page, 'Failed: crooked', 1);
  await expect(look).toContainText('1 Winged blade, plain 32 mm');
  await look.getByRole('button', { name: 'Book 2 built' }).click();
  await expect(page.getByText('2 lie in the bait box')).toBeVisible();
  const after = await readBench(page);
  const kept = after.contents.builds.find(({ name }) => name === 'Evening buzzer')!;
  expect(changed(before, after)).toEqual({
    [`bait-${kept.id}`]: 2,
    'part-buzz-14': -2,
    'part-beads-3': -2,
    'part-wing-small': -2,
    'part-rivet': -2,
  });
  expect(after.contents.buildings.find(({ buildId }) => buildId === kept.id)).toMatchObject({
    passed: 2,
    failed: [{ reason: 'crooked', count: 1 }],
  });
});

test('the holes of a bladed jig print at true size', async ({ page }) => {
  await openStation(page, 'build');
  const detail = await openFromBoard(page, 'Weir shaker');
  await detail.getByRole('button', { name: 'Change it' }).click();
  const template = page.getByRole('region', { name: 'Hole template' });
  await expect(template.getByRole('img', { name: 'Blade with 3 holes' })).toBeVisible();
  // A hole too near the edge tears out: it says so.
  await setNumber(page, 'Hole 2, from the edge', 1.5);
  await expect(template.getByRole('alert')).toContainText('Hole 2 leaves');
  await setNumber(page, 'Hole 2, from the edge', 4.2);
  await expect(template.getByRole('alert')).toHaveCount(0);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    template.getByRole('button', { name: 'Print the template' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('template-weir-shaker.pdf');
  const strokes = strokesOf(readFileSync(await download.path()));
  const long = ({ from, to }: (typeof strokes)[number]) => Math.hypot(to[0] - from[0], to[1] - from[1]);
  // The check bar; the two edge marks stand a blade's length apart; each hole's cross lies at its distance.
  expect(strokes.filter((stroke) => Math.abs(long(stroke) - 100) < 0.05)).toHaveLength(1);
  const edges = strokes.filter((stroke) => Math.abs(long(stroke) - 26) < 0.05).map(({ from }) => from[0]);
  expect(edges).toHaveLength(2);
  const [front, rear] = [Math.min(...edges), Math.max(...edges)];
  expect(Math.abs(rear - front - 31.2)).toBeLessThan(0.05);
  const crosses = strokes
    .filter((stroke) => Math.abs(long(stroke) - 6) < 0.05 && Math.abs(stroke.from[0] - stroke.to[0]) < 0.01)
    .map(({ from }) => from[0] - front)
    .sort((a, b) => a - b);
  expect(crosses).toEqual([expect.closeTo(4.2, 1), expect.closeTo(11.5, 1), expect.closeTo(27.5, 1)]);
});

test('old baits are stripped: their parts lie on the shelf as they look, and can be undone', async ({
  page,
}) => {
  await openStation(page, 'build');
  const before = await readBench(page);
  await turnTo(page, 'Parts');
  await page.getByRole('button', { name: 'Strip an old bait' }).click();
  const form = page.getByRole('dialog', { name: 'Strip an old bait' });
  await find(page, 'Which bait', 'Quay tandem 1');
  await setNumber(page, 'How many baits', 7);
  await expect(form.getByRole('alert')).toContainText('Only 6 lie in the bait box');
  await setNumber(page, 'How many baits', 2);
  await setNumber(page, 'Leaf blade, nickel 46 mm, how many', 1);
  await setNumber(page, 'Keeper disc, rubber, how many', 0);
  await form
    .getByRole('radiogroup', { name: 'Ball swivel #3, condition' })
    .getByText('Worn', { exact: true })
    .click();
  await form
    .getByRole('radiogroup', { name: 'Bead, brass 3.2 mm, condition' })
    .getByText('As new', { exact: true })
    .click();
  await form.getByRole('button', { name: 'Put the parts on the shelf' }).click();
  await expect(page.getByText(/On the shelf: \d+ parts of 2 baits/)).toBeVisible();
  const after = await readBench(page);
  expect(changed(before, after)).toMatchObject({
    'bait-build-quay-tandem-1': -2,
    'part-beads-2': 6,
    'used-part-leaf-blades-4': 1,
    'used-part-drop-blades-1': 2,
    'worn-part-swivels-7': 2,
  });
  expect(changed(before, after)).not.toHaveProperty('used-part-keeper-disc');
  expect(after.contents.bins.find(({ id }) => id === 'worn-part-swivels-7')).toMatchObject({
    condition: 'worn',
  });
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect.poll(async () => changed(before, await readBench(page))).toEqual({});
});

test('a color of plastic is stirred, scaled to a batch, logged; the baits lie in their bin', async ({
  page,
}) => {
  await openStation(page, 'build');
  const before = await readBench(page);
  await turnTo(page, 'Plastic');
  await page.getByRole('button', { name: 'New color' }).click();
  const cup = page.getByRole('group', { name: 'Cup' });
  await expect(page.getByRole('button', { name: 'Keep the color' })).toBeDisabled();
  const clear = await cup.getByRole('img', { name: /^Cup: / }).getAttribute('aria-label');
  await cup.getByRole('button', { name: 'Brown', exact: true }).click();
  await cup.getByRole('button', { name: '+ 5 drops' }).click();
  await cup.getByRole('button', { name: '+ a drop' }).click();
  const six = await cup.getByRole('img', { name: /^Cup: / }).getAttribute('aria-label');
  expect(six).not.toBe(clear);
  await cup.getByRole('checkbox', { name: 'Brown was too much' }).last().check();
  await page.getByRole('textbox', { name: 'Called', exact: true }).fill('Mud crab');
  await page.getByRole('button', { name: 'Keep the color' }).click();

  const batch = page.getByRole('region', { name: 'A batch' });
  await batch.getByLabel('How many baits').fill('60');
  await batch.getByLabel('Cavities').fill('5');
  await batch.getByRole('textbox', { name: 'One bait' }).fill('3');
  await batch.getByRole('textbox', { name: 'Runner' }).fill('2');
  await batch.getByRole('textbox', { name: 'Stays in cup and injector' }).fill('10');
  // (60 x 3 + 12 x 2) / 0.9, and five drops to 120 cm3: the sixth was one too many.
  const plasticCm3 = (60 * 3 + 12 * 2) / 0.9;
  await expect(batch.getByRole('button', { name: /^Plastic for it: 227 / })).toBeVisible();
  await expect(batch.getByRole('list', { name: 'Stir in' })).toContainText('9.4 drops Brown');
  await batch.getByLabel('Came out well').fill('57');
  await find(page, 'They lie in', 'Trailer, silt brown');
  await batch.getByRole('button', { name: 'Log the batch' }).click();
  await expect(page.getByText('Batch 2 is logged: 57 good.')).toBeVisible();
  const after = await readBench(page);
  const logged = after.contents.plasticBatches.find(({ no }) => no === 2)!;
  expect(logged.mixed[0]!.plasticCm3).toBeCloseTo(plasticCm3, 9);
  expect(logged.mixed[0]!.additives).toMatchObject([
    { name: 'Brown', amount: expect.closeTo((5 * plasticCm3) / 120, 9), unit: 'drops' },
  ]);
  expect(changed(before, after)).toEqual({ 'part-trailers-2': 57 });
});

test('the shelf is shared out: proven, under what is wanted, with what one packet more would open up', async ({
  page,
}) => {
  await openStation(page, 'build');
  await turnTo(page, 'What now');
  await page.getByRole('button', { name: 'What can I make now' }).click();
  const answer = page.getByText(/baits worth/);
  await expect(answer).toContainText('proven: this shelf gives nothing worth more.');
  const worth = async () => Number(/worth ([\d.]+)/.exec((await answer.textContent()) ?? '')?.[1]);
  const free = await worth();
  await expect(page.getByRole('button', { name: 'What can I make now' })).toBeEnabled();
  const packets = page.getByRole('region', { name: 'One more packet' });
  await expect(packets.getByRole('listitem').first()).toContainText('10 ×');
  await setNumber(page, 'Ebb spinner 1, at most', 2);
  await page.getByRole('button', { name: 'What can I make now' }).click();
  const ebb = page
    .getByRole('list', { name: 'Baits' })
    .getByRole('listitem')
    .filter({ hasText: 'Ebb spinner 1' });
  await expect(ebb.getByRole('button', { name: 'Build 2' })).toBeVisible();
  await expect.poll(worth).toBeLessThan(free);
});

test('a part is measured, and the baits with it are drawn and judged by it', async ({ page }) => {
  await openStation(page, 'build');
  await turnTo(page, 'Parts');
  await page.getByRole('searchbox', { name: 'Search parts' }).fill('leaf 46');
  await page.getByRole('button', { name: /^Leaf blade, nickel 46 mm/ }).click();
  const form = page.getByRole('region', { name: 'Leaf blade, nickel 46 mm' });
  await form.getByRole('textbox', { name: 'Length' }).fill('52');
  await form.getByRole('textbox', { name: 'Width' }).fill('19.5');
  await expect(form).toContainText('nearest to Leaf blade, nickel 52 mm');
  const drawn = form.getByRole('img', { name: 'Leaf blade, nickel 46 mm, true size' });
  const narrow = (await drawn.boundingBox())!.width;
  await form.getByRole('button', { name: 'Set by a bank card' }).click();
  await form.getByRole('slider', { name: 'As wide as the card' }).focus();
  for (let press = 0; press < 30; press += 1) await page.keyboard.press('ArrowRight');
  await expect.poll(async () => (await drawn.boundingBox())!.width).toBeGreaterThan(narrow * 1.05);
  await form.getByRole('button', { name: 'Keep these measures' }).click();
  await expect(form.getByRole('status')).toContainText('Kept.');
  const file = await readBench(page);
  expect(file.contents.bins.find(({ id }) => id === 'part-leaf-blades-4')).toMatchObject({
    gauge: { as: 'blade', form: 'leaf', basis: 'measured', sizes: { lengthMm: 52, widthMm: 19.5 } },
  });
});
