import type { Page } from '@playwright/test';
import { repeatableRandom } from '../../src/core/numeric/repeatable-random';
import { beginRun, countPoursOnly, holdClock, openChanged, readBench } from './bench-page';
import { expect, test } from './bench-test';

/** The demo bench with one open ticket: 12 rounds, two a pour on Block F, and 5 darts, one a pour on Block E. */
async function openTwoBlocks(page: Page, freezeSeconds = 40): Promise<void> {
  await openChanged(page, 'pour', (contents) => {
    const tickets = contents.tickets.map((ticket) => {
      if (ticket.title !== 'Zander league') return { ...ticket, state: 'closed' as const };
      const [first] = ticket.lines;
      if (!first) throw new Error('the ticket has no lines');
      const line = (id: string, style: string, nominalG: number, count: number, hookBinId: string) => ({
        ...first,
        id,
        style,
        nominalG,
        count,
        hookBinId,
      });
      return {
        ...ticket,
        lines: [line('line-1', 'round', 10, 12, 'hook-2-0'), line('line-2', 'dart', 7, 5, 'hook-1-0')],
      };
    });
    // Only the two blocks, so that the plan is theirs.
    const molds = contents.molds.filter(({ name }) => name === 'Block F' || name === 'Block E');
    const kept = new Set(molds.map(({ id }) => id));
    const weighings = contents.weighings.filter(({ moldId }) => moldId !== null && kept.has(moldId));
    const bench = contents.bench.map((each) => ({
      ...each,
      freezeTrial: { modulusMm: 2.1, seconds: freezeSeconds, exponent: 1.4 },
    }));
    return { bench, tickets, molds, weighings };
  });
  await page.getByText('All open').click();
}

const blocks = (page: Page) => page.getByRole('list', { name: 'Blocks of this run' });

/** Does what the bench asks for next: presses, or lets the wait run. */
async function doNext(page: Page): Promise<'pressed' | 'waited'> {
  const waiting = page.getByRole('main').getByRole('button', { name: /seconds? of \d+$/ });
  if ((await waiting.count()) > 0) {
    await page.clock.runFor(10_000);
    return 'waited';
  }
  const before = await blocks(page).innerText();
  await page.keyboard.press('Space');
  await expect.poll(() => blocks(page).innerText(), { intervals: [20, 40, 80, 160] }).not.toBe(before);
  return 'pressed';
}

test('a block that fails is laid aside in the middle of a run, and what is cast stays cast', async ({
  page,
}) => {
  await openTwoBlocks(page);
  await beginRun(page);
  await countPoursOnly(page);
  const heading = page.getByRole('heading', { level: 1 });
  for (const pour of [2, 3]) {
    await page.keyboard.press('Space');
    await expect(heading).toHaveText(new RegExp(`^Pour ${pour} of`));
  }
  const before = (await readBench(page)).contents;
  const run = before.runs.find(({ state }) => state === 'pouring');
  const poured = before.pours.filter(({ runId }) => runId === run?.id);
  const fallen = run?.blocks.find(({ moldId }) => !poured.some((pour) => pour.moldId === moldId));
  const name = before.molds.find(({ id }) => id === fallen?.moldId)?.name ?? '';

  await page.getByRole('button', { name: 'Plan anew' }).click();
  const form = page.getByRole('dialog', { name: /^Plan run \d+ anew/ });
  await form.getByRole('checkbox', { name }).uncheck();
  await expect(form.getByText(/^No block that goes on makes/)).toBeVisible();
  await expect(form.getByText('and none is shorter', { exact: false })).toBeVisible();
  await form.getByRole('button', { name: 'Go on by this plan' }).click();
  await expect(form).toHaveCount(0);
  await expect(heading).toHaveText(/^Pour 3 of/);
  await expect(page.getByText(/fewer are wanted|more are wanted/)).toHaveCount(0);
  const after = (await readBench(page)).contents;
  const onward = after.runs.find(({ id }) => id === run?.id);
  expect(onward?.blocks.map(({ moldId }) => moldId)).not.toContain(fallen?.moldId);
  expect(after.pours).toEqual(before.pours);

  await heading.click();
  for (let title = await heading.innerText(); title.startsWith('Pour'); title = await heading.innerText()) {
    await page.keyboard.press('Space');
    await expect(heading).not.toHaveText(title);
  }
  const { pours } = (await readBench(page)).contents;
  const cast = pours.filter(({ runId }) => runId === run?.id).flatMap(({ castings }) => castings);
  const asked = onward?.wants.filter(({ key }) => cast.some((each) => each.key === key)) ?? [];
  expect(cast).toHaveLength(asked.reduce((so, { count }) => so + count, 0));
});

