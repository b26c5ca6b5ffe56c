import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { predictCasting } from '../../src/core/cavities/predict-casting';
import { layRig } from '../../src/core/rigs/lay-rig';
import type { BenchFile } from '../../src/records/bench-file';
import type { RigRecord } from '../../src/records/rig';
import { rigPieceOf } from '../../src/records/rig-piece';
import { PAPERS, SIDE_MM } from '../../src/data/exchange/board/board';
import { strokesOf } from '../support/pdf-strokes';
import { choose, levelOf, openStation, readBench } from './bench-page';
import { expect, test } from './bench-test';

type Part = 'Rig' | 'Board' | 'Run' | 'Rolls' | 'Matches' | 'Trip kit';

async function turnTo(page: Page, part: Part): Promise<void> {
  await page.getByRole('radiogroup', { name: 'What to do' }).getByText(part, { exact: true }).click();
}

async function newRig(page: Page, kind: string): Promise<void> {
  await page.getByRole('button', { name: 'New rig' }).click();
  await page.getByRole('menuitem', { name: kind, exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('A new rig');
}

/** Takes an item in hand from the list, the first of that name. */
async function takeInHand(page: Page, name: string): Promise<void> {
  const list = page.getByRole('region', { name: 'From the top down' });
  await list.getByRole('button', { name }).first().click();
  await expect(page.getByRole('region', { name: `In hand: ${name}` })).toBeVisible();
}

/** What keeps the rig from being made. */
const stops = (page: Page) => page.getByRole('list', { name: 'What to look at' }).getByRole('alert');

async function keepAs(page: Page, name: string): Promise<void> {
  await page.getByLabel('Called').fill(name);
  await page.getByRole('button', { name: 'Keep it', exact: true }).click();
  await expect(page.getByRole('region', { name: `${name} 1` })).toBeVisible();
}

/** Everything that is upright in a PDF, by its place across the sheet and its length, mm. */
function uprights(pdf: Uint8Array): { x: number; tall: number; y: number }[] {
  return strokesOf(pdf)
    .filter(({ from, to }) => Math.abs(from[0] - to[0]) < 0.001)
    .map(({ from, to }) => ({ x: from[0], tall: Math.abs(from[1] - to[1]), y: (from[1] + to[1]) / 2 }));
}

async function download(page: Page, button: string): Promise<Uint8Array> {
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button, exact: true }).click(),
  ]);
  return new Uint8Array(readFileSync(await file.path()));
}

const lengthsIn = (file: BenchFile, binId: string) => {
  const sums = new Map<string, number>();
  for (const { binId: on, lengthId, qty } of file.contents.entries) {
    if (on === binId && lengthId !== null) sums.set(lengthId, (sums.get(lengthId) ?? 0) + qty);
  }
  return sums;
};

