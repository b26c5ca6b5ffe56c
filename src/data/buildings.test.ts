import 'fake-indexeddb/auto';
import { testWorkshop } from '../../tests/support/test-bench';
import { PLAIN_PART } from '@/records/plain-part';
import type { NewBuild } from '@/records/build';
import type { NewBin } from '@/records/plain-bin';

const PART = {
  ...PLAIN_PART,
  kind: 'part',
  unit: 'pieces',
  sort: 'parts',
  place: 'Tin',
  lowAt: null,
  note: '',
  massG: 1,
} as const;
const part = (name: string): NewBin => ({ ...PART, name });

/** Twelve wires, forty beads; a bait of a wire and three beads. */
async function bench() {
  const { db, workshop } = testWorkshop();
  const wire = await workshop.shelf.add(part('Wire'), 12);
  const bead = await workshop.shelf.add(part('Bead'), 40);
  const recipe: NewBuild = {
    family: null,
    name: 'Thumper',
    kind: 'spinnerbait',
    head: null,
    skirtId: null,
    frameBinId: wire,
    armMm: null,
    slots: [],
    minFreeMm: 3,
    pattern: null,
    worth: 5,
    note: '',
    arm: ['a', 'b', 'c'].map((id) => ({ id, binId: bead, bladeBinId: null })),
    end: { binId: null, bladeBinId: null },
  };
  const build = await workshop.builds.keep(recipe);
  const level = async (binId: string) => (await workshop.shelf.ledger()).levels.get(binId) ?? 0;
  const begin = (count: number) =>
    workshop.buildings.begin({
      buildId: build.id,
      count,
      way: 'one-by-one',
      taken: [
        { binId: wire, qty: count },
        { binId: bead, qty: 3 * count },
      ],
    });
  const begun = async (count: number) => {
    const outcome = await begin(count);
    if (!outcome.ok) throw new Error(outcome.problem.code);
    return outcome.value;
  };
  return { db, workshop, wire, bead, recipe, build, level, begin, begun };
}

const NO_GLUE = [null, null];

describe('builds', () => {
  it('are kept version by version, note a speed seen, and are put away whole', async () => {
    const { workshop, recipe, build } = await bench();
    const second = await workshop.builds.keep({ ...recipe, family: build.family, armMm: 60 });
    expect([build.version, second.version, second.seenMs]).toEqual([1, 2, null]);
    await workshop.builds.seen(second.id, 0.8);
    await workshop.builds.putAway(build.family, true);
    expect(
      (await workshop.builds.all()).map(({ version, retired, seenMs }) => [version, retired, seenMs]),
    ).toEqual([
      [1, true, null],
      [2, true, 0.8],
    ]);
    expect(await workshop.builds.seen('gone', 1)).toMatchObject({
      problem: { code: 'bench.gone', what: 'build' },
    });
  });

  it('keep the card in the maker’s own order and words, for the next version too, until it is taken back', async () => {
    const { workshop, recipe, build } = await bench();
    const own = [{ id: 'close' }, { id: 'thread-1', says: 'Bead first' }];
    expect(await workshop.builds.ownSteps(build.id, own)).toMatchObject({ ok: true });
    const second = await workshop.builds.keep({ ...recipe, family: build.family, armMm: 50 });
    expect(second.ownSteps).toEqual(own);
    expect(await workshop.builds.ownSteps(second.id, [])).toMatchObject({ ok: true });
    const all = await workshop.builds.all();
    expect(all.map(({ ownSteps }) => ownSteps)).toEqual([own, undefined]);
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect((await workshop.builds.all()).map(({ ownSteps }) => ownSteps)).toEqual([own, own]);
    expect(await workshop.builds.ownSteps('gone', own)).toMatchObject({ problem: { code: 'bench.gone' } });
  });

  it('keep the holes of a first piece', async () => {
    const { workshop, build } = await bench();
    const pattern = {
      lengthMm: 30,
      widthMm: 20,
      holes: [{ is: 'line' as const, alongMm: 4, asideMm: 0, diameterMm: 2 }],
    };
    await workshop.builds.pattern(build.id, pattern);
    expect((await workshop.builds.all())[0]?.pattern).toEqual(pattern);
  });
});

