import type { Page } from '@playwright/test';
import { repeatableRandom } from '../../src/core/numeric/repeatable-random';
import { choose, levelOf, openStation, readBench } from './bench-page';
import { expect, test } from './bench-test';

const STEEL = 7.85;

async function layOn(page: Page, massG: number): Promise<void> {
  const field = page.getByRole('textbox', { name: "Lay on the stand-in's pan" });
  await field.fill(`${massG.toFixed(2)} g`);
  await field.blur();
  await page.getByRole('button', { name: 'Lay on' }).click();
  await page.clock.runFor(2500);
  await expect(page.getByText(/Settled\. Took/)).toBeVisible();
  await page.getByRole('button', { name: 'Clear pan' }).click();
  await page.clock.runFor(1500);
}

test.describe('by a clock of its own', () => {
  test.use({ ownClock: true });

  test('a cavity that goes heavy half way is found on the scale, named, and its cause learned', async ({
    page,
  }) => {
    await openStation(page, 'dress');
    await page.clock.runFor(500);
    await page.getByRole('button', { name: /^Bullet 10 g, 2\/0 20 of run 13 Begin$/ }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Bullet 10 g, 2/0');

    // The truth behind the scale: what this cavity gives, and 3 % more once a crumb holds the halves apart.
    const { bins, molds, runs } = (await readBench(page)).contents;
    const run = runs.find(({ no }) => no === 13);
    const cell = run?.cells.find(({ key }) => key.startsWith('bullet|10|'));
    const cavity = molds.find(({ id }) => id === cell?.moldId)?.cavities[cell?.cavity ?? -1];
    const metal = bins.find(({ id }) => id === run?.metalBinId);
    const hook = bins.find(({ id }) => id === 'hook-2-0');
    if (!cavity || metal?.kind !== 'metal' || hook?.kind !== 'hook') throw new Error('the demo has changed');
    const pulledCm3 = cavity.inserts.reduce(
      (so, each) => so + each.count * each.volumeCm3 * each.embeddedShare,
      0,
    );
    const roomCm3 = cavity.volumeCm3 - (hook.massG / STEEL) * cavity.hookShare - pulledCm3;
    const castG = metal.densityGcm3 * (1 - metal.shrinkLinear) ** 3 * roomCm3 + hook.massG;
    const next = repeatableRandom(3);
    const truthG = Array.from(
      { length: 9 },
      (_, index) => castG * ((index < 5 ? 1 : 1.03) + 0.006 * (next() - 0.5)),
    );

    await page.getByText('Weigh', { exact: true }).click();
    await page.getByText('Stand-in scale').click();
    for (const massG of truthG.slice(0, 5)) await layOn(page, massG);
    await expect(page.getByText(/^Cavity 3 of Block G holds/)).toBeVisible();
    for (const massG of truthG.slice(5)) await layOn(page, massG);

    await expect(
      page.getByRole('heading', { name: /^Cavity 3 of Block G went heavy at its 6th casting/ }),
    ).toBeVisible();
    const causes = page.getByRole('list', { name: 'Likely causes' }).getByRole('listitem');
    await expect(causes.first()).toContainText('Halves not closed');
    const before = Number(/(\d+) %/.exec(await causes.first().innerText())?.[1]);
    await page.getByRole('group', { name: 'Next check' }).getByRole('button', { name: 'Yes' }).click();
    await expect
      .poll(async () => Number(/(\d+) %/.exec(await causes.first().innerText())?.[1]))
      .toBeGreaterThan(before);
    await page.getByRole('button', { name: 'It was this: Halves not closed' }).click();
    await expect(page.getByText('Noted. The cause table learns from it.')).toBeVisible();

    await page.getByText('Flaws', { exact: true }).click();
    await choose(page, 'Flaw', 'Too heavy');
    await expect(page.getByText(/^29 % of this row comes of your own runs/)).toBeVisible();
    const { flaws, weighings, batches } = (await readBench(page)).contents;
    const batch = batches.find(({ title, endedAt }) => title === 'Bullet 10 g, 2/0' && endedAt === null);
    expect(flaws.find(({ batchId }) => batchId === batch?.id)).toMatchObject({
      kind: 'heavy',
      cavity: 2,
      count: 4,
      cause: 'not-closed',
      fate: 'kept',
    });
    const taken = weighings.filter(({ batchId }) => batchId === batch?.id).sort((a, b) => a.at - b.at);
    expect(taken).toHaveLength(9);
    taken.forEach(({ weighedG, scale }, index) => {
      expect(Math.abs(weighedG - truthG[index]!)).toBeLessThan(0.02);
      expect(scale).toBe('stand-in');
    });
  });
});

test('a batch goes through its steps by tray, loses two to the pot, and is sorted by true weight', async ({
  page,
}) => {
  await openStation(page, 'dress');
  await page.getByRole('button', { name: /^Bullet 10 g, 2\/0 20 of run 13 Begin$/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Bullet 10 g, 2/0');
  const before = await readBench(page);
  const batch = before.contents.batches.find(
    ({ title, endedAt }) => title === 'Bullet 10 g, 2/0' && endedAt === null,
  )!;
  const headId = batch.headBinId!;
  await page.getByRole('heading', { level: 1 }).click();
  const steps = page.getByRole('list', { name: 'Steps' }).getByRole('listitem');
  await page.keyboard.press('Space');
  await expect(page.getByText('In hand', { exact: true })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(steps.first()).toContainText('10 of 20');
  await page.keyboard.press('-');
  await expect(steps.first()).toContainText('9 of 20');
  await page.reload();
  await expect(steps.first()).toContainText('9 of 20');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('+');
  await page.keyboard.press('Space');
  await expect(steps.first()).toContainText('took');
  await expect(steps.nth(1).getByRole('button')).toHaveAttribute('aria-pressed', 'true');

  await test.step('two with a bent hook go back, and the order wants them again', async () => {
    const made = (file: typeof before) =>
      file.contents.entries
        .filter(({ binId, kind, runId }) => binId === headId && kind === 'made' && runId === batch.runId)
        .reduce((so, { qty }) => so + qty, 0);
    await page.getByText('Flaws', { exact: true }).click();
    await page.getByRole('button', { name: /^Bent hook/ }).click();
    await page.getByRole('textbox', { name: 'How many' }).fill('2');
    await page.getByRole('button', { name: 'Note bent hook' }).click();
    await expect(page.getByText('18 on the dressing bench')).toBeVisible();
    const after = await readBench(page);
    expect(made(after)).toBe(made(before) - 2);
    expect(levelOf(after, headId)).toBe(levelOf(before, headId) - 2);
    const cell = after.contents.runs
      .find(({ id }) => id === batch.runId)!
      .cells.find(({ key }) => key.startsWith('bullet|10|'))!;
    expect(levelOf(after, batch.metalBinId!)).toBeCloseTo(
      levelOf(before, batch.metalBinId!) + 2 * cell.metalG,
      6,
    );
    await page.getByRole('textbox', { name: 'How many' }).fill('40');
    await page.getByRole('button', { name: /^Flash/ }).click();
    await expect(page.getByText('Only 18 are left of the batch.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Note flash' })).toBeDisabled();
  });

  await test.step('what is off its mark goes to a bin of its own', async () => {
    await page.getByText('Weigh', { exact: true }).click();
    await page.getByText('Mixed', { exact: true }).click();
    for (const weight of ['10.05 g', '9.9 g', '9.4 g', '10.62 g', '9.35 g']) {
      const field = page.getByRole('textbox', { name: 'One casting' });
      await field.fill(weight);
      await field.blur();
      await page.getByRole('button', { name: 'Take it' }).click();
      await expect(
        page.getByText(`Took ${Number.parseFloat(weight).toFixed(weight.startsWith('10') ? 1 : 2)} g`, {
          exact: false,
        }),
      ).toBeVisible();
    }
    const trays = page.getByRole('region', { name: 'Trays by true weight' });
    await expect(trays.getByRole('listitem')).toHaveCount(3);
    await trays.getByRole('button', { name: 'Put 3 off their mark in bins of their own' }).click();
    await expect(trays.getByRole('button', { name: /off their mark/ })).toHaveCount(0);
    const file = await readBench(page);
    const bin = file.contents.bins.find(
      (each) => each.kind === 'head' && each.style === 'bullet' && each.nominalG === 9.4,
    );
    expect(levelOf(file, bin!.id)).toBe(2);
    expect(levelOf(file, headId)).toBe(levelOf(before, headId) - 5);
  });
});

test('practice poses a pour, takes an answer, and shows what came of it', async ({ page }) => {
  await openStation(page, 'dress');
  const before = await readBench(page);
  await page.getByRole('button', { name: 'Practice' }).click();
  const practice = page.getByRole('region', { name: 'Practice' });
  await expect(practice.getByRole('img', { name: /^A casting:/ })).toHaveCount(3);
  await practice.getByRole('button', { name: 'Read pot and block' }).click();
  await expect(practice.getByText(/this head needs/)).toBeVisible();
  const changes = practice.getByRole('group', { name: 'What to change' }).getByRole('button');
  for (const change of await changes.all()) {
    if (await practice.getByRole('button', { name: 'Next pour', exact: true }).isVisible()) break;
    await change.click();
    await expect(change).toHaveText(/[✓✗]$/);
  }
  await expect(practice.getByRole('img', { name: 'A clean casting' })).toHaveCount(3);
  await expect(practice.getByText(/of 1 at the first try/)).toBeVisible();
  await practice.getByRole('button', { name: 'Next pour', exact: true }).click();
  await expect(practice.getByRole('img', { name: /^A casting:/ })).toHaveCount(3);
  expect((await readBench(page)).contents).toEqual(before.contents);
});
