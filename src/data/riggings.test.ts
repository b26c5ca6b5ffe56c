import { demoBench } from '@/demo/demo-bench';
import type { CutLength } from '@/records/rig';
import { testWorkshop } from '../../tests/support/test-bench';

const TODAY = Date.UTC(2026, 10, 23, 12);
const [CABLE, ROLL] = ['part-line-and-cord-4', 'line-and-cord-4-1'];
const SWIVEL = 'part-swivels-3';

async function bench() {
  const opened = testWorkshop();
  await opened.workshop.backup.restore(demoBench(TODAY));
  const level = async (id: string) => (await opened.workshop.shelf.ledger()).levels.get(id) ?? 0;
  const lengths = async () => {
    const sums = new Map<string, number>();
    for (const { lengthId, qty } of (await opened.workshop.shelf.ledger()).lengthEntries) {
      sums.set(lengthId ?? '', (sums.get(lengthId ?? '') ?? 0) + qty);
    }
    return sums;
  };
  const [rig] = (await opened.workshop.rigs.all()).filter(({ name }) => name === 'Pike set, 180 shad');
  return { ...opened, level, lengths, rig: rig! };
}

const cut = (fromMm: number, to: Partial<CutLength> = {}): CutLength => ({
  binId: CABLE,
  lengthId: ROLL,
  fromMm,
  leftMm: fromMm - 1500,
  isKept: true,
  cuts: [{ name: 'Cable, 100 mm', lengthMm: 100, count: 15 }],
  ...to,
});

