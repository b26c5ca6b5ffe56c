import type { Locator } from '@playwright/test';
import { readBench } from '../support/bench-database';
import { expect, test } from './bench-test';
import { begin, book, countIn, newMaker, type Maker } from './maker';
import { costs, note, readCards } from './practice';

/** A new rig of a kind, of what a shelf usually has. */
async function layOut(maker: Maker, kind: string): Promise<void> {
  await maker.button('New rig');
  await maker.press(maker.page.getByRole('menuitem', { name: kind }));
  await maker.button('Lay out typical parts');
  await expect(maker.page.getByRole('img', { name: 'The rig' })).toBeVisible();
}

/** One of the ways that a rig leaves open. */
async function pick(maker: Maker, of: string, way: string): Promise<void> {
  await maker.press(maker.page.getByRole('radiogroup', { name: of }).getByText(way, { exact: true }));
}

/** Keeps the rig under a name, and opens the kit of so many. */
async function keepAndMake(maker: Maker, name: string, count: number): Promise<Locator> {
  await maker.type('Called', name);
  await maker.button('Keep it');
  await maker.button('Make some');
  const dialog = maker.page.getByRole('dialog', { name: /^Make/ });
  await expect(dialog).toBeVisible();
  const many = dialog.getByRole('textbox', { name: 'How many' });
  if ((await many.inputValue()) !== String(count)) await maker.type('How many', String(count), dialog);
  return dialog;
}

/** Takes all of the kit, cuts it all, and stands before the card. */
async function cutAll(maker: Maker, dialog: Locator): Promise<void> {
  await maker.button('All of it lies here', dialog);
  await maker.button('Cut and begin', dialog);
  await expect(maker.page.getByRole('heading', { level: 1, name: 'Run' })).toBeVisible();
  await maker.button('All of it is cut');
}

/** What the last look may find wrong with one. */
async function mayFail(maker: Maker): Promise<string> {
  await maker.button('End the run');
  const over = maker.page.getByRole('dialog', { name: 'Look them over' });
  const text = await over.innerText();
  await maker.page.keyboard.press('Escape');
  await expect(over).toHaveCount(0);
  return text;
}

const NO_CRIMPS = [/crimp/i, /\bhook\b/i, /knot/i];

test('J. bead weights: led by a count of shot, a set of 5, 6, 7, and one of them under a dropper rig', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await page.goto('/rig');
  await layOut(maker, 'Bead weight in cord');
  await maker.type('Weight', '1 oz');
  const parts = page.getByRole('region', { name: 'From the top down' });
  await expect(parts).toContainText(/\d+ × Lead shot/);
  maker.say('twenty bead weights, how many shot each');
  await pick(maker, 'Made by', 'a count of shot');
  await expect(page.getByRole('textbox', { name: 'Weight', exact: true })).toHaveCount(0);
  await maker.type('Shot in each', '6');
  await expect(parts).toContainText('6 × Lead shot');
  const set = page.getByRole('region', { name: 'A graded set' });
  await expect(set.getByRole('listitem')).toHaveCount(3);
  await expect(set.getByRole('listitem').nth(1)).toContainText(/6 shot, cord .* in/);
  await expect(set.getByRole('listitem').nth(1)).toContainText(/lies to .* ft\/s; walks at .* ft\/s/);
  const dialog = await keepAndMake(maker, 'Cord weight', 20);
  await countIn(maker, dialog, [[/^Count Hollow cord/, '50 ft']]);
  await cutAll(maker, dialog);
  await readCards(maker, {
    needed: [
      /Lay its lengths ready/,
      /Melt the lower end shut/,
      /Let 6 × Lead shot .* in/,
      /Melt the upper end/,
    ],
    barred: NO_CRIMPS,
  });
  const reasons = await mayFail(maker);
  expect(reasons).toContain('seal opened');
  expect(reasons).not.toMatch(/crimp|knot/);
  await book(maker, 20);
  maker.say('twenty bead weights, booked');
  await costs(maker, '0.10');

  // The finished weight is a part of any rig.
  await maker.goTo('Rig');
  await maker.button('New rig');
  await maker.press(page.getByRole('menuitem', { name: 'Dropper rig' }));
  await maker.button('Lay out typical parts');
  await expect(parts).toContainText('Cord weight 1');

  await note(maker, /^Cord weight/);
  maker.say('J, bead weights');
  const { contents } = await readBench(page);
  const [bin] = contents.bins.filter((each) => each.kind === 'part' && each.rigId !== null);
  expect(bin).toMatchObject({ gauge: { as: 'weight' } });
});