test('a two-hook cable set: wrong crimp and wrong tube are refused by name; twenty are cut and made, the shelf right to the millimeter', async ({
  page,
}) => {
  await openStation(page, 'rig');
  await newRig(page, 'Cable hook set');
  const lure = page.getByLabel('Lure', { exact: true });
  await lure.fill('15 cm');
  await lure.press('Tab');
  await expect(lure).toHaveValue('150 mm');
  await page.getByRole('radiogroup', { name: 'Reach' }).getByText('long', { exact: true }).click();
  // 0.55 of the lure from eye to eye, written on the drawing.
  await expect(page.locator('[data-dimension="between"] text')).toHaveText('83');
  await expect(page.getByText('Everything fits.')).toBeVisible();

  await takeInHand(page, 'Crimp 1.2 mm');
  await choose(page, 'Crimp', 'Crimp 0.8 mm');
  await expect(stops(page).first()).toHaveText(
    'Crimp 0.8 mm is 0.8 mm inside; Cable 18 kg takes 1.2 mm. Take Crimp 1.2 mm.',
  );
  await page.getByRole('button', { name: 'Take Crimp 1.2 mm' }).first().click();
  await expect(page.getByText('Everything fits.')).toBeVisible();

  await takeInHand(page, 'Shrink tube 3.2 mm');
  await choose(page, 'Tube', 'Shrink tube 2.4 mm');
  await expect(stops(page)).toContainText(
    'Shrink tube 2.4 mm is 2.4 mm inside; to go flat over the eye of Rig hook, wide 2/0 it needs 2.92 mm. Take Shrink tube 3.2 mm.',
  );
  await choose(page, 'Tube', 'Shrink tube 6.4 mm');
  await expect(stops(page)).toContainText('it slips. Take Shrink tube 3.2 mm.');
  await page.getByRole('button', { name: 'Take Shrink tube 3.2 mm' }).click();
  await expect(page.getByText('Everything fits.')).toBeVisible();
  // Onto the bend it may not go.
  const cut = page.getByLabel('Cut to', { exact: true });
  await cut.fill('40');
  await expect(stops(page)).toContainText('onto the bend');
  await page.getByRole('button', { name: 'Undo change' }).click();
  await expect(page.getByText('Everything fits.')).toBeVisible();

  await keepAs(page, 'Harbor set');
  const before = await readBench(page);
  await page.getByRole('button', { name: 'Make some' }).click();
  const begin = page.getByRole('dialog', { name: 'Make 20 × Harbor set 1' });
  await expect(begin.getByText('Proven: no other way opens less.')).toBeVisible();
  await begin.getByRole('button', { name: 'Cut and begin' }).click();
  await expect(begin).toHaveCount(0);

  const cuts = page.getByRole('region', { name: 'Cut card' });
  await expect(cuts).toContainText('Cut 1 of 80');
  await page.keyboard.press('Space');
  await expect(cuts).toContainText('Cut 2 of 80');
  await page.keyboard.press('Backspace');
  await expect(cuts).toContainText('Cut 1 of 80');
  await cuts.getByRole('button', { name: 'All of it is cut' }).click();
  const card = page.getByRole('region', { name: 'Step card' });
  await expect(card.getByRole('heading', { level: 2 })).toHaveText('Lay its lengths ready');
  await page.keyboard.press('Space');
  await expect(card.locator('header p')).toContainText('rig 2 of 20');

  await page.getByRole('button', { name: 'End the run' }).click();
  const end = page.getByRole('dialog', { name: 'Look them over' });
  await end.getByRole('textbox', { name: 'Made', exact: true }).fill('20');
  await end.getByRole('textbox', { name: 'Failed: crimp slipped' }).fill('1');
  await end.getByRole('checkbox', { name: /Strip the failed ones/ }).uncheck();
  await end.getByRole('button', { name: 'Book 19 made' }).click();
  await expect(page.getByText('19 lie in the rig wallet.')).toBeVisible();

  const after = await readBench(page);
  const rig = after.contents.rigs.find(({ name }) => name === 'Harbor set')!;
  const run = after.contents.riggings.find(({ rigId }) => rigId === rig.id)!;
  expect(run).toMatchObject({ state: 'made', count: 20, passed: 19, rigId: rig.id });
  const by = (binId: string) => levelOf(after, binId) - levelOf(before, binId);
  // Two hooks, four crimps and a swivel each; nothing else of the counted bins.
  const counted = rig.items.filter(({ lengthMm }) => lengthMm === null);
  const each = new Map<string, number>();
  for (const { binId, count } of counted) each.set(binId, (each.get(binId) ?? 0) + count);
  expect([...each.values()].sort()).toEqual([1, 2, 4]);
  for (const [binId, count] of each) expect(by(binId)).toBe(-20 * count);
  expect(by(`rig-${rig.id}`)).toBe(19);
  // Of every roll just what was cut from it is gone, and what is long enough is still there.
  for (const binId of new Set(run.cut.map((piece) => piece.binId))) {
    const [was, is] = [lengthsIn(before, binId), lengthsIn(after, binId)];
    let used = 0;
    for (const { lengthId, cuts: made, leftMm, isKept } of run.cut.filter((piece) => piece.binId === binId)) {
      const cutMm = made.reduce((sum, { lengthMm, count }) => sum + lengthMm * count, 0);
      expect(is.get(lengthId!)).toBeCloseTo(isKept ? was.get(lengthId!)! - cutMm : 0, 6);
      expect(leftMm).toBeCloseTo(was.get(lengthId!)! - cutMm, 6);
      used += isKept ? cutMm : was.get(lengthId!)!;
    }
    expect(by(binId)).toBeCloseTo(-used, 6);
  }
  const untouched = after.contents.bins.filter(
    ({ id }) => !each.has(id) && !run.cut.some(({ binId }) => binId === id) && id !== `rig-${rig.id}`,
  );
  expect(untouched.filter(({ id }) => Math.abs(by(id)) > 1e-9)).toEqual([]);
  expect(run.cut.some(({ isKept }) => isKept)).toBe(true);

  await turnTo(page, 'Rolls');
  const kept = run.cut.find(({ isKept }) => isKept)!;
  const bin = after.contents.bins.find(({ id }) => id === kept.binId)!;
  const left = kept.leftMm >= 2000 ? `${kept.leftMm / 1000} m` : `${kept.leftMm} mm`;
  await expect(page.getByLabel(bin.name, { exact: true })).toContainText(`${left}, cut from`);
});

