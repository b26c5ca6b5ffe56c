import { readBench } from '../support/bench-database';
import { figuresOf } from '../support/foreign-units';
import { expect, test } from './bench-test';
import { begin, book, keepAndBuild, newMaker } from './maker';
import { costs, note, putHeadsDown, readCards } from './practice';

test('I. soft plastics: a laminate of two cups, flake by the spoon, a bait found by weighing, shot and put into a bin', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Soft plastics/);
  await page.goto('/build?part=plastic');
  await maker.button('New color');
  await maker.type('Called', 'Weir green');
  await maker.press(page.getByText('Two, laid together'));
  const back = page.getByRole('group', { name: 'Back', exact: true });
  const belly = page.getByRole('group', { name: 'Belly', exact: true });
  // Cups and fluid ounces, whatever is typed.
  await maker.type('Back, plastic', '2 fl oz');
  await maker.type('Belly, plastic', '1/4 cup');
  await expect(page.getByRole('textbox', { name: 'Belly, plastic' })).toHaveValue('2 fl oz');
  await maker.button('+ 5 drops', back);
  await maker.press(belly.getByText('Flake', { exact: true }));
  await maker.button('0.035 in', belly);
  await maker.button('+ 1/32 tsp', belly);
  await maker.button('+ 1/8 tsp', belly);
  await expect(belly.getByRole('list', { name: 'Belly, what went in' })).toContainText(
    '1/32 tsp Black flake, 0.035 in',
  );
  await maker.button('Keep the color');

  const batch = page.getByRole('region', { name: 'A batch' });
  await maker.type('Mold', 'Minnow', batch);
  await maker.type('How many baits', '20', batch);
  // One bait is found on the scale.
  await maker.button('Find it', batch);
  const find = page.getByRole('dialog');
  await maker.type('They weigh together', '1.5 oz', find);
  await expect(find.getByRole('status')).toHaveText('One is 0.137 fl oz.');
  await maker.button('Take it', find);
  // Both cups are one mix: so many baits come of them together.
  await expect(batch).toContainText('The two cups, one mix of 4 fl oz gives');
  await expect(batch.getByRole('list', { name: 'Belly, stir in' })).toContainText(
    /tsp Black flake, 0.035 in/,
  );
  await maker.type('How long one is', '4 in', batch);
  const lines = (await page.locator('body').innerText()).split('\n');
  expect(lines.filter((line) => figuresOf.metric.test(line))).toEqual([]);
  await maker.button('Log the batch', batch);
  await expect(page.getByText('Batch 1 is logged: 20 good.')).toBeVisible();
  const { contents } = await readBench(page);
  const bin = contents.bins.find(({ name }) => name === 'Minnow, Weir green');
  expect(bin).toMatchObject({ kind: 'part', gauge: { as: 'trailer', plastic: 'soft' } });
  expect(contents.entries.filter(({ binId }) => binId === bin?.id).map(({ qty }) => qty)).toEqual([20]);

  // They go onto a head as any plastic does.
  await maker.goTo('Build');
  await maker.press(page.getByText('Bait', { exact: true }));
  await maker.button('New bait');
  await maker.press(page.getByRole('menuitem', { name: /^Head with a plastic/ }));
  await maker.button(/^Put on Minnow, Weir green/);
  await maker.press(page.getByText('Kind, head, skirt, wire and what is beside the arm'));
  await putHeadsDown(maker, page, 'Round heads', 6);
  await expect(page.getByText('It fits.')).toBeVisible();
  const dialog = await keepAndBuild(maker, 'Weir minnow', 6);
  await maker.button('Take the kit and begin', dialog);
  await readCards(maker, {
    needed: [/Lay minnow, weir green beside the hook/i, /Thread minnow, weir green straight/i],
    barred: [/skirt/i, /guard/i, /blade/i, /collar/i, /stop/i, /barb/i],
  });
  await book(maker, 6);
  await costs(maker, '0.20');
  await note(maker, /^Weir minnow/);
  maker.say('I, soft plastics');
  const { contents: after } = await readBench(page);
  expect(after.buildings.map(({ passed }) => passed)).toEqual([6]);
});