test('K. feeders: a board whose bit and depth are known, the disc it casts riveted on, the hair of the leader’s end', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Sinkers and feeders/);
  await maker.button('Block');
  await maker.press(page.getByRole('menuitem', { name: 'New block' }));
  const form = page.getByRole('dialog', { name: 'New block' });
  await maker.type('Name', 'Cap board', form);
  await maker.press(form.locator('label').filter({ hasText: 'Board' }));
  await maker.type('Drilled with', '1 1/4 in', form);
  await maker.type('Deep, to the tip', '3/8 in', form);
  // 0.153 cubic inches, of which the point is a third: 0.98 oz of soft lead.
  await expect(form.getByRole('textbox', { name: 'Marked' })).toHaveValue('0.98 oz');
  await maker.button('Save block', form);
  await expect(page.getByRole('heading', { level: 1, name: 'Cap board' })).toBeVisible();
  maker.say('four cap feeders, what the board gives');

  await maker.goTo('Rig');
  await layOut(maker, 'Feeder or method lead');
  const parts = page.getByRole('region', { name: 'From the top down' });
  await expect(parts).toContainText('Feeder plate 1 oz');
  const dialog = await keepAndMake(maker, 'Cap feeder', 4);
  // Nothing of the main line is cut, and the hair is the end of the leader: one length for each.
  await countIn(maker, dialog, [['Count Nylon line 12 lb', '100 yd']]);
  await cutAll(maker, dialog);
  await readCards(maker, {
    needed: [
      /Drill .* by the pattern/,
      /Glue and rivet .* on/,
      /stays on its reel/,
      /of the leader stays behind/,
    ],
    barred: [/crimp/i, /sprue/i, /sinker,? then/i],
  });
  await book(maker, 4);
  maker.say('four cap feeders, booked');
  await costs(maker, '0.40');
  await note(maker, /^Cap feeder/);
  maker.say('K, feeders');
  const { contents } = await readBench(page);
  expect(contents.riggings.map(({ passed, cut }) => [passed, cut.length])).toEqual([[4, 1]]);
});

test('M. cable hook sets: one cable through the front hook, bend to bend, to the wallet', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Cable and assist/);
  await maker.button('New rig');
  await maker.press(page.getByRole('menuitem', { name: 'Cable hook set' }));
  await maker.type('Must hold', '180 lb');
  await maker.type('Lure', '8 1/2 in');
  const parts = page.getByRole('region', { name: 'From the top down' });
  await expect(parts.getByRole('button', { name: 'Inline single hook 7/0' }).first()).toBeVisible();
  await expect(parts.getByRole('button', { name: /^Cable 280 lb/ }).first()).toBeVisible();
  await expect(page.getByText('Everything fits.')).toBeVisible();
  await pick(maker, 'Cable', 'one, through the front hook');
  await pick(maker, 'Hooks apart', 'bend to bend');
  await maker.type('Bend to bend', '5 in');
  await expect(page.getByText('Everything fits.')).toBeVisible();
  const dialog = await keepAndMake(maker, 'Shark set', 10);
  maker.say('ten cable hook sets, to the cut list');
  await countIn(maker, dialog, [
    [/^Count Cable/, '30 ft'],
    [/^Count Shrink tube/, '30 ft'],
  ]);
  await cutAll(maker, dialog);
  await readCards(maker, {
    needed: [
      /Crimp the loop on/,
      /Run the cable through the eye/,
      /bend to bend/,
      /5 in/,
      /Crimp the loop at|for the snap/,
    ],
    barred: [/behind the front hook/i, /for a lure of/i, /knot/i, /snell/i],
  });
  const reasons = await mayFail(maker);
  expect(reasons).toContain('crimp slipped');
  expect(reasons).not.toContain('knot');
  await book(maker, 10);
  maker.say('ten cable hook sets, booked');
  await costs(maker, '0.25');
  await note(maker, /^Shark set/);
  maker.say('M, cable hook sets');
  const { contents } = await readBench(page);
  expect(contents.riggings.map(({ passed }) => passed)).toEqual([10]);
});

