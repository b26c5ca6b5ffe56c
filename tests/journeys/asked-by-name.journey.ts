import { readBench } from '../support/bench-database';
import { expect, test } from './bench-test';
import { begin, newMaker } from './maker';

test('a ticket asks by name for a bait and a rig that nobody has built yet, leads there, and knows them when they are', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Pour jig heads/);
  await maker.goTo('Ticket');
  await maker.button('New ticket');
  const form = page.getByRole('form', { name: 'New ticket' });
  await maker.type('Ticket', 'Weir opening', form);
  await maker.button('+ bait or rig', form);
  const ware = form.getByRole('group', { name: 'Bait or rig 1' });
  await maker.button(/^Not built yet/, ware);
  await maker.type('Count', '3', ware);
  await maker.button('Remove', form.getByRole('group', { name: 'Line 1' }));
  // A name is wanted, and said to be.
  await maker.button('Write ticket', form);
  await expect(ware.getByText('What is it to be called?')).toBeVisible();
  await maker.type('To be called', 'Weir bait', ware);
  await maker.button('Write ticket', form);

  const asked = page.getByRole('list', { name: 'Baits and rigs' });
  await expect(asked).toContainText('Weir bait, not built yet');
  await maker.button('First: Build', asked);
  await maker.button('New bait');
  await maker.press(page.getByRole('menuitem', { name: /^Head with a plastic/ }));
  await maker.button('Lay out typical parts');
  await maker.button('It is Weir bait: Weir opening asks for 3');
  await expect(page.getByText('Weir opening asks for 3 of it.')).toBeVisible();
  await maker.button('Keep it');
  await maker.goTo('Ticket');
  await expect(asked).toContainText('Weir bait');
  await expect(asked).not.toContainText('not built yet');
  const { contents } = await readBench(page);
  expect(contents.tickets.flatMap(({ wares }) => wares).map(({ family }) => family)).toEqual(
    contents.builds.map(({ family }) => family),
  );
});
