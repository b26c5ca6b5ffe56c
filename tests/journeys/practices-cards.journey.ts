import type { Locator, Page } from '@playwright/test';
import { readBench } from '../support/bench-database';
import { expect, test } from './bench-test';
import { begin, book, countIn, keepAndBuild, newMaker, pourAll } from './maker';
import { costs, note, putHeadsDown, readCards } from './practice';

/** Lets the page's own voice be heard by the test, as long as the page stands. */
async function listen(page: Page): Promise<() => Promise<string[]>> {
  await page.evaluate(() => {
    const heard: string[] = [];
    Object.assign(globalThis, { heard });
    Object.assign(window.speechSynthesis, {
      cancel: () => undefined,
      speak: ({ text }: SpeechSynthesisUtterance) => heard.push(text),
    });
  });
  return () => page.evaluate(() => [...(globalThis as unknown as { heard: string[] }).heard]);
}

/** The titles of a card's steps, as its track says them. */
const stepsOf = (card: Locator): Promise<string[]> =>
  card
    .getByRole('list', { name: 'Steps' })
    .getByRole('button')
    .evaluateAll((steps) =>
      steps.map((step) => (step.getAttribute('aria-label') ?? '').replace(/^Step \d+: /, '')),
    );

test('O. cards at the bench: turns counted by key, by knuckle and aloud', async ({ page }) => {
  const maker = await newMaker(page);
  await begin(maker, /^Tie skirts and hair/);
  await maker.button('New skirt');
  await maker.button(/^black/);
  await maker.press(page.getByRole('combobox', { name: 'Material of layer 1' }));
  await maker.press(page.getByTitle(/^Hair, natural/).first());
  await expect(page.getByText('Held by: Thread, half hitches')).toBeVisible();
  await maker.type('Called', 'Deer');
  await maker.button('Keep it');
  await maker.button('Tie some');
  const dialog = page.getByRole('dialog', { name: /^Tie/ });
  await maker.type('How many', '2', dialog);
  await putHeadsDown(maker, dialog, 'Round heads', 2);
  await maker.button('All of it lies here', dialog);
  await maker.button('Pull them and begin', dialog);
  const card = page.getByRole('region', { name: 'Step card' });
  await expect(card).toContainText('Skirt 1 of 2, step 1 of');
  await readCards(maker, {
    needed: [/Lay a base of wraps/, /Half hitches behind the head/, /cement/i],
    barred: [/\bcollar\b/i, /\btube\b/i, /rattle/i, /trailer/i, /guard/i, /\btabs?\b/i],
  });
  await maker.button('Step 1: Lay a base', card);
  const heard = await listen(page);
  await maker.button('Read aloud', card);
  await expect.poll(heard).toEqual([expect.stringMatching(/^Lay a base of wraps .* 8 times\.$/)]);
  for (const [nth, press] of [
    () => page.keyboard.press('Space'),
    () => maker.button('Count 2', card),
    () => page.keyboard.press('Space'),
  ].entries()) {
    await press();
    await expect(card).toContainText(`${nth + 1} of 8`);
  }
  await expect.poll(async () => (await heard()).slice(1)).toEqual(['1', '2', '3']);
  await page.keyboard.press('Backspace');
  await expect(card).toContainText('2 of 8');
  await maker.button(/^All 8 are counted/, card);
  await expect(card).toContainText('Skirt 1 of 2, step 2 of');
  await expect.poll(async () => (await heard()).length).toBe(6);
  await maker.button('Read aloud', card);
  await maker.button('Next step', card);
  await expect(card).toContainText('Skirt 1 of 2, step 3 of');
  expect(await heard()).toHaveLength(6);
  await book(maker, 2);
  await costs(maker, '0.40');
  await note(maker, /^Deer/);
});

