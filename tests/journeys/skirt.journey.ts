import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { preyPicture } from '../support/prey-picture';
import { choose, levelOf, openStation, readBench, find } from './bench-page';
import { dragOnto, openSkirt, sharesOf, turnTo } from './skirt-bench';
import { expect, test } from './bench-test';

/** Sets a number in a field of Ant Design's and leaves it. */
async function setNumber(page: Page, name: string, value: number): Promise<void> {
  const field = page.getByRole('textbox', { name, exact: true });
  await field.fill(String(value));
  await field.press('Tab');
}

test('a recipe made by dragging shows at rest and on a stop; ten of it take exactly their tabs, halves back', async ({
  page,
}) => {
  await openStation(page, 'skirt');
  await page.getByRole('button', { name: 'New skirt' }).click();
  const layers = page.getByRole('region', { name: 'Layers, in tying order' });
  await expect(layers.getByRole('listitem')).toHaveCount(1);

  // The first layer: a whole tab of straw. Then a quarter of night eel, all round, and a half of it below.
  await layers.getByRole('button', { expanded: false }).first().click();
  await find(page, 'Material of layer 1', 'Tab, straw');
  await page.getByRole('radiogroup', { name: 'Amount of layer 1' }).getByText('1', { exact: true }).click();
  await layers.getByRole('button', { name: '+ layer' }).click();
  await find(page, 'Material of layer 2', 'Tab, night eel');
  await page.getByRole('radiogroup', { name: 'Amount of layer 2' }).getByText('¼', { exact: true }).click();
  await expect(layers.getByRole('listitem').nth(1)).toContainText('¼ tab, all round');

  const eel = 'night eel';
  const inside = (await sharesOf(page, 'shows at rest')).get(eel) ?? 0;
  const flared = (await sharesOf(page, 'shows on a stop')).get(eel) ?? 0;
  expect(flared).toBeCloseTo(5 / 25, 2);
  expect(inside).toBeLessThan(flared);
  await expect(page.getByRole('complementary', { name: 'Slip' })).toContainText('Outside lies straw');

  // Dragged to the front, night eel is tied first and ends outside.
  await layers.getByRole('button', { expanded: true }).click();
  await dragOnto(
    page,
    layers.getByRole('button', { name: 'Move layer 2, night eel' }),
    layers.getByRole('button', { name: 'Move layer 1, straw' }),
  );
  await expect(layers.getByRole('listitem').first()).toContainText('night eel');
  await expect(page.getByRole('complementary', { name: 'Slip' })).toContainText('Outside lies night eel');
  await expect
    .poll(async () => (await sharesOf(page, 'shows at rest')).get(eel) ?? 0)
    .toBeGreaterThan(inside * 1.2);
  expect((await sharesOf(page, 'shows on a stop')).get(eel)).toBeCloseTo(flared, 5);

  // By keyboard back again, and one change back.
  const grip = layers.getByRole('button', { name: 'Move layer 1, night eel' });
  await grip.focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('night eel would be tied as number 1.')).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText('night eel would be tied as number 2.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(layers.getByRole('listitem').first()).toContainText('straw');
  await page.getByRole('button', { name: 'Undo change' }).click();
  await expect(layers.getByRole('listitem').first()).toContainText('night eel');

  // Kept on this screen through a reload, then for good.
  await page.getByRole('textbox', { name: 'Called' }).fill('Quay wasp');
  await page.getByRole('textbox', { name: 'Prey' }).fill('wasp grub');
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Quay wasp');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('heading', { name: 'Board', level: 1 })).toBeVisible();
  const detail = page.getByRole('region', { name: 'Quay wasp 1' });
  await expect(detail.getByRole('img', { name: 'Quay wasp 1 on a stop' })).toBeVisible();

  // Ten of them: straw by whole tabs, night eel by quarters, the half that is over goes back.
  const before = await readBench(page);
  await detail.getByRole('button', { name: 'Tie some' }).click();
  const begin = page.getByRole('dialog', { name: 'Tie 10 × Quay wasp 1' });
  await expect(begin.getByRole('list', { name: 'Pull' })).toContainText('3 whole; a half will go back');
  await begin.getByRole('button', { name: 'Pull them and begin' }).click();
  const run = page.getByRole('complementary', { name: 'This run' });
  await expect(run).toContainText('0 of 10 tied');
  await run.getByRole('button', { name: 'End the run' }).click();
  await setNumber(page, 'Tied', 10);
  const end = page.getByRole('dialog', { name: 'Look them over' });
  await expect(end).toContainText('Back on the shelf: a half of Tab, night eel.');
  await end.getByRole('button', { name: 'Book 10 tied' }).click();
  await expect(page.getByText('What was over is back on the shelf.')).toBeVisible();

  const after = await readBench(page);
  const lost = (binId: string) => levelOf(before, binId) - levelOf(after, binId);
  expect(lost('tab-straw')).toBeCloseTo(10, 9);
  expect(lost('tab-night-eel')).toBeCloseTo(2.5, 9);
  const old = new Set(before.contents.entries.map(({ id }) => id));
  const moved = after.contents.entries
    .filter(({ id, binId }) => binId === 'tab-night-eel' && !old.has(id))
    .sort((a, b) => a.at - b.at)
    .map(({ kind, qty, pieceShare }) => [kind, qty, pieceShare]);
  expect(moved).toEqual([
    ['taken', -3, null],
    ['returned', 0.5, 0.5],
  ]);
  const kept = after.contents.skirts.find(({ name }) => name === 'Quay wasp')!;
  expect(levelOf(after, `loose-${kept.id}`)).toBe(10);
  expect(
    after.contents.bins
      .filter(({ id }) => lost(id) !== 0)
      .map(({ id }) => id)
      .sort(),
  ).toEqual([kept.collar.binId!, `loose-${kept.id}`, 'tab-night-eel', 'tab-straw'].sort());

  // The half is there as a half, and is the first to be taken next time.
  await turnTo(page, 'Materials');
  await page
    .getByRole('button', { name: /^night eel / })
    .first()
    .click();
  await expect(page.getByRole('region', { name: 'Tab, night eel' })).toContainText('whole, a half');
});

