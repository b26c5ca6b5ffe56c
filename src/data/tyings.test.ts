import 'fake-indexeddb/auto';
import { PLAIN_NOTE } from '@/records/water-note';
import { testWorkshop } from '../../tests/support/test-bench';
import type { Tying } from '@/records/tying';
import type { NewBin } from '@/records/plain-bin';
import type { NewSkirt } from '@/records/skirt';

const DRYING = { what: 'Cement', minutes: 20 };
const common = { place: 'Drawer', lowAt: null, note: '' };

function tab(name: string): NewBin {
  return {
    ...common,
    kind: 'strand',
    form: 'tab',
    unit: 'pieces',
    name,
    hex: '#5f6f35',
    flakes: [],
    translucency: 0,
    strandWidthMm: 1,
    strandsPerTab: 20,
    longMm: 130,
    massG: 0.6,
    costEach: null,
  };
}

/** Ten tabs, a half and two quarters of straw; five bare heads; a recipe of three quarters of a tab. */
async function bench() {
  const { db, workshop } = testWorkshop();
  const straw = await workshop.shelf.add(tab('Tab, straw'), 10);
  const enter = (qty: number, pieceShare: number) =>
    db.entries.add({
      id: `cut-${pieceShare}`,
      at: 1,
      binId: straw,
      kind: 'returned',
      qty,
      note: '',
      pieceShare,
      ticketId: null,
      lineId: null,
      runId: null,
      lengthId: null,
      unitCost: null,
      reverses: null,
    });
  await enter(0.5, 0.5);
  await enter(0.5, 0.25);
  const heads = await workshop.shelf.add(
    {
      ...common,
      kind: 'head',
      unit: 'pieces',
      name: 'Rounds',
      style: 'round',
      nominalG: 10,
      hookBinId: null,
      metalBinId: null,
      coatId: null,
      skirtId: null,
      bought: null,
      costEach: null,
    },
    5,
  );
  const recipe: NewSkirt = {
    family: null,
    name: 'Straw',
    prey: '',
    hold: 'wire',
    counts: {},
    wrap: null,
    tails: [],
    note: '',
    layers: [
      {
        id: 'l',
        binId: straw,
        amount: { by: 'tabs', tabs: 0.75 },
        place: { at: 'round' },
        lengthMm: 60,
        isShort: false,
        isForward: true,
      },
    ],
    collar: { binId: null, diameterMm: 6, atShare: 0.33, headSideMm: 7 },
    shownOn: {
      style: 'round',
      nominalG: 10,
      hookBinId: null,
      coatId: null,
      guardBinId: null,
      rattleBinId: null,
      trailerBinId: null,
    },
  };
  const skirt = await workshop.skirts.keep(recipe);
  const level = async (binId: string) => (await workshop.shelf.ledger()).levels.get(binId) ?? 0;
  const begin = (count: number, headBinId: string | null, pieces: { share: number; count: number }[]) =>
    workshop.tyings.begin({
      skirtId: skirt.id,
      count,
      way: 'one-by-one',
      headBinId,
      ticketId: null,
      lineId: null,
      swaps: [],
      taken: [{ binId: straw, pieces, qty: 0 }],
    });
  const end = (id: string, passed: number, putBack: Tying['putBack'] = [], failed: Tying['failed'] = []) =>
    workshop.tyings.end(id, { passed, failed, putBack, massG: null });
  return { db, workshop, straw, heads, recipe, skirt, level, begin, end };
}

