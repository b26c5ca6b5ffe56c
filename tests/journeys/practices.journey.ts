import { readBench } from '../support/bench-database';
import { levelOf } from './bench-page';
import { expect, test } from './bench-test';
import { begin, book, countIn, keepAndBuild, newMaker, pourAll } from './maker';
import { costs, note, putHeadsDown, readCards } from './practice';

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
  await costs(maker, '0.30');
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
  // The claws of 3 in are what goes behind such a head.
  await expect(page.getByText(/goes a trailer of .* by common practice, as this one is/)).toBeVisible();
  // How the bought head lies on the bottom with it, asked there.
  await maker.button('How it lies on the bottom');
  const bottom = page.getByRole('dialog', { name: 'On the bottom' });
  await expect(bottom.getByRole('img', { name: /^(lying|nose|tail)/ }).first()).toBeVisible();
  await expect(bottom.getByText(/drawn along by its eye it comes to lie so/)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(bottom).toHaveCount(0);
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
  await costs(maker, '0.40');
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
  await costs(maker, '0.40');
  await note(maker, /^Walker/);
  maker.say('H, strap jigs');
  const { contents } = await readBench(page);
  expect(contents.buildings.map(({ passed }) => passed)).toEqual([4]);
});

test('D. sheet skirts: as many legs as go round, tails inside first, from the sheet to the water', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Paint and dress bought heads/);
  await maker.goTo('Shelf');
  await maker.button('Put something down');
  const form = page.getByRole('dialog');
  await maker.type('Search kinds of things', 'sheet', form);
  await maker.button(/^Sheets, to cut/, form);
  await maker.type('How many', '10', form);
  await maker.button('Put on the shelf', form);
  await expect(form).toHaveCount(0);
  await maker.goTo('Skirt');
  await maker.button('New skirt');
  await maker.button(/^black/);
  await maker.press(page.getByRole('combobox', { name: 'Material of layer 1' }));
  await maker.press(page.getByTitle(/^Sheet/).first());
  // It is held as a sheet is, and says so.
  await maker.press(page.getByText('Held by: Cut sheet round a head'));
  await maker.type('Round the head, across', '1/2 in');
  await expect(page.getByText(/^13 legs, stretched by/)).toBeVisible();
  // The floss that binds it is taken off its spool, and costs.
  await maker.press(page.getByRole('combobox', { name: 'Thread or floss' }));
  await maker.press(page.getByTitle(/^Tying thread/).first());
  await maker.type('One takes of it', '24 in');
  // The glue of its seam and the head that it is of are taken and paid too.
  const goesOn = page.getByRole('group', { name: 'What else goes on' });
  for (const what of [/^Glue 0.7 oz/, /^Lure 3 1\/2 in/]) {
    await maker.press(goesOn.getByRole('combobox', { name: /^What else goes on/ }));
    await maker.press(page.getByTitle(what).first());
  }
  await maker.type('One takes of Glue 0.7 oz', '0.004 oz', goesOn);
  await maker.type('Band, left whole', '1/2 in');
  await maker.button('+ tail');
  await maker.press(page.getByRole('combobox', { name: 'Tail 1 is cut from' }));
  await maker.press(page.getByTitle(/^Sheet/).last());
  await maker.type('Legs of tail 1', '2');
  // The second goes opposite, cut as the first.
  await maker.button('+ tail');
  await expect(page.getByText('Balanced round the axis.')).toBeVisible();
  await expect(page.getByRole('main').getByText(/thin, by the common schools/)).toHaveCount(0);
  await maker.type('Called', 'Squid');
  await maker.button('Keep it');
  await maker.button('Tie some');
  const dialog = page.getByRole('dialog', { name: /^Tie/ });
  await maker.type('How many', '4', dialog);
  await countIn(maker, dialog, [
    [/^Count Tying thread/, '100 yd'],
    [/^Count Glue/, '0.7 oz'],
    [/^Count Lure/, '6'],
  ]);
  await maker.button('Pull them and begin', dialog);
  await readCards(maker, {
    needed: [
      /Measure round the head: 13 legs/,
      /Set the 2 inner tails opposite each other/,
      /First of all: 2 legs of .* at 90°, 2 legs of .* at 270°/,
      /a band of 1\/2 in/,
      /Cut 13 legs/,
      /Wrap 13 legs of/,
      /Bind the band with waxed floss/,
      /Cut a relief beside the seam/,
      /Glue the strip over the seam/,
    ],
    barred: [/\btabs?\b/i, /tube/i, /keeper/i, /trailer/i, /24/],
  });
  await book(maker, 4);
  await costs(maker, '0.40');
  await note(maker, /^Squid/);
  maker.say('D, sheet skirts');
  const { contents } = await readBench(page);
  expect(contents.tyings.map(({ passed }) => passed)).toEqual([4]);
  const taken = contents.tyings[0]!.taken.map(({ binId, qty }) => [
    contents.bins.find(({ id }) => id === binId)?.name,
    Number(qty.toFixed(2)),
  ]);
  expect(taken).toEqual(
    expect.arrayContaining([
      ['Glue 0.7 oz', 0.45],
      ['Lure 3 1/2 in', 4],
    ]),
  );
});

