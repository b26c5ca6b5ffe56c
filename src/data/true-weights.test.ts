import { BLOCK, HOOKS, LOT, testWorkshop } from '../../tests/support/test-bench';
import { readBenchFile } from '@/records/read-bench-file';

async function bench() {
  const { db, workshop } = testWorkshop();
  const lotId = await workshop.shelf.add(LOT, 5000);
  const hookId = await workshop.shelf.add(HOOKS, 50);
  const moldId = await workshop.molds.save({
    ...BLOCK,
    cavities: BLOCK.cavities.map((each) => ({ ...each, id: '' })),
  });
  const mold = (await workshop.molds.all())[0]!;
  return { db, workshop, lotId, hookId, moldId, cavityId: mold.cavities[0]!.id };
}

type Bench = Awaited<ReturnType<typeof bench>>;

const weigh = ({ workshop, lotId, moldId, cavityId }: Bench, weighedG: number, change = {}) =>
  workshop.weighings.add({
    moldId,
    cavityId,
    metalBinId: lotId,
    hookBinId: null,
    count: 1,
    weighedG,
    scale: 'typed',
    runId: null,
    batchId: null,
    calibrates: true,
    ...change,
  });
const cavityOf = async ({ workshop }: Bench) => (await workshop.molds.all())[0]!.cavities[0]!;

describe('weighings', () => {
  it('find the cavity from what was weighed, and go back with it', async () => {
    const it = await bench();
    expect(it.cavityId).not.toBe('');
    await weigh(it, 10);
    await weigh(it, 33, { count: 3 });
    // The lot is 10 g/cm3 and does not shrink: volumes 1 and 1.1, weighted 1.075.
    expect(await cavityOf(it)).toMatchObject({
      volumeCm3: expect.closeTo(1.075, 9) as number,
      standardErrorCm3: expect.closeTo(Math.sqrt(0.0075 / 4), 9) as number,
      weighedCount: 4,
      volumeBasis: 'weighed',
    });
    await it.workshop.history.undo();
    expect((await cavityOf(it)).volumeCm3).toBeCloseTo(1, 9);
    expect(await it.workshop.weighings.all()).toHaveLength(1);
  });

  it('that only check leave the cavity alone', async () => {
    const it = await bench();
    await weigh(it, 10);
    await weigh(it, 12, { calibrates: false });
    expect((await cavityOf(it)).volumeCm3).toBeCloseTo(1, 9);
  });

  it('refuse a casting lighter than its hook, and write nothing', async () => {
    const it = await bench();
    const refused = await weigh(it, 0.5, { hookBinId: it.hookId });
    expect(refused).toMatchObject({ ok: false, problem: { code: 'bench.too-light', hardwareG: 1 } });
    expect(await it.workshop.weighings.all()).toEqual([]);
    expect((await cavityOf(it)).volumeCm3).toBe(1);
  });

  it('struck out, leave the others to tell; the last one gone, a guess again', async () => {
    const it = await bench();
    await weigh(it, 10);
    await weigh(it, 12);
    const [first, second] = await it.workshop.weighings.all();
    await it.workshop.weighings.remove(first!);
    expect((await cavityOf(it)).volumeCm3).toBeCloseTo(1.2, 9);
    await it.workshop.weighings.remove(second!);
    expect(await cavityOf(it)).toMatchObject({
      volumeBasis: 'guess',
      weighedCount: 0,
      standardErrorCm3: null,
    });
  });

  it('go with their cavity and their block, so that a backup stays whole', async () => {
    const it = await bench();
    await weigh(it, 10);
    const [mold] = await it.workshop.molds.all();
    await it.workshop.molds.save({ ...mold!, cavities: [{ ...mold!.cavities[0]!, id: '' }] });
    expect(await it.workshop.weighings.all()).toEqual([]);
    expect(readBenchFile(JSON.stringify(await it.workshop.backup.save()))).toMatchObject({ ok: true });
    await it.workshop.history.undo();
    expect(await it.workshop.weighings.all()).toHaveLength(1);
    await it.workshop.molds.remove(mold!);
    expect(await it.workshop.weighings.all()).toEqual([]);
  });
});