describe('runs of builds', () => {
  it('take the kit at once, or refuse and take nothing', async () => {
    const { workshop, wire, bead, level, begin, begun } = await bench();
    expect(await begin(14)).toMatchObject({
      problem: { code: 'bench.too-little', bin: 'Wire', onHand: 12, asked: 14 },
    });
    // Beads run out after the wires were looked at: still nothing is taken.
    expect(
      await workshop.buildings.begin({
        buildId: 'x',
        count: 1,
        way: 'one-by-one',
        taken: [
          { binId: wire, qty: 1 },
          { binId: bead, qty: 41 },
        ],
      }),
    ).toMatchObject({ problem: { code: 'bench.too-little', bin: 'Bead' } });
    expect([await level(wire), await level(bead)]).toEqual([12, 40]);
    expect(await begun(6)).toMatchObject({ no: 1, state: 'building', isThrough: false });
    expect([await level(wire), await level(bead)]).toEqual([6, 22]);
    expect(await begin(1)).toMatchObject({ problem: { code: 'bench.card-run-on', of: 'baits' } });
  });

  it('take what is cut of a line off the shortest roll that is long enough, else off one after the other', async () => {
    const { db, workshop, build } = await bench();
    const braid = await workshop.shelf.add({ ...PART, unit: 'mm', name: 'Braid' }, 40);
    for (const mm of [900, 600]) await workshop.lengths.receive(braid, mm, 1, '');
    const lengths = async () => {
      const left = new Map<string | null, number>();
      for (const { binId, lengthId, qty } of await db.entries.toArray()) {
        if (binId === braid) left.set(lengthId, (left.get(lengthId) ?? 0) + qty);
      }
      return [...left.values()].sort((a, b) => a - b);
    };
    const take = (qty: number) =>
      workshop.buildings.begin({
        buildId: build.id,
        count: 6,
        way: 'one-by-one',
        taken: [{ binId: braid, qty }],
      });
    expect(await take(1541)).toMatchObject({
      problem: { code: 'bench.too-little', onHand: 1540, unit: 'mm' },
    });
    expect(await take(531)).toMatchObject({ ok: true });
    expect(await lengths()).toEqual([40, 69, 900]);
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect(await take(1000)).toMatchObject({ ok: true });
    expect(await lengths()).toEqual([0, 0, 540]);
  });

  it('take heads that no ticket was given first, then those of one, which get back what was not used', async () => {
    const { db, workshop, build } = await bench();
    const heads = await workshop.shelf.add(
      {
        kind: 'head',
        unit: 'pieces',
        name: 'Round heads',
        place: '',
        lowAt: null,
        note: '',
        style: 'round',
        nominalG: 10,
        hookBinId: null,
        metalBinId: null,
        coatId: null,
        skirtId: null,
        bought: null,
        costEach: null,
      },
      2,
    );
    const like = (await db.entries.where('binId').equals(heads).toArray())[0]!;
    await db.entries.add({ ...like, id: 'made', kind: 'made', qty: 6, ticketId: 'ticket', lineId: 'line' });
    await db.tickets.add({ id: 'ticket', state: 'open' } as never);
    const given = async () =>
      (await db.entries.where('binId').equals(heads).toArray())
        .filter(({ lineId }) => lineId === 'line')
        .reduce((so, { qty }) => so + qty, 0);
    const begun = await workshop.buildings.begin({
      buildId: build.id,
      count: 5,
      way: 'one-by-one',
      taken: [{ binId: heads, qty: 5 }],
    });
    if (!begun.ok) throw new Error(begun.problem.code);
    expect(await given()).toBe(3);
    const end = { passed: 1, failed: [], massG: null, putBack: [{ binId: heads, qty: 4 }] };
    expect(await workshop.buildings.end(begun.value.id, end)).toMatchObject({ ok: true });
    expect(await given()).toBe(6);
    expect((await workshop.shelf.ledger()).levels.get(heads)).toBe(7);
  });

  it('go through the card press by press, and one back; the time is added up while hands are on', async () => {
    const { workshop, begun } = await bench();
    const { id } = await begun(2);
    const press = async () => {
      const outcome = await workshop.buildings.press(id, [0, 2], NO_GLUE);
      return outcome.ok
        ? { ...outcome.value.card, isThrough: outcome.value.isThrough }
        : outcome.problem.code;
    };
    expect(await press()).toEqual({ step: 1, piece: 0, counted: 0, isThrough: false });
    expect(await press()).toEqual({ step: 1, piece: 0, counted: 1, isThrough: false });
    await workshop.buildings.pressBack(id, 2);
    expect(await press()).toEqual({ step: 1, piece: 0, counted: 1, isThrough: false });
    expect(await press()).toEqual({ step: 0, piece: 1, counted: 0, isThrough: false });
    for (let nth = 0; nth < 3; nth += 1) await press();
    const [run] = await workshop.buildings.all();
    expect(run).toMatchObject({ isThrough: true });
    await workshop.buildings.rest(id, true);
    const rested = (await workshop.buildings.all())[0]!;
    expect(rested.inHand).toBeNull();
    expect(rested.seconds).toBeGreaterThan(0);
    await workshop.buildings.pressBack(id, 2);
    expect((await workshop.buildings.all())[0]).toMatchObject({ isThrough: false });
  });

  it('start a clock for what was glued with the last bait of the step', async () => {
    const { workshop, begun } = await bench();
    const { id } = await begun(2);
    const glue = [null, { what: 'Guard glue', minutes: 10 }];
    const clocks = async () => (await workshop.clocks.all()).map(({ name }) => name);
    for (let nth = 0; nth < 3; nth += 1) await workshop.buildings.press(id, [0, 0], glue);
    expect(await clocks()).toEqual([]);
    await workshop.buildings.press(id, [0, 0], glue);
    expect(await clocks()).toEqual(['Guard glue, building run 1']);
    await workshop.buildings.press(id, [0, 0], glue);
    expect(await clocks()).toHaveLength(1);
  });

  it('end: what passed lies in the bait box, what is over goes back, and it can be undone', async () => {
    const { workshop, wire, bead, build, level, begun } = await bench();
    const { id } = await begun(6);
    const putBack = [
      { binId: wire, qty: 2 },
      { binId: bead, qty: 6 },
    ];
    const failed = [{ reason: 'crooked', count: 1 }];
    expect(
      await workshop.buildings.end(id, {
        passed: 4,
        failed,
        putBack: [{ binId: wire, qty: 7 }],
        massG: null,
      }),
    ).toMatchObject({ problem: { code: 'bench.more-back-than-taken', taken: 6, back: 7 } });
    expect(await level(wire)).toBe(6);
    await workshop.buildings.end(id, { passed: 4, failed, putBack, massG: 18 });
    const bait = `bait-${build.id}`;
    expect([await level(wire), await level(bead), await level(bait)]).toEqual([8, 28, 4]);
    expect((await workshop.shelf.bins()).find((bin) => bin.id === bait)).toMatchObject({
      massG: 18,
      buildId: build.id,
    });
    expect(await workshop.buildings.rest(id, true)).toMatchObject({
      problem: { code: 'bench.card-run-ended', of: 'baits', no: 1 },
    });
    await workshop.history.undo();
    expect([await level(wire), await level(bead), await level(bait)]).toEqual([6, 22, 0]);
    expect((await workshop.buildings.all())[0]).toMatchObject({ state: 'building', passed: 0 });
  });

  it('strip old baits into bins of their own by how the parts look', async () => {
    const { workshop, wire, bead, build, level, begun } = await bench();
    const { id } = await begun(2);
    await workshop.buildings.end(id, { passed: 2, failed: [], putBack: [], massG: null });
    const bait = `bait-${build.id}`;
    const parts = [
      { binId: bead, qty: 3, condition: 'new' as const },
      { binId: wire, qty: 1, condition: 'used' as const },
    ];
    expect(await workshop.buildings.salvage({ baitBinId: bait, baits: 3, parts })).toMatchObject({
      problem: { code: 'bench.too-little', onHand: 2, asked: 3 },
    });
    await workshop.buildings.salvage({ baitBinId: bait, baits: 1, parts });
    expect([await level(bait), await level(bead), await level(`used-${wire}`)]).toEqual([1, 37, 1]);
    await workshop.buildings.salvage({ baitBinId: null, baits: 1, parts });
    expect([await level(bait), await level(`used-${wire}`)]).toEqual([1, 2]);
    expect((await workshop.shelf.bins()).find((bin) => bin.id === `used-${wire}`)).toMatchObject({
      name: 'Wire, used',
      condition: 'used',
      place: 'Salvage box',
    });
  });
});