test('C. thread, fur and two brothers: fur no longer than its hide, tied on heads only, two sizes side by side', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Tie skirts and hair/);
  await maker.goTo('Shelf');
  await maker.button('Put something down');
  const form = page.getByRole('dialog');
  await maker.type('Search kinds of things', 'fur', form);
  await maker.button(/^Fur/, form);
  await maker.type('How many', '10', form);
  await maker.button('Put on the shelf', form);
  await expect(form).toHaveCount(0);
  await maker.goTo('Skirt');
  await maker.button('New skirt');
  await maker.button(/^black/);
  await maker.press(page.getByRole('combobox', { name: 'Material of layer 1' }));
  await maker.press(page.getByTitle(/^Fur/).first());
  // No strand is longer than its hide, less what the thread holds.
  const furMm = (await readBench(page)).contents.bins.find(
    (bin) => bin.kind === 'strand' && bin.form === 'fur',
  )!;
  const slider = page.getByRole('slider', { name: 'Length of layer 1' });
  const most = Number(await slider.getAttribute('aria-valuemax'));
  expect(furMm.kind === 'strand' && most).toBeLessThan(furMm.kind === 'strand' ? furMm.longMm : 0);
  await expect(page.getByText('Held by: Thread, half hitches')).toBeVisible();
  await maker.type('Called', 'Small brother');
  await maker.button('Keep it');

  // The large one begins from the small one, and is kept beside it; then both lie side by side, each with its trailer.
  await maker.button('Change it');
  await maker.press(page.getByText('Drawn on: head, hook, color, guard, rattle, trailer'));
  await maker.type('Weight', '1/2 oz');
  await maker.press(page.getByRole('combobox', { name: 'Trailer' }));
  await maker.press(page.getByTitle(/^Claw trailer/).first());
  await maker.type('Called', 'Large brother');
  await maker.button('Keep as another');
  await maker.button('Compare');
  await maker.button(/^Small brother/);
  const beside = page.getByRole('main');
  await expect(beside).toContainText('Small brother 1');
  await expect(beside).toContainText('Large brother 1');
  await maker.button('Close', beside);
  await maker.button(/^Small brother/);
  await maker.button('Tie some');
  const dialog = page.getByRole('dialog', { name: /^Tie/ });
  // There is no loose one of what is wound on a hook.
  await expect(dialog.getByRole('alert')).toContainText('is wound on a hook');
  await maker.type('How many', '3', dialog);
  await putHeadsDown(maker, dialog, 'Round heads', 3);
  await maker.button('Pull them and begin', dialog);
  await readCards(maker, {
    needed: [/Lay a base of wraps/, /cross over the neck/, /Half hitches behind the head/, /cement/i],
    barred: [/\bcollar\b/i, /\btube\b/i, /rattle/i, /trailer/i, /guard/i, /\btabs?\b/i],
  });
  await book(maker, 3);
  await costs(maker, '0.40');
  await note(maker, /^Small brother/);
  maker.say('C, thread, fur and two brothers');
  const { contents } = await readBench(page);
  expect(contents.tyings.map(({ passed }) => passed)).toEqual([3]);
});