describe('metals', () => {
  it('set down anew, move the cavities that were weighed in them', async () => {
    const it = await bench();
    await weigh(it, 10);
    const lot = (await it.workshop.shelf.bins()).find(({ id }) => id === it.lotId);
    if (lot?.kind !== 'metal') throw new Error('no lot');
    await it.workshop.metals.identify({ ...lot, densityGcm3: 8, densityBasis: 'weighed' });
    expect((await cavityOf(it)).volumeCm3).toBeCloseTo(1.25, 9);
    await it.workshop.history.undo();
    expect((await cavityOf(it)).volumeCm3).toBeCloseTo(1, 9);
  });

  it('melt lots into a new one: what went in is ingots and dross', async () => {
    const it = await bench();
    const hardId = await it.workshop.shelf.add(
      {
        ...LOT,
        name: 'Lot 2',
        composition: { Pb: 0.9, Sb: 0.1 },
        densityGcm3: 9,
        costPerKg: 4,
      } as typeof LOT,
      1000,
    );
    const picks = [
      { binId: it.lotId, g: 600 },
      { binId: hardId, g: 400 },
    ];
    const melted = await it.workshop.metals.melt({ name: 'Lot 3', place: 'Shelf', picks, drossShare: 0.05 });
    if (!melted.ok) throw new Error(melted.problem.code);
    const levels = (await it.workshop.shelf.ledger()).levels;
    expect(levels.get(it.lotId)).toBeCloseTo(4400, 9);
    expect(levels.get(hardId)).toBeCloseTo(600, 9);
    expect(levels.get(melted.value)).toBeCloseTo(950, 9);
    const made = (await it.workshop.shelf.bins()).find(({ id }) => id === melted.value);
    expect(made).toMatchObject({
      composition: { Pb: expect.closeTo(0.96, 9) as number, Sb: expect.closeTo(0.04, 9) as number },
      densityGcm3: expect.closeTo(1000 / (600 / 10 + 400 / 9), 9) as number,
      costPerKg: null,
    });
    await it.workshop.history.undo();
    expect((await it.workshop.shelf.ledger()).levels.get(it.lotId)).toBeCloseTo(5000, 9);
    expect(await it.workshop.metals.melts()).toEqual([]);
  });

  it('refuse zinc in lead, an overfull pot, more than there is, and lots that are gone', async () => {
    const it = await bench();
    const zincId = await it.workshop.shelf.add(
      { ...LOT, name: 'Zinc', composition: { Zn: 1 } } as typeof LOT,
      100,
    );
    const code = async (picks: { binId: string; g: number }[]) => {
      const melted = await it.workshop.metals.melt({ name: 'x', place: '', picks, drossShare: 0 });
      return melted.ok ? null : melted.problem.code;
    };
    expect(
      await code([
        { binId: it.lotId, g: 100 },
        { binId: zincId, g: 1 },
      ]),
    ).toBe('bench.zinc-in-pot');
    expect(await code([{ binId: it.lotId, g: 4600 }])).toBe('bench.pot-overfull');
    expect(await code([{ binId: it.lotId, g: 5001 }])).toBe('bench.too-little');
    expect(await code([{ binId: 'nowhere', g: 1 }])).toBe('bench.gone');
    expect(await code([])).toBe('bench.gone');
    expect((await it.workshop.shelf.ledger()).levels.get(it.lotId)).toBe(5000);
  });
});

describe('rules', () => {
  it('are kept, changed, struck and brought back', async () => {
    const { workshop } = await bench();
    const rule = {
      name: 'No lead',
      place: '',
      from: null,
      until: null,
      element: 'Pb',
      overShare: 0.001,
      underG: null,
      underMm: null,
      isOn: true,
      note: '',
    };
    await workshop.rules.save(rule);
    const [kept] = await workshop.rules.all();
    await workshop.rules.save({ ...kept!, isOn: false });
    expect(await workshop.rules.all()).toMatchObject([{ name: 'No lead', isOn: false }]);
    await workshop.rules.remove(kept!);
    expect(await workshop.rules.all()).toEqual([]);
    await workshop.history.undo();
    expect(await workshop.rules.all()).toHaveLength(1);
  });
});
