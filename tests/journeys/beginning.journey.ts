import { readBench } from '../support/bench-database';
import { choose } from './bench-page';
import { expect, test } from './bench-test';
import { begin, book, countIn, keepAndBuild, newMaker, pourAll } from './maker';

test('quick answers: nothing is put down, and what was asked goes on at its own tool', async ({ page }) => {
  const maker = await newMaker(page);
  await maker.press(page.getByRole('link', { name: 'Quick answers' }));
  const card = (asks: string) => page.getByRole('region', { name: asks });
  const drilling = card('How deep do I drill a board for a weight?');
  await maker.type('Weight wanted', '2 oz', drilling);
  await maker.type('Drill, across', '3/4 in', drilling);
  // 2 oz of lead in a hole of 3/4 in with a point of 118 degrees: 5.14 cm3, 285 mm2, a cone of 5.7 mm.
  await expect(drilling.getByRole('status')).toContainText('7/8 in');
  const { presses, fields } = maker.say('how deep to drill, to the answer');
  expect([presses, fields]).toEqual([1, 2]);

  const cure = card('How long do I heat a head, and does it bear the cure?');
  await choose(cure, 'of', 'Bismuth-tin 58/42');
  await expect(cure.getByRole('status')).toContainText('Never cure it so');

  const beads = card('How many beads make my weight?');
  await maker.type('Weight wanted', 'heavy', beads);
  await expect(beads.getByRole('status')).toContainText('Write what is missing above');
  await maker.type('Weight wanted', '1 oz', beads);
  await maker.press(beads.getByRole('link', { name: 'Open it at Rig' }));
  await maker.button('Lay out: Bead weight in cord');
  await expect(page.getByRole('textbox', { name: 'Weight', exact: true })).toHaveValue('1 oz');
});

test('six spinnerbaits on a wire-frame block: from nothing to the plan of their heads', async ({ page }) => {
  const maker = await newMaker(page);
  await begin(maker, /^Wire baits/);
  await maker.goTo('Pour');
  await expect(page.getByRole('heading', { name: /^6 pours/ })).toBeVisible();
  const { presses, fields } = maker.say('six spinnerbaits, to the plan');
  expect(presses).toBeLessThanOrEqual(25);
  expect(fields).toBeLessThanOrEqual(12);

  await test.step('what is short is counted where it is missed', async () => {
    const slip = page.getByRole('complementary', { name: 'Slip' });
    await maker.button('Count Soft lead', slip);
    await maker.type('How much is there?', '5 lb', page.getByRole('dialog'));
    await maker.button('So many lie there', page.getByRole('dialog'));
    await maker.button('Count Jig hook 5/0', slip);
    await maker.type('How many are there?', '50', page.getByRole('dialog'));
    await maker.button('So many lie there', page.getByRole('dialog'));
    await expect(page.getByRole('button', { name: 'Begin the run' })).toBeEnabled();
    maker.say('six spinnerbaits, to the run');
  });

  await test.step('one undo for each, and one more takes the whole bench away', async () => {
    for (let nth = 1; nth <= 3; nth += 1) {
      await page.getByRole('button', { name: 'Undo', exact: true }).click();
      // What is on its way to the bench when its page is left is lost: each is there before the next.
      const undone = async () =>
        (await readBench(page)).contents.acts.filter(({ undoes }) => undoes !== null).length;
      await expect.poll(undone).toBe(nth);
    }
    await page.goto('/ticket');
    await expect(page.getByRole('heading', { name: 'What do you make?' })).toBeVisible();
    const left = (await readBench(page)).contents.bins.filter(({ retired }) => !retired);
    expect(left).toEqual([]);
  });
});

test('six spinnerbaits on a wire-frame block: poured, built in one sitting, and booked', async ({ page }) => {
  const maker = await newMaker(page);
  await begin(maker, /^Wire baits/);
  await maker.goTo('Pour');
  await expect(page.getByRole('heading', { name: /^6 pours/ })).toBeVisible();
  await countIn(maker, page.getByRole('complementary', { name: 'Slip' }), [
    ['Count Soft lead', '5 lb'],
    ['Count Jig hook 5/0', '50'],
    [/^Count Spinnerbait wire/, '20'],
  ]);
  await pourAll(maker, 6);
  maker.say('six spinnerbaits, their heads booked');

  await maker.goTo('Build');
  await maker.button('This spinnerbait, of typical parts');
  await expect(page.getByText('It fits.')).toBeVisible();
  const dialog = await keepAndBuild(maker, 'Tandem', 6);
  await maker.button('All of it lies here', dialog);
  await maker.button('Take the kit and begin', dialog);
  await book(maker, 6);
  maker.say('six spinnerbaits, booked');
  const { buildings, runs } = (await readBench(page)).contents;
  expect(buildings.map(({ passed }) => passed)).toEqual([6]);
  expect(runs.map(({ booking }) => booking?.good)).toEqual([6]);
});