test('an assist hook that would foul is caught, the next sizes offered; it hangs on the jig as drawn', async ({
  page,
}) => {
  await openStation(page, 'rig');
  await newRig(page, 'Assist hook');
  await expect(page.getByText('Everything fits.')).toBeVisible();
  await page
    .getByRole('region', { name: 'From the top down' })
    .getByRole('button', { name: /Rig hook, wide 4\/0/ })
    .click();
  await choose(page, 'Hook', 'Assist hook 3/0');
  await expect(stops(page).filter({ hasText: 'fouls' })).toHaveText(
    'Assist hook 3/0 has a gape of 16.2 mm beside a body of 16 mm: of the size between, it fouls. Assist hook 1/0 or Rig hook, wide 4/0 clears it.',
  );
  const jig = page.getByRole('region', { name: 'On the jig' });
  await expect(jig.getByRole('img')).toHaveAttribute('aria-label', /its gape fouls the body$/);
  await page.getByRole('button', { name: 'Take Assist hook 1/0' }).click();
  await expect(page.getByText('Everything fits.')).toBeVisible();
  await expect(jig.getByRole('img')).toHaveAttribute('aria-label', /its gape stays out of the body$/);
  await jig.getByText('Pulled', { exact: true }).click();
  await expect(jig).toContainText('% of the jig');
  // A cord too long lets it hang in the lower half.
  await page.getByRole('textbox', { name: 'Hook reaches down' }).fill('80');
  await page.getByRole('textbox', { name: 'Hook reaches down' }).press('Tab');
  await expect(page.getByRole('list', { name: 'What to look at' })).toContainText('Shorten the cord.');
});

test('a graded set of weights in cord is kept, and its gauge printed to true size', async ({ page }) => {
  await openStation(page, 'rig');
  await newRig(page, 'Bead weight in cord');
  await page.getByLabel('Called').fill('Reef cord');
  const graded = page.getByRole('region', { name: 'A graded set' });
  await graded.getByLabel('Weights').fill('20, nine');
  await expect(graded).toContainText('Write weights up to 500 g');
  await expect(graded.getByRole('button', { name: 'Keep the set' })).toBeDisabled();
  await graded.getByLabel('Weights').fill('20, 30, 60');
  await expect(graded.getByRole('listitem')).toHaveCount(3);
  await expect(graded.getByRole('listitem').nth(1)).toContainText('24 shot, cord 160 mm');

  const pdf = await download(page, 'Print the gauge');
  const marks = uprights(pdf);
  // Of each gauge the ends and seals: 16, 24 and 47 shot of 6 mm, seals of 8 mm.
  for (const shots of [16, 24, 47]) {
    for (const mm of [0, 8, 8 + shots * 6, 16 + shots * 6]) {
      const roomMm = PAPERS.a4.wideMm - 2 * SIDE_MM;
      const x = mm <= roomMm ? SIDE_MM + mm : SIDE_MM + mm - (roomMm - 16);
      expect(marks.filter((mark) => Math.abs(mark.x - x) < 0.05).length).toBeGreaterThan(0);
    }
  }
  await graded.getByRole('button', { name: 'Keep the set' }).click();
  await expect(page.getByText('Kept: Reef cord 20, Reef cord 30, Reef cord 60.')).toBeVisible();
  const { contents } = await readBench(page);
  const shots = (name: string) =>
    contents.rigs.find((rig) => rig.name === name)?.items.find(({ place }) => place === 'shot')?.count;
  expect(['Reef cord 20', 'Reef cord 30', 'Reef cord 60'].map(shots)).toEqual([16, 24, 47]);
});

test('a feeder’s cast plate goes to Molds as a new cavity that casts its weight', async ({ page }) => {
  await openStation(page, 'rig');
  await newRig(page, 'Feeder or method lead');
  await page.getByLabel('Called').fill('Tench cap');
  const weight = page.getByRole('textbox', { name: 'Cast plate' });
  await weight.fill('45 g');
  await weight.press('Tab');
  const plate = page.getByRole('region', { name: 'Cast plate' });
  await plate.getByRole('textbox', { name: 'Plate long' }).fill('34');
  await plate.getByRole('textbox', { name: 'Plate long' }).press('Tab');
  await expect(plate.getByRole('img', { name: /^Plate of 34 mm by 20 mm/ })).toBeVisible();
  await plate.getByRole('button', { name: 'Send it to Molds' }).click();
  await expect(page).toHaveURL(/\/molds$/);
  await expect(page.getByText('Board, Tench cap plate').first()).toBeVisible();
  const { contents } = await readBench(page);
  const mold = contents.molds.find(({ name }) => name === 'Board, Tench cap plate')!;
  const [cavity] = mold.cavities;
  expect(mold.kind).toBe('board');
  expect(cavity).toMatchObject({ style: 'plate', nominalG: 45 });
  const metal = contents.bins.find((bin) => bin.kind === 'metal' && /lead/i.test(bin.name));
  if (metal?.kind !== 'metal') throw new Error('the demo has lead');
  const lots = contents.bins.filter((bin) => bin.kind === 'metal');
  const weights = lots.flatMap((lot) => {
    const cast = predictCasting(cavity!.volumeCm3, lot, cavity!.inserts);
    return cast.ok ? [cast.value.finishedG] : [];
  });
  expect(weights.some((g) => Math.abs(g - 45) < 1e-6)).toBe(true);
});