test('the card is stepped through by keyboard alone, counts every wrap, and dresses a ticket’s heads', async ({
  page,
}) => {
  await openSkirt(page, (contents) => ({
    skirts: contents.skirts.map((skirt) =>
      skirt.id === 'skirt-reed-perch-3'
        ? {
            ...skirt,
            hold: 'thread-hitches' as const,
            counts: { 'base-wraps': 3, 'spread-wraps': 1, 'tight-wraps': 4, hitches: 2 },
          }
        : skirt,
    ),
  }));
  await turnTo(page, 'Tie');
  await page.getByRole('button', { name: 'Tie 6 Reed perch 3' }).click();
  await setNumber(page, 'How many', 1);
  const before = await readBenchBehind(page);
  const card = page.getByRole('region', { name: 'Step card' });
  await page.getByRole('heading', { level: 1 }).click();

  const seen: string[] = [];
  // Guard, base 3, four layers, one loose wrap, four tight, two hitches, fold, cement, cut, accent: one skirt.
  for (let press = 0; press < 19; press += 1) {
    const words = await card.innerText();
    seen.push(/step (\d+) of/.exec(words)?.[1] ?? '');
    await page.keyboard.press('Space');
    if (press < 18) await expect.poll(() => card.innerText()).not.toBe(words);
  }
  expect(new Set(seen).size).toBe(13);
  await expect(card).toContainText('All tied');

  const run = page.getByRole('complementary', { name: 'This run' });
  await expect(run).toContainText('1 of 1 tied');
  await expect(page.getByText('Cement, tying run 5')).toBeVisible();
  await run.getByRole('button', { name: 'End the run' }).press('Enter');
  await page.getByRole('button', { name: 'Book 1 tied' }).press('Enter');
  await expect(page.getByText('What was over is back on the shelf.')).toBeVisible();
  const after = await readBench(page);
  const coated = 'head-round-14-hook-3-0-lot-14-coat-ember-perch';
  expect(levelOf(before, coated) - levelOf(after, coated)).toBe(1);
  const dressed = after.contents.bins.find(
    (bin) => bin.kind === 'head' && bin.skirtId === 'skirt-reed-perch-3',
  );
  expect(levelOf(after, dressed!.id)).toBe(1);
  // A quarter of ember was cut off what lay loose; the half of brown and of pale left its other half.
  const lost = (binId: string) => levelOf(before, binId) - levelOf(after, binId);
  expect(lost('tab-reed-green')).toBeCloseTo(1, 9);
  expect(lost('tab-silt-brown')).toBeCloseTo(0.5, 9);
  expect(lost('tab-ember-fleck')).toBeCloseTo(0.25, 9);
  await expect(page.getByRole('link', { name: /Skirt 5 to tie/ })).toBeVisible();
});

/** Begins the run in the open dialog; gives the bench as it was before. */
async function readBenchBehind(page: Page) {
  await page.getByRole('button', { name: 'Cancel' }).click();
  const before = await readBench(page);
  await page.getByRole('button', { name: 'Tie 6 Reed perch 3' }).click();
  await setNumber(page, 'How many', 1);
  await page.getByRole('button', { name: 'Pull them and begin' }).click();
  await expect(page.getByRole('region', { name: 'Step card' })).toBeVisible();
  return before;
}