test('Q. a small shop: different jigs for a customer on one ticket, each chosen piece by piece, from head to guard and trailer', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Pour jig heads/);
  // A recipe of one tab to choose from.
  await maker.goTo('Skirt');
  await maker.button('Begin with typical tabs');
  await maker.type('Called', 'Plain');
  await maker.button('Keep it');

  // What a customer orders is found where a ticket is written.
  await maker.goTo('Ticket');
  await maker.button('New ticket');
  await maker.button('Jigs of all sorts, piece by piece');
  await maker.type('Who orders', 'Harbour kiosk');
  await maker.button(/the first piece/);
  const piece = (no: number) => page.getByRole('region', { name: `Piece ${no}` });
  // It begins with a head that the shop's own blocks give.
  await expect(piece(1).getByRole('textbox', { name: 'Weight' })).toHaveValue('3/8 oz');
  await maker.button('Put down a weed guard', piece(1));
  const guard = page.getByRole('dialog');
  await maker.type('How many', '20', guard);
  await maker.button('Put on the shelf', guard);
  await maker.button('Put down a trailer', piece(1));
  const trailer = page.getByRole('dialog');
  await maker.button(/^Claw/, trailer);
  await maker.type('How many', '20', trailer);
  await maker.button('Put on the shelf', trailer);
  await maker.button(/another piece/);
  await maker.type('Weight', '1/4 oz', piece(2));
  await maker.press(piece(2).getByRole('combobox', { name: 'Hook' }));
  await maker.press(page.getByTitle(/^Jig hook 2\/0/).first());
  await maker.button('Make the ticket');
  await expect(page.getByText('The ticket is written: 2 pieces.')).toBeVisible();

  // The slip lists all that dresses them, tabs and guards too.
  await maker.goTo('Ticket');
  const slip = page.getByRole('complementary', { name: 'Slip' });
  await expect(slip).toContainText(/Tab/);
  await expect(slip).toContainText('Fiber guard 1/8 in2');
  await expect(slip).toContainText('Claw trailer 3 in2');
  await countIn(maker, slip, [
    ['Count Lead with 4 % antimony', '5 lb'],
    ['Count Jig hook 2/0', '50'],
    ['Count Jig hook 3/0', '50'],
  ]);
  await maker.goTo('Pour');
  await pourAll(maker, 2);

  // Each is tied on its own head: its guard glued first, with its clock, its trailer last.
  await maker.goTo('Skirt');
  await maker.press(page.getByText('Tie', { exact: true }));
  for (const left of [2, 1]) {
    const waiting = page.getByRole('region', { name: 'Heads that wait' });
    await expect(waiting.getByRole('listitem')).toHaveCount(left);
    await maker.button('Tie 1', waiting);
    const tie = page.getByRole('dialog', { name: /^Tie/ });
    await maker.button('All of it lies here', tie);
    await maker.button('Pull them and begin', tie);
    await readCards(maker, {
      needed: [/Glue the guard in its hole/, /Guard glue: 10 min/, /Thread Claw trailer 3 in straight/],
      barred: [/rattle/i, /sheet/i, /thread\b.*wraps/i],
    });
    await book(maker, 1);
  }
  // What one costs, once all is priced, is what the list to hand over asks for.
  await expect(
    page.getByRole('navigation', { name: 'Next' }).getByRole('button', { name: /^To ticket/ }),
  ).toBeVisible();
  await costs(maker, '0.40');
  await maker.goTo('Ticket');
  await maker.button('Priced list');
  await expect(page.getByRole('main')).toContainText('Order, Harbour kiosk');
  await maker.goTo('Ticket');
  await maker.button('Hand over');
  await expect
    .poll(async () => (await readBench(page)).contents.tickets.map(({ state }) => state))
    .toContain('closed');
  await note(maker, /^Plain/);
  maker.say('Q, a small shop');
  const { contents } = await readBench(page);
  expect(contents.tyings.map(({ passed }) => passed)).toEqual([1, 1]);
});