test('E. hair lures: head, floss, two hairs side by side and a bulb in one recipe, knots only, a quarter forward', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await page.goto('/rig');
  await layOut(maker, 'Hair lure');
  maker.say('twenty hair lures, laid out');
  await pick(maker, 'Colors', 'two, side by side');
  await pick(maker, 'Forward of the knots', 'a quarter');
  await pick(maker, 'Bulb skirt', 'with');
  const more = page.getByRole('button', { name: 'Lay out typical parts' });
  await maker.press(more);
  await expect(more).toHaveCount(0);
  await maker.type('Wraps of floss', '0');
  await maker.type('Overhand knots', '3');
  const dialog = await keepAndMake(maker, 'Hair jig', 20);
  await countIn(maker, dialog, [[/^Count Tying thread/, '100 yd']]);
  await cutAll(maker, dialog);
  await readCards(maker, {
    needed: [
      /beside it/,
      /Wet .* over it/,
      /Cut the tip of the bulb open/,
      /a quarter of its length forward/,
      /Overhand knots/,
      /Trim it to/,
    ],
    barred: [/\bwind\b/i, /wrap/i, /belly/i, /crimp/i, /snell/i, /tail-down/i],
  });
  await book(maker, 20);
  maker.say('twenty hair lures, booked');
  await costs(maker, '0.50');
  await note(maker, /^Hair jig/);
  maker.say('E, hair lures');
  const { contents } = await readBench(page);
  expect(contents.riggings.map(({ passed }) => passed)).toEqual([20]);
});

test('L. assist hooks: for a jig of the shelf, as high as its cord allows, a hook that clears it', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Cable and assist/);
  await maker.goTo('Shelf');
  await maker.button('Put something down');
  const form = page.getByRole('dialog');
  await maker.type('Search kinds of things', 'lure', form);
  await maker.button(/^Lures?\b/, form);
  await maker.type('How many', '4', form);
  await maker.button('Put on the shelf', form);
  await maker.goTo('Rig');
  await maker.button('New rig');
  await maker.press(page.getByRole('menuitem', { name: 'Assist hook' }));
  await expect(page.getByRole('img', { name: 'The rig' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Lay out typical parts' })).toHaveCount(0);
  const jig = page.getByRole('combobox', { name: 'For the jig' });
  const before = await page.getByRole('textbox', { name: 'Jig', exact: true }).inputValue();
  await maker.press(jig);
  await maker.press(page.locator('.ant-select-item-option').filter({ hasText: /lure/i }).first());
  await expect(page.getByRole('textbox', { name: 'Jig', exact: true })).not.toHaveValue(before);
  await maker.type('Hook reaches down', '10');
  await expect(page.getByText(/can be tied no shorter than/)).toBeVisible();
  await expect(page.getByText(/has no .* yet/)).toHaveCount(0);
  // The hook that was there fouls this body: another of the shelf is offered.
  await maker.press(page.getByRole('button', { name: /^Take Inline single/ }).first());
  await pick(maker, 'Tied by', 'a knot');
  const dialog = await keepAndMake(maker, 'Assist', 6);
  await countIn(maker, dialog, [
    [/^Count (Braid|Cord|Assist cord|Plaited cord)/, '30 ft'],
    [/^Count Shrink tube/, '10 ft'],
  ]);
  await cutAll(maker, dialog);
  await readCards(maker, {
    needed: [/Loop .* onto/, /Tie .* on/, /Pull the tube over the knot/, /Hang .* in/],
    barred: [/snell/i, /crimp/i, /cable/i],
  });
  await book(maker, 6);
  await costs(maker, '0.40');
  await note(maker, /^Assist/);
  maker.say('L, assist hooks');
  const { contents } = await readBench(page);
  expect(contents.riggings.map(({ passed }) => passed)).toEqual([6]);
});

test('N. rings and hooks on a lure: the old ones off, a blade on the tail', async ({ page }) => {
  const maker = await newMaker(page);
  await page.goto('/rig');
  await layOut(maker, 'Rings and hooks on a lure');
  await pick(maker, 'On its tail', 'a blade');
  await maker.button('Lay out typical parts');
  await expect(page.getByRole('region', { name: 'From the top down' })).toContainText(/blade/i);
  const dialog = await keepAndMake(maker, 'Minnow refit', 3);
  await maker.button('All of it lies here', dialog);
  // Nothing of it is cut.
  await maker.button('Take them and begin', dialog);
  await readCards(maker, {
    needed: [
      /Find the seam of the old ring at the belly/,
      /Wind the old ring off/,
      /Hollow side toward the lure/,
    ],
    barred: [/cut\b/i, /crimp/i, /knot/i, /head hanger/i],
  });
  const reasons = await mayFail(maker);
  expect(reasons).toContain('ring bent open');
  expect(reasons).not.toMatch(/crimp|knot/);
  await book(maker, 3);
  await costs(maker, '0.40');
  await note(maker, /^Minnow refit/);
  maker.say('N, rings and hooks on a lure');
  const { contents } = await readBench(page);
  expect(contents.riggings.map(({ passed }) => passed)).toEqual([3]);
});