test('O. cards at the bench: in the maker’s order and words, a step for all in one press', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await page.goto('/rig');
  await maker.button('New rig');
  await maker.press(page.getByRole('menuitem', { name: 'Hair lure' }));
  await maker.button('Lay out typical parts');
  await expect(page.getByRole('img', { name: 'The rig' })).toBeVisible();
  await maker.type('Called', 'Ten of a kind');
  await maker.button('Keep it');
  await maker.button('Make some');
  const dialog = page.getByRole('dialog', { name: /^Make/ });
  await maker.type('How many', '10', dialog);
  await countIn(maker, dialog, [[/^Count (Tying thread|Floss)/, '100 yd']]);
  await maker.button('All of it lies here', dialog);
  await maker.button('Cut and begin', dialog);
  await maker.button('All of it is cut');
  const card = page.getByRole('region', { name: 'Step card' });
  await expect(card).toContainText('Step 1 of');
  await readCards(maker, {
    needed: [/Lay its lengths ready/, /Wind .* 14 times/, /Overhand knots/, /Trim it to/],
    barred: [/crimp/i, /snell/i, /bulb/i, /collar/i],
  });
  await maker.button('Step 1: Pinch off', card);
  const usual = await stepsOf(card);
  expect(usual[2]).toBe('Lay its lengths ready');

  await test.step('the maker’s order and words', async () => {
    await maker.button('My own steps');
    const own = page.getByRole('dialog', { name: 'My own steps' });
    for (let nth = 1; nth <= 2; nth += 1) await maker.button('Earlier: Lay its lengths ready', own);
    await maker.type('Step 2', 'Pinch off a bundle as thick as a pencil', own);
    await maker.button('Keep them', own);
    await expect(own).toHaveCount(0);
  });
  const mine = [usual[2]!, 'Pinch off a bundle as thick as a pencil', usual[1]!, ...usual.slice(3)];
  await expect.poll(() => stepsOf(card)).toEqual(mine);
  const last = mine.length;
  const stands = (step: number, rig: number) =>
    expect(card).toContainText(`Step ${step} of ${last}, rig ${rig} of 10`);

  const before = maker.presses;
  await test.step('by knuckle, by key, and a step for all ten in one press', async () => {
    await stands(1, 1);
    await expect(card.getByRole('button', { name: 'One back' })).toBeDisabled();
    await maker.button('Done, next', card);
    await stands(1, 2);
    await page.keyboard.press('Space');
    await stands(1, 3);
    await page.keyboard.press('Backspace');
    await stands(1, 2);
    await maker.button(/^This step is done for all 10/, card);
    await stands(2, 1);
    for (let step = 3; step <= last; step += 1) {
      await page.keyboard.press('a');
      await stands(step, 1);
    }
  });

  await test.step('the last step, then all made', async () => {
    await expect(card.getByRole('button', { name: 'Next step' })).toBeDisabled();
    await page.keyboard.press('a');
    await expect(card.getByRole('listitem').and(card.locator('[data-done=false]'))).toHaveCount(0);
    await expect(card.getByRole('button', { name: 'Done, next' })).toBeDisabled();
    await expect(page.getByRole('main')).toContainText('10 of 10 made');
  });
  // A press for one rig, one for all ten of the step; the rest by key.
  expect(maker.presses - before).toBe(2);
  await book(maker, 10, true);
  maker.say('ten hair lures in the maker’s own steps, booked');
  await costs(maker, '0.50');
  await note(maker, /^Ten of a kind/);

  await test.step('kept with the recipe: the next run comes so, one by one too', async () => {
    await page.goto('/rig?part=board');
    await maker.button('Make some');
    await maker.type('How many', '2', dialog);
    await maker.press(dialog.getByText('One at a time', { exact: true }));
    await maker.button('All of it lies here', dialog);
    await maker.button('Cut and begin', dialog);
    await maker.button('All of it is cut');
    await expect.poll(() => stepsOf(card)).toEqual(mine);
    for (let rig = 1; rig <= 2; rig += 1) {
      for (let step = 1; step <= last; step += 1) {
        await expect(card).toContainText(`Rig ${rig} of 2, step ${step} of ${last}`);
        const counted = card.getByRole('button', { name: /^All \d+ are counted/ });
        await page.keyboard.press((await counted.count()) > 0 ? 'a' : 'Space');
      }
    }
    await expect(page.getByRole('main')).toContainText('2 of 2 made');
    await book(maker, 2, true);
  });
  maker.say('O, cards at the bench');
  const { contents } = await readBench(page);
  // A table lies by ids, which are by chance: the runs by their numbers.
  const made = [...contents.riggings].sort((a, b) => a.no - b.no);
  expect(made.map(({ passed }) => passed)).toEqual([10, 2]);
});