test('B. accent skirts by the tube tool: held at a third, the accent cut last on the jig, lost ones asked for again', async ({
  page,
}) => {
  const maker = await newMaker(page);
  await begin(maker, /^Paint and dress bought heads/);
  await maker.goTo('Skirt');
  await maker.button('New skirt');
  await maker.button(/^black/);
  // Held elsewhere, all that was not cut follows; the long side is what is left.
  await maker.press(page.getByText(/^Held by: /));
  const long = page.getByRole('slider', { name: 'Length of layer 1' });
  const held = page.getByRole('slider', { name: 'Where along the strands' });
  await held.focus();
  const before = Number(await long.getAttribute('aria-valuemax'));
  for (let nth = 0; nth < 10; nth += 1) await held.press('ArrowRight');
  await expect.poll(async () => Number(await long.getAttribute('aria-valuemax'))).toBeLessThan(before);
  for (let nth = 0; nth < 10; nth += 1) await held.press('ArrowLeft');
  await expect.poll(async () => Number(await long.getAttribute('aria-valuemax'))).toBe(before);
  await maker.button('+ layer');
  await maker.press(page.getByText('Cut short at the collar').last());
  await maker.type('Called', 'Ember spot');
  await maker.button('Keep it');
  await maker.button('Tie some');
  const dialog = page.getByRole('dialog', { name: /^Tie/ });
  await maker.type('How many', '4', dialog);
  await maker.button('All of it lies here', dialog);
  await maker.button('Pull them and begin', dialog);
  await readCards(maker, {
    needed: [
      /Load the collar on the tube/,
      /Pull them through to a third/,
      /Pop the collar off/,
      /Roll the band up the shank/,
      /long side back. Comb/,
      /Cut the accent short/,
    ],
    barred: [/\bwraps?\b/i, /thread/i, /hitch/i, /cement/i, /rattle/i, /guard/i, /sheet/i],
  });
  // The cut is the last of all, on the jig, when it was seen how the skirt stands open.
  await expect(page.getByRole('region', { name: 'Step card' })).toContainText('Cut the accent short');
  await book(maker, 4);
  await costs(maker, '0.40');

  // What the water took is asked for again, loose skirts too.
  await maker.goTo('Water');
  await maker.press(page.getByRole('combobox', { name: 'On the line' }));
  await maker.press(page.getByTitle(/^Ember spot/).first());
  await maker.type('Hours', '2');
  await maker.button('fish: one more');
  await maker.button('lost: one more');
  await maker.button('Note it');
  await expect
    .poll(async () => (await readBench(page)).contents.waterNotes.map(({ lost }) => lost))
    .toEqual([1]);
  await maker.press(page.getByText('Replace', { exact: true }));
  await maker.button(/ticket/i, page.getByRole('main'));
  await expect
    .poll(async () => (await readBench(page)).contents.tickets.flatMap(({ wares }) => wares))
    .toMatchObject([{ kind: 'skirt' }]);

  // A refit in the boat: what a trip kit that is out has of tabs and collars is what the shelf gives there.
  await maker.goTo('Shelf');
  const { contents } = await readBench(page);
  const [tying] = contents.tyings;
  const pulled = [...new Set(tying?.taken.map(({ binId }) => binId))].map((id) =>
    contents.bins.find((bin) => bin.id === id)!,
  );
  for (const bin of pulled) {
    await page.goto(`/shelf?bin=${bin.id}`);
    const move = page.getByRole('form', { name: `Move ${bin.name}` });
    await maker.press(move.getByText('Count', { exact: true }));
    await maker.type('Counted', '4', move);
    await maker.button('Count', move);
    await expect.poll(async () => levelOf(await readBench(page), bin.id)).toBe(4);
  }
  await page.goto('/rig?part=kit');
  await maker.type('Outing', 'Pier');
  for (const bin of pulled) {
    await maker.press(page.getByRole('combobox', { name: 'A spare besides' }));
    await maker.press(page.getByTitle(bin.name, { exact: true }).last());
    await maker.type(`How many ${bin.name}`, '4');
  }
  await maker.button('Pack it');
  await expect
    .poll(async () => (await readBench(page)).contents.kits.map(({ name }) => name))
    .toEqual(['Pier']);
  await page.goto('/skirt?part=board');
  await maker.button(/^Ember spot/);
  await maker.button('Tie some');
  const refit = page.getByRole('dialog', { name: /^Tie/ });
  await maker.type('How many', '1', refit);
  await putHeadsDown(maker, refit, 'Round heads', 1);
  await maker.button(/^Take them out of kit 1, Pier/, refit);
  await maker.button('Pull them and begin', refit);
  await readCards(maker, { needed: [/Roll the band up the shank/], barred: [/thread/i, /guard/i] });
  await book(maker, 1);
  maker.say('B, accent skirts by the tube tool');
});
