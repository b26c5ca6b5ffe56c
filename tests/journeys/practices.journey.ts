import type { Locator, Page } from '@playwright/test';
import { readBench } from '../support/bench-database';
import { expect, test } from './bench-test';
import { begin, book, countIn, keepAndBuild, newMaker, pourAll, type Maker } from './maker';
import { note, price, readCards } from './practice';

/** Puts bought heads down where they are missed, at a dollar each. */
async function putHeadsDown(
  maker: Maker,
  within: Page | Locator,
  kind: string,
  count: number,
): Promise<void> {
  await maker.button('Put bought heads down', within);
  const form = maker.page.getByRole('dialog', { name: 'Bought heads' });
  await maker.button(kind, form);
  await maker.type('How many', String(count), form);
  await maker.type(/^Price/, String(count), form);
  await maker.type('That price is for', String(count), form);
  await maker.button('Put on the shelf', form);
  await expect(form).toHaveCount(0);
}

test('A. small bladed jigs: own heads, blades flattened and drilled twice, from the ticket to the water', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Bladed jigs/);
  await maker.goTo('Pour');
  await expect(page.getByRole('heading', { name: /^\d+ pours/ })).toBeVisible();
  await countIn(maker, page.getByRole('complementary', { name: 'Slip' }), [
    ['Count Soft lead', '5 lb'],
    [/^Count Jig hook/, '50'],
  ]);
  const presses = await pourAll(maker, 6);
  expect(presses.some((said) => said.includes('open the eyes while warm'))).toBe(true);

  // What was booked is said, and where it goes on.
  const next = page.getByRole('navigation', { name: 'Next' });
  await expect(next.getByRole('button', { name: /^Dress 6 × Bullet/ })).toBeVisible();

  await maker.goTo('Build');
  await maker.button('New bait');
  await maker.press(page.getByRole('menuitem', { name: 'Bladed jig' }));
  await maker.button('Put down a blade');
  const form = page.getByRole('dialog');
  await maker.button(/^Colorado blades/, form);
  await maker.type('How many', '20', form);
  await maker.button('Put on the shelf', form);
  await maker.button('Snap');
  await maker.button('Put down a snap');
  await maker.type('How many', '20', form);
  await maker.button('Put on the shelf', form);
  for (let hole = 1; hole <= 2; hole += 1) await maker.button('Add a hole');
  // Holes are said by their drill.
  await expect(page.getByRole('textbox', { name: 'Hole 1, drill' })).toHaveValue('3/32 in');
  await maker.type('Hole 1, drill', '5/64 in');
  await expect(page.getByRole('textbox', { name: 'Hole 1, drill' })).toHaveValue('5/64 in');
  const dialog = await keepAndBuild(maker, 'Shaker', 6);
  await maker.button('Take the kit and begin', dialog);
  await readCards(maker, {
    needed: [
      /Flatten the blade/,
      /Mark the 2 holes/,
      /Drill, clamped/,
      /whether the eye is open/,
      /Close the eye/,
    ],
    barred: [/^Open the eye/m, /skirt/i, /trailer/i, /rattle/i, /\\bboth holes/],
  });
  await book(maker, 6);
  await maker.button('What one costs', next);
  await expect(page).toHaveURL(/\/cost\?piece=build/);
  await price(maker, '0.30');
  await expect(page.getByRole('main').getByText(/has no price|nobody priced/)).toHaveCount(0);

  await note(maker, /^Shaker/);
  maker.say('A, small bladed jigs');
  const { contents } = await readBench(page);
  expect(contents.buildings.map(({ passed }) => passed)).toEqual([6]);
});

test('G. dressed jigs on bought heads: two rattles on their collar, a bought skirt, a trailer and its stop', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Paint and dress bought heads/);
  await maker.goTo('Build');
  await maker.button('New bait');
  await maker.press(page.getByRole('menuitem', { name: 'Dressed jig' }));
  // A head alone is no dressed jig.
  const fit = page.getByRole('region', { name: 'Does it fit' });
  await expect(fit).toContainText(/skirt/i);
  await expect(fit.getByText('It fits.')).toHaveCount(0);
  await maker.button('Lay out typical parts');
  await expect(fit.getByText('It fits.')).toBeVisible();
  await maker.press(page.getByText('Kind, head, skirt, wire and what is beside the arm'));
  await putHeadsDown(maker, page, 'Football heads', 6);
  await maker.button(/^Rattle$/);
  await maker.button(/^Put on Rattle/);
  const dialog = await keepAndBuild(maker, 'Rattler', 6);
  await maker.button('All of it lies here', dialog);
  await maker.button('Take the kit and begin', dialog);
  await readCards(maker, {
    needed: [
      /Glue .* into its hole/,
      /Slip two of .* under the collar/,
      /One each side/,
      /Pull .* over the collar/,
      /Thread/,
    ],
    barred: [/blade/i, /\bcut the arm/i, /loop/i, /keeper/i],
  });
  await book(maker, 6);
  const next = page.getByRole('navigation', { name: 'Next' });
  await maker.button('What one costs', next);
  await price(maker, '0.40');
  await expect(page.getByRole('main').getByText(/has no price|nobody priced/)).toHaveCount(0);
  await note(maker, /^Rattler/);
  maker.say('G, dressed jigs');
  const { contents } = await readBench(page);
  expect(contents.buildings.map(({ passed }) => passed)).toEqual([6]);
});

test('H. strap jigs: a strap doubled through the eye of a walking sinker, from the shelf to the water', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await page.goto('/build');
  await maker.button('New bait');
  await maker.press(page.getByRole('menuitem', { name: /^Strap jig/ }));
  await maker.button('Lay out typical parts');
  await expect(page.getByText('It fits.')).toBeVisible();
  const dialog = await keepAndBuild(maker, 'Walker', 4);
  await putHeadsDown(maker, dialog, 'Walking sinkers', 4);
  await maker.button('All of it lies here', dialog);
  await maker.button('Take the kit and begin', dialog);
  await readCards(maker, {
    needed: [/half through the sinker’s eye/, /both ends even/i, /Fix .* to both ends/, /Thread/],
    barred: [/rattle/i, /foam/i, /tape/i, /feelers/i, /claws/i, /collar/i, /guard/i],
  });
  await book(maker, 4);
  const next = page.getByRole('navigation', { name: 'Next' });
  await maker.button('What one costs', next);
  await price(maker, '0.40');
  await expect(page.getByRole('main').getByText(/has no price|nobody priced/)).toHaveCount(0);
  await note(maker, /^Walker/);
  maker.say('H, strap jigs');
  const { contents } = await readBench(page);
  expect(contents.buildings.map(({ passed }) => passed)).toEqual([4]);
});
