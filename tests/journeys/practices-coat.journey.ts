import { readBench } from '../support/bench-database';
import { expect, test } from './bench-test';
import { book, countIn, keepAndBuild, newMaker } from './maker';
import { costs, note, putHeadsDown, readCards } from './practice';

test('R. painted grub heads with stingers: dipped and hung with no oven, braid taken as it is cut', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await maker.goTo('Coat');
  // No oven stands here, and none is asked for.
  await maker.press(page.getByText('Colors', { exact: true }));
  await maker.button('New color');
  await maker.type('Called', 'Chartreuse');
  await maker.press(page.getByText('Paint, in the air'));
  await maker.button('Keep this color');
  await maker.press(page.getByText('Rack', { exact: true }));
  await maker.button('+ from the shelf');
  const shelf = page.getByRole('dialog', { name: 'Heads from the shelf' });
  await putHeadsDown(maker, shelf, 'Round heads', 6);
  await maker.button('Lay them by the rack', shelf);
  await maker.button(/^Paint and hang Chartreuse/);
  await maker.button('Painted and hung', page.getByRole('dialog'));
  const hung = page.getByRole('region', { name: 'Rack 1' });
  await expect(hung).toContainText('hung, not baked, 6 heads');

  await maker.goTo('Build');
  await maker.button('New bait');
  await maker.press(page.getByRole('menuitem', { name: /^Grub head/ }));
  await maker.button('Lay out typical parts');
  await expect(page.getByText('It fits.')).toBeVisible();
  await maker.press(page.getByText('Kind, head, skirt, wire and what is beside the arm'));
  // Painted heads lie there and no bare ones: the bait is of those.
  await expect(page.getByTitle('Round head 1/4 oz, Chartreuse, 6 there')).toBeVisible();
  await maker.type('Braid, cut to', '3 1/2 in');
  const dialog = await keepAndBuild(maker, 'Glow grub', 6);
  await countIn(maker, dialog, [[/^Count Braid/, '10 yd']]);
  await maker.button('All of it lies here', dialog);
  await maker.button('Take the kit and begin', dialog);
  await readCards(maker, {
    needed: [
      /Cut 3 1\/2 in of braid/,
      /Snell treble hook/,
      /tail down/,
      /Loop it on the main hook/,
      /One drop of gel/,
    ],
    barred: [/strand/i, /skirt/i, /stopper/i, /blade/i, /collar/i, /oven/i, /bead/i],
  });
  await book(maker, 6);
  await costs(maker, '0.25');
  await note(maker, /^Glow grub/);
  maker.say('R, painted grub heads with stingers');
  const { contents } = await readBench(page);
  expect(contents.racks).toMatchObject([{ ovenId: null, state: 'out' }]);
  expect(contents.buildings.map(({ passed }) => passed)).toEqual([6]);
  // Six stingers take what is cut for six.
  const [taken] = contents.buildings.map((each) => each.taken);
  const braid = contents.bins.find(({ name }) => name.startsWith('Braid'));
  expect(taken?.find(({ binId }) => binId === braid?.id)?.qty).toBeCloseTo(6 * 88.9, 6);
});
