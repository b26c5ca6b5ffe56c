import 'fake-indexeddb/auto';
import { BenchDatabase } from './database';
import type { NewRack } from './repositories/racks';
import { openWorkshop } from './workshop';

let benches = 0;

/** Ten bare eggs, four of them for a ticket, one powder, one color, one oven. */
async function bench() {
  benches += 1;
  const db = new BenchDatabase(`racks-${benches}`);
  let names = 0;
  let now = 1_000_000;
  const workshop = openWorkshop({ db, now: () => now, newId: () => `id-${(names += 1)}` });
  const common = { place: 'Rack', lowAt: null, note: '' };
  const heads = await workshop.shelf.add(
    {
      ...common,
      kind: 'head',
      unit: 'pieces',
      name: 'Eggs',
      style: 'egg',
      nominalG: 10,
      hookBinId: null,
      metalBinId: null,
      coatId: null,
      skirtId: null,
      bought: null,
      costEach: null,
    },
    10,
  );
  const powder = await workshop.shelf.add(
    {
      ...common,
      kind: 'powder',
      costEach: null,
      unit: 'g',
      name: 'Straw',
      hex: '#d8bc6a',
      finish: 'solid',
      secondHex: null,
      cures: [{ cureC: 177, cureMin: 15 }],
      maxC: 205,
      fuseC: 115,
      cardBasis: 'card',
      densityGcm3: 1.5,
      utilization: null,
      jarG: 250,
    },
    5,
  );
  const coat = await workshop.coats.save({
    id: null,
    name: 'Straw',
    base: { kind: 'powder', powderBinId: powder },
    second: null,
    clearBinId: null,
    eye: null,
    retired: false,
    note: '',
  });
  const oven = await workshop.coats.saveHeater({
    id: null,
    name: 'Shed oven',
    kind: 'oven',
    sourceC: 200,
    hWm2K: 20,
    trial: null,
    oven: {
      rods: 2,
      slots: 8,
      slotMm: 15,
      dropMm: 80,
      rackG: 500,
      powerW: 1200,
      heatUpMin: 12,
      isForFood: false,
    },
  });
  const hang = (count: number, line: { ticketId: string; lineId: string } | null = null): NewRack => ({
    ovenId: oven,
    school: 'card',
    partC: 177,
    minutes: 15,
    startC: 20,
    hung: Array.from({ length: count }, (_, slot) => ({
      rod: 0,
      slot,
      slotsEach: 1,
      headBinId: heads,
      coatId: coat,
      ...(line ?? { ticketId: null, lineId: null }),
    })),
  });
  const level = async (binId: string) => (await workshop.shelf.ledger()).levels.get(binId) ?? 0;
  const going = { tauS: 130, warmS: 300, used: [{ powderBinId: powder, g: 1.5 }], clockName: 'Rack 1 out' };
  return {
    db,
    workshop,
    heads,
    powder,
    coat,
    oven,
    hang,
    level,
    going,
    turn: (ms: number) => {
      now += ms;
    },
  };
}