describe('runs of skirts', () => {
  it('give the very pieces back when a run is undone', async () => {
    const { workshop, begin } = await bench();
    const halves = async () =>
      (await workshop.shelf.ledger()).cutEntries
        .filter(({ pieceShare }) => pieceShare === 0.5)
        .reduce((sum, { qty }) => sum + qty, 0);
    expect(await begin(1, null, [{ share: 0.5, count: 1 }])).toMatchObject({ ok: true });
    expect(await halves()).toBeCloseTo(0, 9);
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect(await halves()).toBeCloseTo(0.5, 9);
  });

  it('take exactly the pieces named, piece by piece, and put back what is over as what it is', async () => {
    const { workshop, straw, skirt, level, begin, end } = await bench();
    const begun = await begin(2, null, [
      { share: 1, count: 1 },
      { share: 0.5, count: 1 },
    ]);
    if (!begun.ok) throw new Error('it may begin');
    expect(begun.value).toMatchObject({
      no: 1,
      state: 'tying',
      passed: 0,
      isThrough: false,
      card: { step: 0, piece: 0, counted: 0 },
    });
    expect(await level(straw)).toBeCloseTo(9.5, 9);

    const back = [{ binId: straw, pieces: [{ share: 0.25, count: 1 }], qty: 0 }];
    const ended = await end(begun.value.id, 2, back);
    expect(ended).toMatchObject({ ok: true, value: { state: 'tied', passed: 2, inHand: null } });
    expect(await level(straw)).toBeCloseTo(9.75, 9);
    expect(await level(`loose-${skirt.id}`)).toBe(2);
    const cut = (await workshop.shelf.ledger()).cutEntries.map(({ qty, pieceShare }) => [pieceShare, qty]);
    expect(cut.sort()).toEqual([
      [0.25, 0.25],
      [0.25, 0.5],
      [0.5, -0.5],
      [0.5, 0.5],
    ]);
    expect(await end(begun.value.id, 2, back)).toMatchObject({
      ok: false,
      problem: { code: 'bench.card-run-ended', of: 'skirts', no: 1 },
    });
  });

  it('refuse pieces that are not there, a second run, and more heads than lie there; nothing is written', async () => {
    const { db, workshop, straw, heads, level, begin } = await bench();
    const acts = await db.acts.count();
    expect(await begin(1, null, [{ share: 0.5, count: 2 }])).toMatchObject({
      ok: false,
      problem: { code: 'bench.too-little', bin: 'Tab, straw' },
    });
    expect(await begin(1, null, [{ share: 1, count: 11 }])).toMatchObject({ ok: false });
    expect(await begin(6, heads, [{ share: 1, count: 1 }])).toMatchObject({
      ok: false,
      problem: { code: 'bench.too-little', bin: 'Rounds', onHand: 5, asked: 6 },
    });
    expect(await db.acts.count()).toBe(acts);
    expect(await level(straw)).toBe(11);
    expect(await begin(1, null, [{ share: 1, count: 1 }])).toMatchObject({ ok: true });
    expect(await begin(1, null, [{ share: 1, count: 1 }])).toMatchObject({
      ok: false,
      problem: { code: 'bench.card-run-on', of: 'skirts' },
    });
    expect(await workshop.tyings.all()).toHaveLength(1);
  });

  it('dress heads: they lie in a bin of their own with the skirt, and undo brings all back', async () => {
    const { workshop, heads, skirt, level, begin, end } = await bench();
    const begun = await begin(3, heads, [{ share: 1, count: 3 }]);
    if (!begun.ok) throw new Error('it may begin');
    await end(begun.value.id, 3);
    const dressed = (await workshop.shelf.bins()).find(
      (bin) => bin.kind === 'head' && bin.skirtId === skirt.id,
    );
    expect(dressed).toMatchObject({ name: 'Rounds, Straw 1', style: 'round' });
    expect([await level(heads), await level(dressed!.id)]).toEqual([2, 3]);
    await workshop.history.undo();
    expect([await level(heads), await level(dressed!.id)]).toEqual([5, 0]);
    expect((await workshop.tyings.all())[0]).toMatchObject({ state: 'tying', passed: 0 });
  });

  it('book what passed, keep why the others failed, and leave the heads of those bare', async () => {
    const { workshop, heads, skirt, level, begin, end } = await bench();
    const begun = await begin(3, heads, [{ share: 1, count: 3 }]);
    if (!begun.ok) throw new Error('it may begin');
    const failed = [{ reason: 'bald spot', count: 1 }];
    expect(await end(begun.value.id, 2, [], failed)).toMatchObject({
      ok: true,
      value: { state: 'tied', passed: 2, failed },
    });
    const dressed = (await workshop.shelf.bins()).find(
      (bin) => bin.kind === 'head' && bin.skirtId === skirt.id,
    );
    expect([await level(heads), await level(dressed!.id)]).toEqual([3, 2]);
  });

  it('refuse to put back more than was taken, whole tabs and pieces together', async () => {
    const { straw, level, begin, end } = await bench();
    const begun = await begin(2, null, [{ share: 1, count: 1 }]);
    if (!begun.ok) throw new Error('it may begin');
    const back = [{ binId: straw, pieces: [{ share: 0.75, count: 1 }], qty: 0.5 }];
    expect(await end(begun.value.id, 1, back)).toMatchObject({
      problem: { code: 'bench.more-back-than-taken', taken: 1, back: 1.25 },
    });
    expect(await level(straw)).toBe(10);
  });

  it('count every press of the card, however fast they come, and stand while they rest', async () => {
    const { workshop, begin } = await bench();
    const begun = await begin(2, null, [{ share: 1, count: 2 }]);
    if (!begun.ok) throw new Error('it may begin');
    const { id } = begun.value;
    const times = [0, 3];
    const drying = [null, DRYING];
    const press = () => workshop.tyings.press(id, times, drying);
    await Promise.all(Array.from({ length: 3 }, press));
    expect((await workshop.tyings.all())[0]).toMatchObject({ card: { step: 1, piece: 0, counted: 2 } });
    await workshop.tyings.pressBack(id, times.length);
    expect((await workshop.tyings.all())[0]).toMatchObject({ card: { step: 1, counted: 1 } });
    await workshop.tyings.turnTo(id, 0);
    expect((await workshop.tyings.all())[0]).toMatchObject({ card: { step: 0, piece: 0, counted: 0 } });
    for (let time = 0; time < 20; time += 1) await press();
    expect((await workshop.tyings.all())[0]).toMatchObject({ isThrough: true, card: { step: 1, piece: 1 } });
    // What is through is not turned any more.
    await workshop.tyings.turnTo(id, 0);
    expect((await workshop.tyings.all())[0]).toMatchObject({ isThrough: true, card: { step: 1 } });
    // However often it is pressed on, the cement dries once, from the last one on.
    expect(await workshop.clocks.all()).toMatchObject([{ name: 'Cement, tying run 1' }]);

    const rested = await workshop.tyings.rest(id, true);
    expect(rested).toMatchObject({ ok: true, value: { inHand: null } });
    if (!rested.ok) throw new Error('it may rest');
    expect(rested.value.seconds).toBeGreaterThan(0);
    const again = await workshop.tyings.rest(id, false);
    expect(again).toMatchObject({ ok: true, value: { seconds: rested.value.seconds } });
  });

  it('pull loose skirts over heads, as many as both lie there', async () => {
    const { workshop, heads, skirt, level, begin, end } = await bench();
    const begun = await begin(2, null, [{ share: 1, count: 2 }]);
    if (!begun.ok) throw new Error('it may begin');
    await end(begun.value.id, 2);
    const dressing = { skirtId: skirt.id, headBinId: heads, ticketId: null, lineId: null };
    expect(await workshop.tyings.dress({ ...dressing, count: 3 })).toMatchObject({ ok: false });
    expect(await level(heads)).toBe(5);
    expect(await workshop.tyings.dress({ ...dressing, count: 2 })).toMatchObject({ ok: true });
    expect([await level(heads), await level(`loose-${skirt.id}`)]).toEqual([3, 0]);
  });
});