test.describe('by a clock of its own', () => {
  test.use({ ownClock: true });

  test('two blocks are worked in turn, through misfills, a reload and a nap, and the books balance to the gram', async ({
    page,
  }) => {
    await openTwoBlocks(page);
    await page.getByRole('radiogroup', { name: 'Blocks in hand at once' }).getByText('2').click();
    await beginRun(page);
    await holdClock(page);
    await expect(blocks(page).getByRole('button')).toHaveCount(2);

    await test.step('while the first freezes the second is worked', async () => {
      for (const word of ['Load', 'Close', 'Pour']) {
        await expect(
          page.getByRole('main').getByRole('button', { name: new RegExp(`^${word}`) }),
        ).toBeVisible();
        await doNext(page);
      }
      await expect(blocks(page).getByRole('button', { name: /freezing, \d+ s/ })).toHaveCount(1);
      await expect(blocks(page).getByRole('button', { name: /now: load/ })).toHaveCount(1);
    });

    const heading = page.getByRole('heading', { level: 1 });
    const marks = { misfilled: false, reloaded: false, slept: false, waits: 0 };
    for (let turn = 0; turn < 400; turn += 1) {
      const title = await heading.innerText();
      if (title === 'All is cast') break;
      if (!marks.misfilled && title.startsWith('Pour 2 of')) {
        await page
          .getByRole('button', { name: /^Cavity \d, .*, cast$/ })
          .first()
          .click();
        await page.getByRole('button', { name: 'Wrinkled' }).click();
        await expect(page.getByText('did not come good: wrinkled')).toBeVisible();
        marks.misfilled = true;
      } else if (!marks.reloaded && title.startsWith('Pour 4 of')) {
        const before = await blocks(page).locator('small').allInnerTexts();
        await page.clock.resume();
        await page.reload();
        await expect.poll(() => blocks(page).locator('small').allInnerTexts()).toEqual(before);
        await holdClock(page);
        marks.reloaded = true;
      } else if (!marks.slept && title.startsWith('Pour 6 of')) {
        const before = await blocks(page).locator('small').allInnerTexts();
        await page.clock.fastForward('10:00');
        await expect.poll(() => blocks(page).locator('small').allInnerTexts()).toEqual(before);
        marks.slept = true;
      }
      if ((await doNext(page)) === 'waited') marks.waits += 1;
    }
    await expect(heading).toHaveText('All is cast');
    expect(marks).toMatchObject({ misfilled: true, reloaded: true, slept: true });

    // What the scale would truly show: every casting a little off, and six grams spilled.
    const poured = await readBench(page);
    const run = poured.contents.runs.find(({ state }) => state === 'pouring');
    if (!run) throw new Error('the run is gone');
    const pours = poured.contents.pours.filter(({ runId }) => runId === run.id);
    // Six pours and five, and one more for the misfill.
    expect(pours).toHaveLength(12);
    const next = repeatableRandom(5);
    const truth = { goodG: 0, hooksG: 0, rejectedG: 0, sprueG: 0 };
    for (const pour of pours) {
      const block = run.blocks.find(({ moldId }) => moldId === pour.moldId);
      truth.sprueG += (block?.spruePerPourG ?? 0) * (0.96 + 0.08 * next());
      for (const { cavity, key, good } of pour.castings) {
        const cell = run.cells.find(
          (each) => each.moldId === pour.moldId && each.cavity === cavity && each.key === key,
        );
        const metalG = (cell?.metalG ?? 0) * (0.99 + 0.02 * next());
        const hookId = run.heads.find((head) => head.key === key)?.hookBinId;
        const hook = poured.contents.bins.find(({ id }) => id === hookId);
        if (good) {
          truth.goodG += metalG;
          truth.hooksG += hook?.kind === 'hook' ? hook.massG : 0;
        } else truth.rejectedG += metalG;
      }
    }
    const drossG = 9;
    const spilledG = 6;
    const potEndG = run.chargedG - truth.goodG - truth.rejectedG - truth.sprueG - drossG - spilledG;

    await page.keyboard.press('Space');
    const form = page.getByRole('dialog', { name: /^Book run/ });
    await form.getByText('Read them off a scale').click();
    await form.getByText('Stand-in scale').click();
    const weigh = async (pile: string, grams: number) => {
      const pan = form.getByRole('textbox', { name: "Lay on the stand-in's pan" });
      await expect(form.getByText(`Lay ${pile.toLowerCase()} on`, { exact: false })).toBeVisible();
      await pan.fill(`${grams.toFixed(2)} g`);
      await pan.blur();
      await form.getByRole('button', { name: 'Lay on' }).click();
      await page.clock.runFor(3000);
      await expect(form.getByText(`Settled. ${pile}`, { exact: false })).toBeVisible();
      await form.getByRole('button', { name: 'Clear pan' }).click();
      await page.clock.runFor(3000);
    };
    await page.clock.runFor(500);
    await weigh('Skimmed off', drossG);
    await weigh('Sprues', truth.sprueG);
    await weigh('Misfills and warm-ups', truth.rejectedG);
    await weigh('Good heads, hooks and all', truth.goodG + truth.hooksG);
    await page.clock.runFor(500);
    const pan = form.getByRole('textbox', { name: "Lay on the stand-in's pan" });
    await pan.fill(`${potEndG.toFixed(2)} g`);
    await pan.blur();
    await form.getByRole('button', { name: 'Lay on' }).click();
    await page.clock.runFor(3000);
    const balance = form.getByRole('region', { name: 'The balance' });
    await expect(balance).toContainText('went in and did not come out');
    await expect(balance).toContainText('Sprues that were not weighed');
    await form.getByRole('button', { name: 'Book it' }).click();
    await expect(page.getByText(/is booked: 17 heads on the shelf/)).toBeVisible();
    const booked = (await readBench(page)).contents.runs.find(({ id }) => id === run.id);
    expect(Math.abs((booked?.booking?.unaccountedG ?? 0) - spilledG)).toBeLessThanOrEqual(1);
    expect(booked?.booking).toMatchObject({ good: 17, surplus: 0 });
  });

  test('a clock that is set does not cut a wait short, nor stretch it to hours', async ({ page }) => {
    await openTwoBlocks(page, 60);
    await beginRun(page);
    await holdClock(page);
    for (let press = 0; press < 3; press += 1) await doNext(page);
    const waiting = page.getByRole('main').getByRole('button', { name: /seconds? of \d+$/ });
    await expect(waiting).toBeVisible();
    const set = async (byMs: number) => {
      await page.clock.setSystemTime((await page.evaluate(() => Date.now())) + byMs);
      // The page looks at its clocks four times a second.
      await page.clock.runFor(1000);
    };
    await set(3_600_000);
    await expect(page.getByText(/The clock jumped 1 h 0 min ahead/)).toBeVisible();
    await expect(waiting).toBeVisible();
    await set(-7_200_000);
    await expect(page.getByText(/The clock jumped 2 h 0 min back/)).toBeVisible();
    await page.clock.runFor(70_000);
    await expect(page.getByRole('main').getByRole('button', { name: /^Open/ })).toBeVisible();
  });

  test('the thermocouple streams, misses no alarm, and says when it is cut', async ({ page }) => {
    await openTwoBlocks(page);
    await beginRun(page);
    const pot = page.getByRole('region', { name: 'Pot temperature' });
    await holdClock(page);
    await pot.getByRole('button', { name: 'Stand-in thermocouple' }).click();
    await expect(pot).toContainText('Coming up.');
    await page.clock.runFor(120_000);
    await expect(pot).toContainText(/good for Block/);
    await expect(pot).not.toContainText('alarm');

    await page.clock.runFor(60_000);
    await expect(pot).not.toContainText('alarm');

    await page.getByRole('button', { name: 'Top up' }).click();
    const form = page.getByRole('dialog', { name: 'Top the pot up' });
    await form.getByRole('textbox').fill('500 g');
    await form.getByRole('textbox').blur();
    await form.getByRole('button', { name: 'It is in' }).click();
    // The metal is in once that is written down; then the pot dips, second by second.
    const status = pot.getByRole('status');
    const aSecondOn = async () => {
      await page.clock.runFor(1000);
      return status.innerText();
    };
    await expect.poll(aSecondOn).toBe('Too cold: wait before the next pour.');
    await expect(pot).toContainText('1 alarm so far');

    await pot.getByRole('button', { name: 'Unplug' }).click();
    await expect(pot.getByRole('status')).toContainText('The thermocouple went silent.');
    await expect(pot).toContainText('1 alarm so far');
    await pot.getByRole('button', { name: 'Put it in again' }).click();
    await page.clock.runFor(2000);
    await expect(pot.getByRole('status')).not.toContainText('silent');
    // A pour keeps the temperature it was poured at.
    for (let press = 0; press < 3; press += 1) await doNext(page);
    const { runs, pours } = (await readBench(page)).contents;
    const run = runs.find(({ state }) => state === 'pouring');
    const [poured] = pours.filter(({ runId }) => runId === run?.id);
    expect(poured?.potC).toBeGreaterThan(300);
  });
});