test('five skirts of two and a half tabs on bought painted heads: from nothing to the vise', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Paint and dress bought heads/);
  await maker.button('New skirt');
  await maker.button(/^black/);
  await maker.press(page.getByText('2 ½', { exact: true }));
  await expect(page.getByRole('region', { name: 'Fullness' })).toContainText('2 ½ tabs');
  await maker.type('Called', 'Black fat');
  await maker.button('Keep it');
  await maker.button('Tie some');
  const dialog = page.getByRole('dialog', { name: /^Tie/ });
  await maker.type('How many', '5', dialog);
  await maker.press(dialog.getByRole('combobox', { name: 'On' }));
  await maker.press(page.getByTitle(/^Football head 3\/8 oz, 0 there/));
  await maker.button('All of it lies here', dialog);
  await maker.button('Pull them and begin', dialog);
  await expect(page.getByRole('heading', { level: 1, name: 'Tie' })).toBeVisible();
  await book(maker, 5);
  const { presses, fields } = maker.say('five skirts on bought heads, booked');
  expect(presses).toBeLessThanOrEqual(20);
  expect(fields).toBeLessThanOrEqual(8);
});

test('twelve jigs on bought tungsten heads: from nothing to their true cost', async ({ page }) => {
  const maker = await newMaker(page);
  await begin(maker, /^Paint and dress bought heads/);
  await maker.button('New skirt');
  await maker.type('Called', 'Black');
  await maker.button('Keep it');
  await maker.goTo('Build');
  await maker.button('New bait');
  await maker.press(page.getByRole('menuitem', { name: 'Dressed jig' }));
  await maker.button('Lay out typical parts');
  await maker.press(page.getByText('Kind, head, skirt, wire and what is beside the arm'));
  await maker.button('Put bought heads down');
  const form = page.getByRole('dialog', { name: 'Bought heads' });
  await maker.button('Football heads', form);
  await maker.type('How many', '12', form);
  await maker.type(/^Price/, '29.88', form);
  await maker.type('That price is for', '12', form);
  await maker.press(form.getByRole('combobox', { name: 'Made of' }));
  await maker.press(page.getByTitle('Sintered tungsten'));
  await maker.button('Put on the shelf', form);
  await expect(form).toHaveCount(0);
  await maker.button(/^Skirt$/);
  await maker.button(/^Put on Skirt, Black/);
  await maker.type('Called', 'Tungsten football');
  await maker.button('Keep it');
  await expect(page.getByRole('region', { name: /^Tungsten football/ })).toBeVisible();
  await maker.goTo('Cost');
  await expect(page.getByText(/2\.49/).first()).toBeVisible();
  const { presses, fields } = maker.say('twelve jigs on bought tungsten heads, their cost');
  expect(presses).toBeLessThanOrEqual(20);
  expect(fields).toBeLessThanOrEqual(8);

  await test.step('built in one sitting, and booked', async () => {
    await maker.goTo('Build');
    await maker.press(
      page.getByRole('radiogroup', { name: 'What to do' }).locator('label').filter({ hasText: 'Board' }),
    );
    await maker.button('Build');
    const dialog = page.getByRole('dialog', { name: /^Build/ });
    await maker.type('How many', '12', dialog);
    // The skirts of it are tied first: the kit leads there.
    await maker.press(dialog.getByRole('link', { name: 'tie them at Skirt' }));
    await maker.button('Tie some');
    const tying = page.getByRole('dialog', { name: /^Tie/ });
    await maker.type('How many', '12', tying);
    await maker.button('All of it lies here', tying);
    await maker.button('Pull them and begin', tying);
    await book(maker, 12);
    await maker.goTo('Build');
    await maker.button('Build');
    await maker.type('How many', '12', dialog);
    await maker.button('All of it lies here', dialog);
    await maker.button('Take the kit and begin', dialog);
    await book(maker, 12);
    maker.say('twelve jigs on bought tungsten heads, booked');
  });
});

