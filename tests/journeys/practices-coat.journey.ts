import { readBench } from '../support/bench-database';
import { expect, test } from './bench-test';
import { begin, book, countIn, keepAndBuild, newMaker, pourAll } from './maker';
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
  // The card in this maker's own order and words, kept with the bait.
  await maker.button('My own steps');
  const own = page.getByRole('dialog', { name: 'My own steps' });
  await maker.button(/^Later: Cut 3 1\/2 in of braid/, own);
  await maker.type('Step 1', 'Snell the little one, nine turns', own);
  await maker.button('Keep them', own);
  await expect(own).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Step card' })).toContainText(
    'Snell the little one, nine turns',
  );
  await readCards(maker, {
    needed: [
      /Cut 3 1\/2 in of braid/,
      /Snell the little one, nine turns/,
      /tail down/,
      /Loop it on the main hook/,
      /One drop of gel/,
    ],
    barred: [/Snell treble/, /strand/i, /skirt/i, /stopper/i, /blade/i, /collar/i, /oven/i, /bead/i],
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

test('F. wire baits: the wires go into the block at the pour, heads are dipped with no oven, a ready skirt goes on', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Wire baits/);
  await maker.goTo('Pour');
  await expect(page.getByRole('heading', { name: /^\d+ pours/ })).toBeVisible();
  const slip = page.getByRole('complementary', { name: 'Slip' });
  // The wire that the block takes is laid out, and missed, as the hooks are.
  await countIn(maker, slip, [
    ['Count Soft lead', '5 lb'],
    [/^Count Jig hook/, '50'],
    [/^Count Spinnerbait wire/, '20'],
  ]);
  await pourAll(maker, 6);
  const poured = (await readBench(page)).contents;
  const wire = poured.bins.find(({ name }) => name.startsWith('Spinnerbait wire'))!;
  const heads = poured.bins.find((bin) => bin.kind === 'head' && bin.frameBinId === wire.id)!;
  expect(heads.name).toContain(wire.name);
  const castIn = poured.entries.filter(({ binId, kind }) => binId === wire.id && kind === 'taken');
  expect(castIn.reduce((so, { qty }) => so - qty, 0)).toBeGreaterThanOrEqual(6);

  await maker.goTo('Coat');
  await maker.press(page.getByText('Colors', { exact: true }));
  await maker.button('New color');
  await maker.type('Called', 'White');
  await maker.press(page.getByText('Paint, in the air'));
  await maker.button('Keep this color');
  await maker.press(page.getByText('Rack', { exact: true }));
  await maker.button('+ from the shelf');
  const shelf = page.getByRole('dialog', { name: 'Heads from the shelf' });
  await maker.button('Lay them by the rack', shelf);
  await maker.button(/^Paint and hang White/);
  await maker.button('Painted and hung', page.getByRole('dialog'));
  await expect(page.getByRole('region', { name: 'Rack 1' })).toContainText('hung, not baked, 6 heads');

  await maker.goTo('Build');
  await maker.button('New bait');
  await maker.press(page.getByRole('menuitem', { name: /^Spinnerbait/ }));
  await maker.button('Lay out typical parts');
  await expect(page.getByText('It fits.')).toBeVisible();
  await maker.button('Skirt', page.getByRole('group', { name: 'Which parts' }));
  await maker.button(/Put down a ready skirt/);
  const form = page.getByRole('dialog');
  await maker.button(/^Ready skirts/, form);
  await maker.type('How many', '6', form);
  await maker.button('Put on the shelf', form);
  const dialog = await keepAndBuild(maker, 'Roller', 6);
  await maker.button('All of it lies here', dialog);
  // Their heads brought the wires along.
  await expect(dialog.getByRole('row', { name: /^Spinnerbait wire/ })).toHaveCount(0);
  await maker.button('Take the kit and begin', dialog);
  await readCards(maker, {
    needed: [/Thread/, /Pull .* over the collar/],
    barred: [/trailer/i, /rattle/i, /guard/i, /keeper/i, /oven/i],
  });
  await book(maker, 6);
  await costs(maker, '0.25');
  await note(maker, /^Roller/);
  maker.say('F, wire baits');
  const { contents } = await readBench(page);
  expect(contents.buildings.map(({ passed }) => passed)).toEqual([6]);
});