test('P. booking: each station says what was booked, and the next has that batch in hand, from the ticket to the water', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Pour jig heads/);
  await maker.goTo('Coat');
  await maker.press(page.getByText('Colors', { exact: true }));
  await maker.button('New color');
  await maker.type('Called', 'White');
  await maker.press(page.getByText('Paint, in the air'));
  await maker.button('Keep this color');
  await maker.goTo('Skirt');
  await maker.button('Begin with typical tabs');
  await maker.type('Called', 'Plain');
  await maker.button('Keep it');

  const main = page.getByRole('main');
  const next = page.getByRole('navigation', { name: 'Next' });
  await test.step('metal: a lot out of the pot goes into a ticket', async () => {
    await maker.goTo('Metal');
    await countIn(maker, main, [['Count Soft lead', '5 lb']]);
    await maker.button('Put Soft lead into the pot', main);
    await maker.button('Melt into ingots');
    await maker.type('Call it', 'Wheel lead', page.getByRole('dialog'));
    await maker.button('It is melted and cast', page.getByRole('dialog'));
    await expect(main.getByText(/^Wheel lead is on the shelf: .* lb/)).toBeVisible();
    await maker.button('Write a ticket in it', next);
    await expect(page.getByRole('heading', { level: 1, name: 'New ticket' })).toBeVisible();
    await expect(page.getByRole('form').getByTitle('Wheel lead')).toBeVisible();
    await maker.type('Ticket', 'A dozen to wear', main);
    await maker.type(/^Weight$/, '1/4 oz', main);
    await maker.type('Pieces', '12', main);
    for (const [field, what] of [
      ['Hook', /^Jig hook 2\/0/],
      ['Color', 'White'],
      ['Skirt', /^Plain/],
    ] as const) {
      await maker.press(page.getByRole('combobox', { name: field, exact: true }));
      await maker.press(page.getByTitle(what).first());
    }
    await maker.button('Write ticket');
  });

  await test.step('ticket, then pour: the heads are booked, and laid on the dressing bench with one press', async () => {
    await maker.button('Pour', page.getByRole('region', { name: 'Ticket 2' }));
    await expect(page.getByRole('heading', { name: /^\d+ pours/ })).toBeVisible();
    await countIn(maker, page.getByRole('complementary', { name: 'Slip' }), [[/^Count Jig hook/, '50']]);
    await pourAll(maker, 12);
    await expect(main.getByText(/^Run 1 is booked: 12 good, 0 misfilled/)).toBeVisible();
    await maker.button(/^Dress 12 × Round 1\/4 oz/, next);
    await expect(page.getByRole('heading', { level: 1, name: /^Round 1\/4 oz/ })).toBeVisible();
    // No blade goes through the eye of these.
    const steps = main.getByRole('list', { name: 'Steps' });
    await expect(steps.getByRole('button', { name: /^Eye cleared/ })).toBeVisible();
    await expect(steps).not.toContainText(/blade|snap/i);
  });

  await test.step('dress, then coat, then skirt, each with those twelve', async () => {
    await maker.button('Off the dressing bench');
    await expect(main.getByText('The batch is off the dressing bench.')).toBeVisible();
    await maker.button('Hang 12 for their color', next);
    await maker.button(/^Paint and hang White, Round/);
    await maker.button('Painted and hung', page.getByRole('dialog'));
    await expect(page.getByRole('region', { name: 'Rack 1' })).toContainText('hung, not baked, 12 heads');
    await maker.button('Tie skirts on 12', next);
    await maker.button('Tie 12 Plain 1', page.getByRole('region', { name: 'Heads that wait' }));
    const tie = page.getByRole('dialog', { name: /^Tie/ });
    await maker.button('All of it lies here', tie);
    await maker.button('Pull them and begin', tie);
    await readCards(maker, { needed: [/collar/i], barred: [/guard/i, /trailer/i, /rattle/i, /sheet/i] });
    await book(maker, 12);
    await expect(main.getByText('12 are on their heads.')).toBeVisible();
  });

  await test.step('skirt, then what one costs, or the ticket', async () => {
    await expect(next.getByRole('button', { name: 'To ticket 2, A dozen to wear' })).toBeVisible();
    await costs(maker, '0.30');
  });

  await test.step('build: what one costs, then the water', async () => {
    await maker.goTo('Build');
    await maker.button('New bait');
    await maker.press(page.getByRole('menuitem', { name: /^Strap jig/ }));
    await maker.button('Lay out typical parts');
    await expect(page.getByText('It fits.')).toBeVisible();
    const dialog = await keepAndBuild(maker, 'Of the shelf', 1);
    await putHeadsDown(maker, dialog, 'Walking sinkers', 1);
    await maker.button('All of it lies here', dialog);
    await maker.button('Take the kit and begin', dialog);
    await readCards(maker, {
      needed: [/half through the sinker’s eye/, /both ends even/i, /Thread/],
      barred: [/rattle/i, /foam/i, /tape/i, /collar/i, /guard/i],
    });
    await book(maker, 1);
    await expect(main.getByText(/^1 .* on the shelf/)).toBeVisible();
    await expect(next.getByRole('button', { name: 'What one costs' })).toBeVisible();
    await maker.button('Note it on the water', next);
    await expect(page.getByRole('combobox', { name: 'On the line' })).toBeVisible();
  });
  await note(maker, /^Of the shelf/);
  maker.say('P, booking');
  const { contents } = await readBench(page);
  expect(contents.racks).toMatchObject([{ state: 'out' }]);
  expect(contents.tyings.map(({ passed }) => passed)).toEqual([12]);
  expect(contents.batches.map(({ count, runId }) => [count, runId])).toEqual([[12, contents.runs[0]!.id]]);
});