describe('riggings', () => {
  it('take parts and cut lengths in one act, and give all of it back by one undo', async () => {
    const { workshop, level, lengths, rig } = await bench();
    const [cable, swivels] = [await level(CABLE), await level(SWIVEL)];
    const mm = (await lengths()).get(ROLL)!;
    const taken = [{ binId: SWIVEL, qty: 5 }];
    const begun = await workshop.riggings.begin({
      rigId: rig.id,
      count: 5,
      way: 'by-station',
      taken,
      cut: [cut(mm)],
    });
    expect(begun).toMatchObject({ ok: true, value: { state: 'rigging', no: 4, cutDone: 0 } });
    expect(await level(SWIVEL)).toBe(swivels - 5);
    expect(await level(CABLE)).toBeCloseTo(cable - 1500, 9);
    expect((await lengths()).get(ROLL)).toBeCloseTo(mm - 1500, 9);
    const again = await workshop.riggings.begin({
      rigId: rig.id,
      count: 1,
      way: 'one-by-one',
      taken: [],
      cut: [],
    });
    expect(again).toMatchObject({ ok: false, problem: { code: 'bench.card-run-on', of: 'rigs' } });
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect([await level(SWIVEL), await level(CABLE)]).toEqual([swivels, cable]);
    expect((await lengths()).get(ROLL)).toBeCloseTo(mm, 9);
    expect((await workshop.riggings.all()).some(({ state }) => state === 'rigging')).toBe(false);
  });

  it('throw away what is too short to keep, and what the blade ate', async () => {
    const { workshop, lengths, rig } = await bench();
    const mm = (await lengths()).get(ROLL)!;
    const begun = await workshop.riggings.begin({
      rigId: rig.id,
      count: 1,
      way: 'one-by-one',
      taken: [],
      cut: [cut(mm, { leftMm: mm - 1514, isKept: false })],
    });
    expect(begun.ok).toBe(true);
    expect((await lengths()).get(ROLL)).toBeCloseTo(0, 9);
    const lost = (await workshop.shelf.entriesOf(CABLE)).filter(({ kind }) => kind === 'lost');
    expect(lost.map(({ note }) => note)).toEqual(['cutting', 'too short to keep']);
    expect(lost[0]!.qty).toBeCloseTo(-14, 9);
  });

  it('refuse a roll that is not as long as it was planned, and touch nothing', async () => {
    const { workshop, level, lengths, rig } = await bench();
    const mm = (await lengths()).get(ROLL)!;
    const before = await level(SWIVEL);
    const taken = [{ binId: SWIVEL, qty: 1 }];
    const run = { rigId: rig.id, count: 1, way: 'one-by-one', taken } as const;
    const changed = await workshop.riggings.begin({ ...run, taken, cut: [cut(mm + 3)] });
    expect(changed).toMatchObject({ ok: false, problem: { code: 'bench.length-changed', thereMm: mm } });
    const tooMany = await workshop.riggings.begin({ ...run, taken: [{ binId: SWIVEL, qty: 9999 }], cut: [] });
    expect(tooMany).toMatchObject({ ok: false, problem: { code: 'bench.too-little', unit: 'pieces' } });
    expect(await level(SWIVEL)).toBe(before);
  });

  it('count cuts and presses, rest, and end in the wallet', async () => {
    const { workshop, level, lengths, rig } = await bench();
    const mm = (await lengths()).get(ROLL)!;
    const taken = [{ binId: SWIVEL, qty: 4 }];
    const begun = await workshop.riggings.begin({
      rigId: rig.id,
      count: 4,
      way: 'one-by-one',
      taken,
      cut: [cut(mm)],
    });
    if (!begun.ok) throw new Error(begun.problem.code);
    const { id } = begun.value;
    const of = async () => (await workshop.riggings.all()).find((each) => each.id === id)!;
    await workshop.riggings.cutOne(id, 1);
    await workshop.riggings.cutOne(id, -1);
    await workshop.riggings.cutOne(id, -1);
    expect((await of()).cutDone).toBe(0);
    await workshop.riggings.cutAll(id, 15);
    await workshop.riggings.press(id, [1, 1], [null, { what: 'Glue', minutes: 5 }]);
    expect((await of()).card).toEqual({ step: 1, piece: 0, counted: 0 });
    await workshop.riggings.pressBack(id, 2);
    expect((await of()).card.step).toBe(0);
    await workshop.riggings.rest(id, true);
    expect((await of()).inHand).toBeNull();
    await workshop.riggings.rest(id, false);
    const wrong = await workshop.riggings.end(id, {
      passed: 3,
      failed: [],
      putBack: [{ binId: SWIVEL, qty: 9 }],
      massG: 2,
    });
    expect(wrong).toMatchObject({ ok: false, problem: { code: 'bench.more-back-than-taken' } });
    const wallet = await level(`rig-${rig.id}`);
    const ended = await workshop.riggings.end(id, {
      passed: 3,
      failed: [{ reason: 'knot slipped', count: 1 }],
      putBack: [{ binId: SWIVEL, qty: 1 }],
      massG: 2.5,
    });
    expect(ended).toMatchObject({ ok: true, value: { state: 'made', passed: 3 } });
    expect(await level(`rig-${rig.id}`)).toBe(wallet + 3);
    expect(await workshop.riggings.press(id, [1], [null])).toMatchObject({
      ok: false,
      problem: { code: 'bench.card-run-ended', of: 'rigs' },
    });
    expect(await workshop.riggings.cutOne('gone', 1)).toMatchObject({
      ok: false,
      problem: { code: 'bench.gone' },
    });
  });
});

describe('lengths', () => {
  it('are received one by one, measured again, and refused where a bin is not kept by length', async () => {
    const { workshop, level, lengths } = await bench();
    const before = await level(CABLE);
    const known = new Set((await lengths()).keys());
    await workshop.lengths.receive(CABLE, 2500, 2, 'new rolls');
    const fresh = [...(await lengths())].filter(([id]) => !known.has(id));
    expect(fresh.map(([, mm]) => mm)).toEqual([2500, 2500]);
    await workshop.lengths.measure(CABLE, fresh[0]![0], 2380);
    expect(await level(CABLE)).toBeCloseTo(before + 4880, 9);
    expect(await workshop.lengths.receive(SWIVEL, 10, 1, '')).toMatchObject({ ok: false });
    for (const byHand of [workshop.shelf.move(CABLE, 'taken', 5), workshop.shelf.count(CABLE, 5)]) {
      expect(await byHand).toMatchObject({ ok: false, problem: { code: 'bench.kept-by-length' } });
    }
    expect(await workshop.lengths.measure('gone', null, 1)).toMatchObject({ ok: false });
  });
});

