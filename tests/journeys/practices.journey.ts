import { readBench } from '../support/bench-database';
import { expect, test } from './bench-test';
import { begin, book, countIn, keepAndBuild, newMaker, pourAll } from './maker';
import { note, price, readCards } from './practice';

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
