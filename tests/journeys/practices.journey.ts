import { readBench } from '../support/bench-database';
import { figuresOf } from '../support/foreign-units';
import { expect, test } from './bench-test';
import { begin, book, countIn, keepAndBuild, newMaker, pourAll, type Maker } from './maker';

/** What the cards of a variant must speak of, and what it has not. */
interface Variant {
  readonly needed: readonly RegExp[];
  readonly barred: readonly RegExp[];
}

/** Reads every card of the first piece, its steps one by one, and holds them against the variant. */
async function readCards(maker: Maker, { needed, barred }: Variant): Promise<void> {
  const card = maker.page.getByRole('region', { name: 'Step card' });
  const steps = card.getByRole('list', { name: 'Steps' }).getByRole('listitem');
  await expect(card).toContainText(/step 1 of/i);
  const count = await steps.count();
  const texts: string[] = [];
  for (let nth = 1; nth <= count; nth += 1) {
    await expect(card).toContainText(new RegExp(`step ${nth} of ${count}`, 'i'));
    texts.push(await card.innerText());
    if (nth < count) await maker.button('Next step', card);
  }
  for (const words of needed)
    expect(
      texts.some((text) => words.test(text)),
      `${words.source} is said`,
    ).toBe(true);
  for (const words of barred) expect(texts.filter((text) => words.test(text))).toEqual([]);
  expect(texts.filter((text) => figuresOf.metric.test(text))).toEqual([]);
}

/** Says what all that has no price costs, then what a piece does: nothing of it is left unpriced. */
async function price(maker: Maker, each: string): Promise<void> {
  const { page } = maker;
  const prices = page.getByRole('main').getByRole('button', { name: /^Price of/ });
  await expect(prices.first()).toBeVisible();
  for (let left = await prices.count(); left > 0; left -= 1) {
    await maker.press(prices.first());
    const dialog = page.getByRole('dialog');
    await maker.type(/^Price/, each, dialog);
    const per = dialog.getByRole('textbox', { name: 'That price is for' });
    const isMetal = /lead|tin/i.test(await dialog.locator('.ant-modal-title').innerText());
    if ((await per.inputValue()) === '') {
      await maker.type('That price is for', isMetal ? '1 lb' : '100 yd', dialog);
    }
    await maker.press(dialog.locator('.ant-btn-primary'));
    await expect(prices).toHaveCount(left - 1);
  }
}

/** Notes a fish on what was made. */
async function note(maker: Maker, of: RegExp): Promise<void> {
  const { page } = maker;
  await maker.goTo('Water');
  await maker.press(page.getByRole('combobox', { name: 'On the line' }));
  await maker.press(page.getByTitle(of).first());
  await maker.type('Hours', '1');
  await maker.button('fish: one more');
  await maker.button('Note it');
  const notes = async () => (await readBench(page)).contents.waterNotes.map(({ fish }) => fish);
  await expect.poll(notes).toEqual([1]);
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