test('a color that is short is named with the nearest that is there, drawn beside, and tied with', async ({
  page,
}) => {
  await openSkirt(page, (contents) => ({
    // Of pale belly nothing is left; of the others there is plenty.
    entries: contents.entries.filter(({ binId }) => binId !== 'tab-pale-belly'),
  }));
  await turnTo(page, 'Tie');
  await page.getByRole('button', { name: 'Tie Reed perch 3' }).click();
  await setNumber(page, 'How many', 4);
  const dialog = page.getByRole('dialog', { name: /^Tie 4 × Reed perch 3$/ });
  await expect(dialog.getByRole('alert')).toContainText('2 short.');
  await expect(dialog.getByRole('button', { name: 'Pull them and begin' })).toBeDisabled();
  const nearest = dialog.getByRole('alert').getByRole('button').first();
  await expect(nearest).toHaveText(/Fine tab, pale belly, difference 0\.0|Tab, straw, difference \d/);
  const other = dialog
    .getByRole('alert')
    .getByRole('button', { name: /Tab, straw/ })
    .last();
  await other.click();
  await expect(dialog.getByRole('img', { name: 'As the recipe has it' })).toBeVisible();
  await expect(dialog.getByRole('img', { name: 'With what stands for it' })).toBeVisible();
  const before = await dialog.getByRole('list', { name: 'Pull' }).innerText();
  expect(before).toContain('straw');
  await dialog.getByRole('button', { name: 'Pull them and begin' }).click();
  const run = page.getByRole('complementary', { name: 'This run' });
  await expect(run).toContainText('2 whole of Tab, straw');
  await run.getByRole('button', { name: 'End the run' }).click();
  await page.getByRole('button', { name: 'Put all back' }).click();
  await expect(page.getByText('All of it is back on the shelf.')).toBeVisible();
  const after = await readBench(page);
  expect(after.contents.tyings.find(({ no }) => no === 5)).toMatchObject({ state: 'dropped', passed: 0 });
  const used = after.contents.entries.filter(({ note }) => note === 'tying run 5');
  expect(used.reduce((so, { qty }) => so + qty, 0)).toBeCloseTo(0, 9);
});

test('a recipe goes out as a file and comes in again exactly; bad files say what is wrong', async ({
  page,
}) => {
  await openStation(page, 'skirt');
  await turnTo(page, 'Board');
  await page.getByRole('button', { name: /^Silt crab 1/ }).click();
  const save = async (name: string) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('region', { name }).getByRole('button', { name: 'Save as a file' }).click(),
    ]);
    return readFileSync(await download.path(), 'utf8');
  };
  const first = await save('Silt crab 1');
  const open = async (text: string) =>
    page
      .getByRole('main')
      .locator('input[type=file]')
      .setInputFiles({ name: 'skirt.json', mimeType: 'application/json', buffer: Buffer.from(text) });

  const file = JSON.parse(first) as {
    name: string;
    layers: unknown[];
    materials: { name: string; hex: string }[];
  };
  const moved = JSON.stringify({
    ...file,
    name: 'Visiting crab',
    materials: file.materials.map((material, index) =>
      index === 0 ? { ...material, name: 'Tab, river mud', hex: '#5a4a3a' } : material,
    ),
  });
  await open(moved);
  const dialog = page.getByRole('dialog', { name: 'Keep Visiting crab?' });
  await expect(dialog).toContainText('Tab, river mud: not on this shelf, put down empty');
  await expect(dialog).toContainText('Tab, rust spark: on this shelf');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('region', { name: 'Visiting crab 1' })).toBeVisible();
  const again = await save('Visiting crab 1');
  expect(JSON.parse(again)).toEqual(JSON.parse(moved));

  const before = await readBench(page);
  const bad: readonly (readonly [string, RegExp])[] = [
    ['not json', /not a saved Ruvek skirt/],
    ['{"format":"ruvek-bench","version":6}', /This file is not a saved Ruvek skirt/],
    [JSON.stringify({ ...file, name: '<script>alert(1)</script>' }), /damaged at name: may not hold < or >/],
    [
      JSON.stringify({ ...file, layers: Array.from({ length: 10_000 }, () => file.layers[0]) }),
      /at most 0\.25 MiB/,
    ],
    [
      JSON.stringify({ ...file, layers: [{ ...(file.layers[0] as object), lengthMm: 1e300 }] }),
      /damaged at layers\.0\.lengthMm/,
    ],
  ];
  for (const [text, says] of bad) {
    await open(text);
    await expect(page.getByRole('main').getByRole('alert')).toHaveText(says);
  }
  expect((await readBench(page)).contents.skirts).toEqual(before.contents.skirts);

  // The card goes on paper.
  const [card] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Print its card' }).click(),
  ]);
  expect(card.suggestedFilename()).toBe('ruvek-skirt-visiting-crab-1.pdf');
  expect(
    readFileSync(await card.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
});