test('ten cable hook sets at 7/0 on 280 lb cable: from nothing to the wallet', async ({ page }) => {
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
  await maker.type('Called', 'Shark set');
  await maker.button('Keep it');
  await maker.button('Make some');
  const dialog = page.getByRole('dialog', { name: /^Make/ });
  await maker.type('How many', '10', dialog);
  maker.say('ten cable hook sets, to the cut list');
  for (const name of [/^Count Cable/, /^Count Shrink tube/]) {
    await maker.button(name, dialog);
    const counting = page.getByRole('dialog').last();
    await maker.type('How long is the roll?', '30 ft', counting);
    await maker.button('So many lie there', counting);
    await expect(dialog.getByRole('button', { name })).toHaveCount(0);
  }
  await maker.button('All of it lies here', dialog);
  await maker.button('Cut and begin', dialog);
  await expect(page.getByRole('heading', { level: 1, name: 'Run' })).toBeVisible();
  await book(maker, 10);
  const { presses, fields } = maker.say('ten cable hook sets, booked');
  expect(presses).toBeLessThanOrEqual(15);
  expect(fields).toBeLessThanOrEqual(6);
});

test('twenty bead weights by count: from nothing to the cut list', async ({ page }) => {
  const maker = await newMaker(page);
  await page.goto('/rig');
  await maker.button('New rig');
  await maker.press(page.getByRole('menuitem', { name: 'Bead weight in cord' }));
  await maker.button('Lay out typical parts');
  await maker.type('Weight', '1 oz');
  await expect(page.getByRole('region', { name: 'From the top down' })).toContainText(/\d+ × Lead shot/);
  const answer = maker.say('twenty bead weights, how many shot each');
  await maker.type('Called', 'Cord weight');
  await maker.button('Keep it');
  await maker.button('Make some');
  const dialog = page.getByRole('dialog', { name: /^Make 20/ });
  await maker.button(/^Count Hollow cord/, dialog);
  const counting = page.getByRole('dialog').last();
  await maker.type('How long is the roll?', '50 ft', counting);
  await maker.button('So many lie there', counting);
  await maker.button('All of it lies here', dialog);
  await maker.button('Cut and begin', dialog);
  await expect(page.getByRole('heading', { level: 1, name: 'Run' })).toBeVisible();
  await book(maker, 20);
  const { presses, fields } = maker.say('twenty bead weights, booked');
  expect(answer.presses).toBeLessThanOrEqual(4);
  expect(presses).toBeLessThanOrEqual(12);
  expect(fields).toBeLessThanOrEqual(4);
});

test('twenty hair lures: from nothing to the run', async ({ page }) => {
  const maker = await newMaker(page);
  await page.goto('/rig');
  await maker.button('New rig');
  await maker.press(page.getByRole('menuitem', { name: 'Hair lure' }));
  await maker.button('Lay out typical parts');
  await expect(page.getByRole('img', { name: 'The rig' })).toBeVisible();
  maker.say('twenty hair lures, laid out');
  await maker.type('Called', 'Hair jig');
  await maker.button('Keep it');
  await maker.button('Make some');
  const dialog = page.getByRole('dialog', { name: /^Make 20/ });
  await expect(dialog).toBeVisible();
  await maker.button(/^Count Tying thread/, dialog);
  const counting = page.getByRole('dialog').last();
  await maker.type('How long is the roll?', '100 yd', counting);
  await maker.button('So many lie there', counting);
  await maker.button('All of it lies here', dialog);
  await maker.button('Cut and begin', dialog);
  await expect(page.getByRole('heading', { level: 1, name: 'Run' })).toBeVisible();
  await book(maker, 20);
  const { presses, fields } = maker.say('twenty hair lures, booked');
  expect(presses).toBeLessThanOrEqual(18);
  expect(fields).toBeLessThanOrEqual(8);
});

test('four cap feeders from a drilled board whose bit and depth are known: to its weight, and into the wallet', async ({
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
  const first = maker.say('four cap feeders, what the board gives');
  expect(first.presses).toBeLessThanOrEqual(20);
  expect(first.fields).toBeLessThanOrEqual(8);

  await maker.goTo('Rig');
  await maker.button('New rig');
  await maker.press(page.getByRole('menuitem', { name: 'Feeder or method lead' }));
  await maker.button('Lay out typical parts');
  await maker.type('Called', 'Cap feeder');
  await maker.button('Keep it');
  await maker.button('Make some');
  const dialog = page.getByRole('dialog', { name: /^Make \d+ × Cap feeder/ });
  await maker.type('How many', '4', dialog);
  await countIn(maker, dialog, [['Count Nylon line 12 lb', '100 yd']]);
  await maker.button('All of it lies here', dialog);
  await maker.button('Cut and begin', dialog);
  await expect(page.getByRole('heading', { level: 1, name: 'Run' })).toBeVisible();
  await book(maker, 4);
  const { presses, fields } = maker.say('four cap feeders, booked');
  expect(presses).toBeLessThanOrEqual(20);
  expect(fields).toBeLessThanOrEqual(8);
  expect((await readBench(page)).contents.riggings.map(({ passed }) => passed)).toEqual([4]);
});