test('the mark board prints on A4 and on Letter, every mark within 0.05 mm, cut where it is longer than the paper', async ({
  page,
}) => {
  await openStation(page, 'rig');
  await turnTo(page, 'Board');
  await page.getByRole('button', { name: /^Flounder two-up 1/ }).click();
  await page
    .getByRole('region', { name: 'Flounder two-up 1' })
    .getByRole('button', { name: 'Change it' })
    .click();
  const { contents } = await readBench(page);
  const record = contents.rigs.find(({ name }) => name === 'Flounder two-up') as RigRecord;
  const pieces = new Map(contents.bins.flatMap((bin) => [[bin.id, rigPieceOf(bin)] as const]));
  const items = record.items.map((item) => ({ ...item, part: pieces.get(item.binId)! }));
  const laid = layRig({ items });
  const lies = laid.items.filter(({ item }) => item.part.gauge.as !== 'line').map(({ fromMm }) => fromMm);
  expect(laid.lengthMm).toBeGreaterThan(1000);
  for (const paper of ['A4', 'Letter'] as const) {
    const { wideMm } = PAPERS[paper === 'A4' ? 'a4' : 'letter'];
    await page.getByRole('radiogroup', { name: 'Paper' }).getByText(paper, { exact: true }).click();
    const marks = uprights(await download(page, 'Print the mark board'));
    const [roomMm, lapMm] = [wideMm - 2 * SIDE_MM, 16];
    for (const mm of lies) {
      const nth = Math.floor(mm / (roomMm - lapMm));
      const x = SIDE_MM + mm - nth * (roomMm - lapMm);
      expect(marks.filter((mark) => Math.abs(mark.x - x) < 0.05).length).toBeGreaterThan(0);
    }
    // Crosses where the pieces lap: as many above as below.
    const cuts = Math.ceil((laid.lengthMm - lapMm) / (roomMm - lapMm)) - 1;
    const crosses = marks.filter(({ tall, x }) => {
      const isAtLap = [SIDE_MM + lapMm / 2, SIDE_MM + roomMm - lapMm / 2].some(
        (at) => Math.abs(x - at) < 0.05,
      );
      return isAtLap && Math.abs(tall - 8) < 0.05;
    });
    expect(crosses.length).toBeGreaterThanOrEqual(cuts * 4);
  }
});

test('a match tried goes before the typical one; an allowance learned changes the cut; a kit goes out and comes home', async ({
  page,
}) => {
  await openStation(page, 'rig');
  await turnTo(page, 'Matches');
  const tried = page.getByRole('textbox', { name: 'Crimp by cable, 0.47 to 0.56 mm: what you tried' });
  await tried.fill('1.4');
  // A number tried is kept when the field is left.
  await tried.press('Tab');
  await page.getByRole('textbox', { name: 'Was cut' }).fill('180');
  await page.getByRole('textbox', { name: 'Came out' }).fill('240');
  await choose(page, 'Way of ending', 'Crimped loop');
  await expect(page.getByText('It cannot come out longer')).toBeVisible();
  await page.getByRole('textbox', { name: 'Came out' }).fill('130');
  await page.getByRole('button', { name: 'Learn 25 mm' }).click();
  await expect(page.getByRole('region', { name: 'What ends take' })).toContainText(
    'from a piece cut to 180 mm that came out 130 mm',
  );

  await turnTo(page, 'Rig');
  await newRig(page, 'Cable hook set');
  await expect(page.getByRole('button', { name: /^Crimp 1.4 mm/ }).first()).toBeVisible();
  // 60 mm finished and 25 for each loop.
  await expect(page.getByRole('region', { name: 'Its sums' })).toContainText('110 mm');

  await turnTo(page, 'Trip kit');
  const before = await readBench(page);
  const pack = page.getByRole('form', { name: 'Pack a kit' });
  await pack.getByLabel('Outing').fill('Evening tide');
  await pack.getByRole('textbox', { name: 'How many Bass runner 1' }).fill('3');
  await pack.getByRole('button', { name: 'Pack it' }).click();
  const kit = page.getByRole('region', { name: 'Kit 2' });
  await expect(kit).toContainText('Evening tide');
  await kit.getByRole('textbox', { name: 'Back of Bass runner 1' }).fill('1');
  await kit.getByRole('button', { name: 'Book it back' }).click();
  await expect(page.getByText('Kit 2, Evening tide: 2 used or lost of 3')).toBeVisible();
  const after = await readBench(page);
  const bin = 'rig-rig-bass-runner-1';
  expect(levelOf(after, bin) - levelOf(before, bin)).toBe(-2);
});