describe('what the maker knows', () => {
  it('is kept over what stood there, and forgotten', async () => {
    const { workshop } = await bench();
    await workshop.rigs.learn({ end: 'knot', binId: null, mm: 44, cutMm: 188, madeMm: 100 });
    await workshop.rigs.learn({ end: 'knot', binId: null, mm: 40, cutMm: 180, madeMm: 100 });
    const [knot] = (await workshop.rigs.allowances()).filter(({ end }) => end === 'knot');
    expect(knot?.mm).toBe(40);
    await workshop.rigs.forget(knot!.id);
    expect((await workshop.rigs.allowances()).some(({ end }) => end === 'knot')).toBe(false);
    await workshop.rigs.tried({ table: 'ring-by-load', from: 0, to: 9, takes: 5, note: '' });
    const [match] = (await workshop.rigs.matches()).filter(({ table }) => table === 'ring-by-load');
    await workshop.rigs.untried(match!.id);
    expect((await workshop.rigs.matches()).some(({ table }) => table === 'ring-by-load')).toBe(false);
  });

  it('keeps a rig as the next version and puts its family away', async () => {
    const { workshop, rig } = await bench();
    const { id, createdAt, retired, version, ...kept } = rig;
    expect([id, createdAt, retired, version].length).toBe(4);
    expect(await workshop.rigs.keep({ ...kept, name: 'Pike set, longer' })).toMatchObject({
      version: 2,
      family: rig.family,
    });
    await workshop.rigs.putAway(rig.family, true);
    const family = (await workshop.rigs.all()).filter((each) => each.family === rig.family);
    expect(family.every((each) => each.retired)).toBe(true);
  });
});

describe('kits', () => {
  it('leave the shelf whole or not at all, and come home once', async () => {
    const { workshop, level } = await bench();
    const wallet = 'rig-rig-bass-runner-1';
    const before = await level(wallet);
    const lines = [
      { binId: wallet, qty: 2 },
      { binId: SWIVEL, qty: 9999 },
    ];
    expect(await workshop.kits.pack({ name: 'Too much', note: '', lines })).toMatchObject({ ok: false });
    expect(await level(wallet)).toBe(before);
    const packed = await workshop.kits.pack({
      name: 'Evening',
      note: '',
      lines: [{ binId: wallet, qty: 2 }],
    });
    if (!packed.ok) throw new Error(packed.problem.code);
    const { id } = packed.value;
    expect(await workshop.kits.bringBack(id, [{ binId: wallet, qty: 3 }])).toMatchObject({ ok: false });
    expect(await workshop.kits.bringBack(id, [{ binId: wallet, qty: 1 }])).toMatchObject({ ok: true });
    expect(await level(wallet)).toBe(before - 1);
    expect(await workshop.kits.bringBack(id, [])).toMatchObject({
      ok: false,
      problem: { code: 'bench.kit-back' },
    });
    expect(await workshop.kits.bringBack('gone', [])).toMatchObject({ ok: false });
  });

  it('give out on the water what is wanted there, and are over when nothing is left in them', async () => {
    const { workshop, level } = await bench();
    const before = await level(SWIVEL);
    const lines = [{ binId: SWIVEL, qty: 5 }];
    const packed = await workshop.kits.pack({ name: 'Boat', note: '', lines });
    if (!packed.ok) throw new Error(packed.problem.code);
    const { id } = packed.value;
    const takeOut = (qty: number) => workshop.kits.takeOut(id, [{ binId: SWIVEL, qty }]);
    expect(await takeOut(6)).toMatchObject({ problem: { code: 'bench.more-back-than-taken' } });
    expect(await level(SWIVEL)).toBe(before - 5);
    expect(await takeOut(2)).toMatchObject({ ok: true, value: { state: 'packed', lines: [{ qty: 3 }] } });
    expect(await level(SWIVEL)).toBe(before - 3);
    expect(await takeOut(3)).toMatchObject({ ok: true, value: { state: 'back', lines: [{ back: 3 }] } });
    expect(await level(SWIVEL)).toBe(before);
    expect(await takeOut(1)).toMatchObject({ problem: { code: 'bench.kit-back' } });
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect((await workshop.kits.all()).find((kit) => kit.id === id)).toMatchObject({ state: 'packed' });
    expect(await workshop.kits.takeOut('gone', [])).toMatchObject({ problem: { code: 'bench.gone' } });
  });
});