describe('recipes of skirts', () => {
  it('are kept version by version; what was said of one is changed, what it is made of never', async () => {
    const { workshop, recipe, skirt } = await bench();
    const second = await workshop.skirts.keep({ ...recipe, family: skirt.family, name: 'Straw, fuller' });
    expect(second).toMatchObject({ family: skirt.family, version: 2 });
    expect((await workshop.skirts.all()).find(({ id }) => id === skirt.id)).toEqual(skirt);
    await workshop.skirts.note(skirt.id, 'too thin');
    await workshop.skirts.putAway(skirt.family, true);
    expect((await workshop.skirts.all()).map(({ retired, note }) => [retired, note]).sort()).toEqual([
      [true, ''],
      [true, 'too thin'],
    ]);
    expect(await workshop.skirts.note('gone', 'x')).toMatchObject({
      ok: false,
      problem: { code: 'bench.gone', what: 'skirt' },
    });
  });

  it('come in from a file with empty bins for what is not on the shelf, in one act', async () => {
    const { db, workshop, recipe, straw } = await bench();
    const before = await db.acts.count();
    const kept = await workshop.skirts.bringIn([straw, tab('Tab, moss')], (binIds) => ({
      ...recipe,
      layers: binIds.map((binId, index) => ({ ...recipe.layers[0]!, id: `l${index}`, binId })),
    }));
    expect(kept.layers.map(({ binId }) => binId)[0]).toBe(straw);
    const moss = (await workshop.shelf.bins()).find(({ name }) => name === 'Tab, moss');
    expect(kept.layers[1]!.binId).toBe(moss!.id);
    expect(await db.acts.count()).toBe(before + 1);
    await workshop.history.undo();
    expect((await workshop.shelf.bins()).some(({ name }) => name === 'Tab, moss')).toBe(false);
  });

  it('keep what the water said of them', async () => {
    const { workshop, skirt } = await bench();
    await workshop.water.note({
      ...PLAIN_NOTE,
      of: { kind: 'skirt', id: skirt.id },
      hours: 2,
      fish: 3,
      place: 'Weir',
    });
    expect(await workshop.water.all()).toMatchObject([{ of: { kind: 'skirt', id: skirt.id }, fish: 3 }]);
  });
});