describe('racks', () => {
  it('go in, ring, come out: heads in their color, powder gone from the jar, all of it taken back by undo', async () => {
    const { workshop, heads, powder, coat, hang, level, going, turn } = await bench();
    const [id] = await workshop.racks.hang([hang(4)]);
    const inside = await workshop.racks.goIn(id!, going);
    expect(inside).toMatchObject({ ok: true, value: { state: 'curing', outAt: 1_000_000 + 1_200_000 } });
    expect(await level(powder)).toBeCloseTo(3.5, 9);
    const [clock] = await workshop.clocks.all();
    expect(clock).toMatchObject({ name: 'Rack 1 out', endsAt: 1_000_000 + 1_200_000 });

    turn(1_200_000);
    expect(await workshop.racks.comeOut(id!)).toMatchObject({
      ok: true,
      value: { state: 'out', clockId: null },
    });
    expect(await workshop.clocks.all()).toEqual([]);
    const coated = (await workshop.shelf.bins()).find((bin) => bin.kind === 'head' && bin.coatId === coat);
    expect(coated).toMatchObject({ name: 'Eggs, Straw', style: 'egg', nominalG: 10 });
    expect([await level(heads), await level(coated!.id)]).toEqual([6, 4]);

    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect(await level(heads)).toBe(10);
    expect(await workshop.clocks.all()).toHaveLength(1);
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect(await level(powder)).toBe(5);
    expect((await workshop.racks.all())[0]).toMatchObject({ state: 'hanging', clockId: null });
  });

  it('are heads that hang with no oven too: in their color at once, their powder used, all of it taken back by undo', async () => {
    const { workshop, heads, powder, coat, hang, level } = await bench();
    const { hung } = hang(4, { ticketId: 'ticket', lineId: 'line' });
    const used = [{ powderBinId: powder, g: 1.5 }];
    expect(await workshop.racks.hangUp({ hung: [...hung, ...hang(7).hung], partC: 190, used })).toMatchObject(
      { ok: false, problem: { code: 'bench.too-little' } },
    );
    expect([await level(heads), await level(powder), await workshop.racks.all()]).toEqual([10, 5, []]);

    expect(await workshop.racks.hangUp({ hung, partC: 190, used })).toMatchObject({ ok: true });
    const [rack] = await workshop.racks.all();
    expect(rack).toMatchObject({ no: 1, state: 'out', ovenId: null, partC: 190, minutes: 0, clockId: null });
    const coated = (await workshop.shelf.bins()).find((bin) => bin.kind === 'head' && bin.coatId === coat);
    expect([await level(heads), await level(coated!.id)]).toEqual([6, 4]);
    expect(await level(powder)).toBeCloseTo(3.5, 9);
    // What is wrong with them is noted as of any rack.
    const fault = { coatId: coat, fault: 'bare' as const, cause: null, count: 1, isRecoated: true };
    expect(await workshop.racks.note(rack!.id, fault)).toMatchObject({ ok: true });
    expect(await level(heads)).toBe(7);

    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect([await level(heads), await level(powder), await workshop.racks.all()]).toEqual([10, 5, []]);
  });

  it('carry the ticket their heads are for, and give them back bare to be coated again', async () => {
    const { workshop, heads, coat, hang, level, going } = await bench();
    const line = { ticketId: 'ticket', lineId: 'line' };
    const [id] = await workshop.racks.hang([hang(4, line)]);
    await workshop.racks.goIn(id!, going);
    await workshop.racks.comeOut(id!);
    const fault = { coatId: coat, fault: 'bare' as const, cause: null };
    expect(await workshop.racks.note(id!, { ...fault, count: 9, isRecoated: true })).toMatchObject({
      ok: false,
      problem: { code: 'bench.too-little', onHand: 4, asked: 9 },
    });
    expect(await workshop.racks.note(id!, { ...fault, count: 1, isRecoated: true })).toMatchObject({
      ok: true,
    });
    expect(await level(heads)).toBe(7);
    const entries = (await workshop.shelf.ledger()).ticketEntries;
    const held = (isBare: boolean) =>
      entries
        .filter(({ binId, lineId }) => lineId === 'line' && (binId === heads) === isBare)
        .reduce((so, { qty }) => so + qty, 0);
    expect([held(true), held(false)]).toEqual([-3, 3]);
    await workshop.racks.note(id!, { ...fault, count: 2, isRecoated: false });
    const [first] = await workshop.racks.faults();
    await workshop.racks.setCause(first!, 'cold-spots');
    expect((await workshop.racks.faults()).map(({ cause }) => cause).sort()).toEqual(['cold-spots', null]);
  });

  it('refuse what cannot be, and write nothing', async () => {
    const { db, workshop, heads, oven, hang, going } = await bench();
    const [empty, full, other] = await workshop.racks.hang([hang(0), hang(4), hang(2)]);
    expect(await workshop.racks.goIn(empty!, going)).toMatchObject({ problem: { code: 'bench.rack-empty' } });
    await workshop.racks.goIn(full!, going);
    expect(await workshop.racks.goIn(other!, going)).toMatchObject({
      problem: { code: 'bench.oven-taken', no: 2 },
    });
    expect(await workshop.racks.rehang([{ id: full!, hung: [] }])).toMatchObject({
      problem: { code: 'bench.rack-moved-on', state: 'curing' },
    });
    expect(await workshop.racks.comeOut(other!)).toMatchObject({ problem: { code: 'bench.rack-moved-on' } });
    // Heads that were taken off the shelf meanwhile cannot be booked as coated.
    await workshop.shelf.move(heads, 'taken', 8);
    const acts = await db.acts.count();
    const bins = await db.bins.count();
    expect(await workshop.racks.comeOut(full!)).toMatchObject({
      problem: { code: 'bench.too-little', onHand: 2, asked: 4 },
    });
    expect([await db.acts.count(), await db.bins.count()]).toEqual([acts, bins]);
    await workshop.racks.drop(full!);
    const heater = (await workshop.coats.heaters()).find(({ id }) => id === oven)!;
    await workshop.coats.saveHeater({ ...heater, oven: { ...heater.oven!, isForFood: true } });
    expect(await workshop.racks.goIn(other!, going)).toMatchObject({ problem: { code: 'bench.food-oven' } });
    expect(await workshop.clocks.all()).toEqual([]);
  });

  it('are checked off by rod, and follow the oven thermometer with their clock', async () => {
    const { workshop, hang, going } = await bench();
    const [id] = await workshop.racks.hang([hang(4)]);
    await workshop.racks.check(id!, 'eyes', [0, 1]);
    await workshop.racks.check(id!, 'eyes', [0]);
    expect((await workshop.racks.all())[0]!.checks).toEqual([{ check: 'eyes', rod: 1 }]);
    await workshop.racks.check(id!, 'eyes', [0, 1]);
    expect((await workshop.racks.all())[0]!.checks).toHaveLength(2);
    await workshop.racks.goIn(id!, going);
    const followed = { at: 1_060_000, headC: 90, cureS: 0 };
    expect(await workshop.racks.follow(id!, followed, 2_500_000)).toMatchObject({ ok: true });
    expect((await workshop.clocks.all())[0]!.endsAt).toBe(2_500_000);
    expect((await workshop.racks.all())[0]).toMatchObject({ followed, outAt: 2_500_000 });
  });

  it('empty a jar by the books rather than owe powder', async () => {
    const { workshop, powder, hang, level, going } = await bench();
    const [id] = await workshop.racks.hang([hang(4)]);
    await workshop.racks.goIn(id!, { ...going, used: [{ powderBinId: powder, g: 7 }] });
    expect(await level(powder)).toBe(0);
  });
});