describe('soft plastics', () => {
  const added = {
    id: 'd',
    name: 'Green',
    as: 'drops' as const,
    amount: 5,
    hex: '#4f7a2a',
    sizeMm: null,
    tooMuch: false,
  };
  const color = { splitShare: 1, baseCm3: 100, added: [added] };

  it('are kept, changed, and poured into batches that count up and fill a bin', async () => {
    const { workshop } = testWorkshop();
    const bin = await workshop.shelf.add(part('Grubs'), 3);
    const kept = await workshop.plastics.keep(
      { name: 'Weed', colors: [color], plastic: 'soft', note: '' },
      null,
    );
    const again = await workshop.plastics.keep(
      { name: 'Weed', colors: [color], plastic: 'stretch', note: '' },
      kept.id,
    );
    expect([again.id, again.plastic, again.createdAt]).toEqual([kept.id, 'stretch', kept.createdAt]);
    const batch = {
      plasticId: kept.id,
      lossShare: 0.1,
      good: 22,
      blockCm3: 8,
      binId: bin,
      note: '',
      shots: [{ name: 'Grub', pieceCm3: 4, count: 24, cavities: 4, runnerCm3: 2 }],
      mixed: [{ plasticCm3: 120, additives: [{ name: 'Green', amount: 6, unit: 'drops' }] }],
    };
    await workshop.plastics.pour(batch);
    expect(await workshop.plastics.pour(batch)).toMatchObject({ value: { no: 2 } });
    expect((await workshop.shelf.ledger()).levels.get(bin)).toBe(47);
    expect(await workshop.plastics.pour({ ...batch, binId: 'gone' })).toMatchObject({
      problem: { code: 'bench.gone', what: 'bin' },
    });
    expect(await workshop.plastics.pour({ ...batch, plasticId: 'gone' })).toMatchObject({
      problem: { what: 'color' },
    });
    expect(await workshop.plastics.batches()).toHaveLength(2);
    await workshop.plastics.putAway(kept.id);
    expect((await workshop.plastics.all())[0]).toMatchObject({ retired: true });
  });
});