test('the board finds by word and color, sets two side by side, and knows what the water said', async ({
  page,
}) => {
  await openStation(page, 'skirt');
  await turnTo(page, 'Board');
  const skirts = page.getByRole('list', { name: 'Skirts' }).getByRole('listitem');
  await expect(skirts).toHaveCount(7);
  await page.getByRole('searchbox', { name: 'Search skirts' }).fill('crab');
  await expect(skirts).toHaveCount(1);
  await page.getByRole('searchbox', { name: 'Search skirts' }).fill('perch');
  await skirts.first().getByRole('button').click();
  const detail = page.getByRole('region', { name: 'Reed perch 3' });
  await expect(detail).toContainText('8 fish in 5.5 h');
  await detail.getByRole('button', { name: 'Add a note from the water' }).click();
  await setNumber(page, 'Hours fished', 2);
  await page.getByRole('textbox', { name: 'Fish', exact: true }).fill('4');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(detail).toContainText('12 fish in 7.5 h');

  await detail.getByRole('button', { name: 'Compare with version 2' }).click();
  const both = page.getByRole('region', { name: 'Side by side' });
  await expect(both.getByRole('article')).toHaveCount(2);
  await expect(both.getByRole('row', { name: 'Tabs 2 ¼ 2' })).toBeVisible();
  await expect(both.getByRole('img', { name: 'Reed perch 2 on a stop' })).toBeVisible();
  await both.getByRole('button', { name: 'Close' }).click();
  await expect(detail).toBeVisible();
  await detail.getByRole('button', { name: 'Compare', exact: true }).click();
  await page.getByRole('searchbox', { name: 'Search skirts' }).fill('');
  await page.getByRole('button', { name: /^Night eel 1/ }).click();
  await expect(both.getByRole('article', { name: 'Night eel 1' })).toBeVisible();
  await turnTo(page, 'Tie');
  await expect(page.getByRole('heading', { name: 'Tie', level: 1 })).toBeVisible();
});

test('an order of pieces, each another, becomes a ticket with its colors, skirts, guards and collars', async ({
  page,
}) => {
  await openStation(page, 'skirt');
  await turnTo(page, 'Order');
  const pieces = page.getByRole('list', { name: 'Pieces' });
  const wanted = ['Ember shrimp 1', 'Kelp goby 1', 'Night eel 1', 'Pale roach 1', 'Reed perch 3'];
  for (const [index, skirt] of wanted.entries()) {
    await pieces.getByRole('button', { name: index === 0 ? 'the first piece' : 'another piece' }).click();
    const piece = page.getByRole('region', { name: `Piece ${index + 1}` });
    await expect(piece).toBeVisible();
    if (index > 0) await choose(page, 'Skirt', skirt);
    if (index === 2) await choose(page, 'Head color', 'Night eel');
    if (index === 3) await choose(page, 'Guard', 'Guard, straw');
    await expect(piece.getByRole('img', { name: `Piece ${index + 1} on a stop` })).toBeVisible();
  }
  await expect(page.getByRole('button', { name: 'Make the ticket' })).toBeDisabled();
  await page.getByRole('textbox', { name: 'Who orders' }).fill('Harbour kiosk');
  await page.getByRole('button', { name: 'Make the ticket' }).click();
  await expect(page.getByText('The ticket is written: 5 pieces.')).toBeVisible();
  const { contents } = await readBench(page);
  const ticket = contents.tickets.find(({ no }) => no === 21)!;
  expect(ticket).toMatchObject({ buyer: 'Harbour kiosk', title: 'Order, Harbour kiosk', state: 'open' });
  const names = ticket.lines.map(({ skirtId }) => {
    const skirt = contents.skirts.find(({ id }) => id === skirtId)!;
    return `${skirt.name} ${skirt.version}`;
  });
  expect(names).toEqual(wanted);
  expect(ticket.lines[2]!.coatId).toBe('coat-night-eel');
  expect(ticket.lines[3]!.guardBinId).toMatch(/^part-weed-guards/);
});

test('a photo of prey makes a recipe of what lies on the shelf', async ({ page }) => {
  await openStation(page, 'skirt');
  await page.getByRole('button', { name: 'From a photo' }).click();
  const photo = page.getByRole('region', { name: 'Colors of a photo' });
  await photo
    .locator('input[type=file]')
    .setInputFiles({ name: 'perch.png', mimeType: 'image/png', buffer: preyPicture(300, 200, () => 0) });
  await photo.getByRole('button', { name: 'A skirt of these colors' }).click();
  const layers = page.getByRole('region', { name: 'Layers, in tying order' }).getByRole('listitem');
  await expect(layers).not.toHaveCount(0);
  expect(await layers.count()).toBeLessThanOrEqual(3);
  await expect(page.getByRole('region', { name: 'Fullness' })).toContainText('strands a mm of collar');
});
