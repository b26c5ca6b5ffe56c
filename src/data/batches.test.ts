import { BLOCK, HOOKS, LOT, testWorkshop, threeHeads } from '../../tests/support/test-bench';
import type { NewBatch } from '@/records/batch';
import type { Workshop } from './workshop';

const nameHead = ({ nominalG }: { nominalG: number }) => ({ name: `Round ${nominalG} g`, place: 'Rack' });
const onHand = async (workshop: Workshop, binId: string) =>
  (await workshop.shelf.ledger()).levels.get(binId) ?? 0;
const madeFor = async (workshop: Workshop, ticketId: string | null) =>
  (await workshop.shelf.ledger()).madeEntries
    .filter((entry) => entry.ticketId === ticketId)
    .reduce((total, { qty }) => total + qty, 0);

/** Four heads cast for an order of three, on the dressing bench. */
async function benchWithBatch() {
  const { db, workshop } = testWorkshop();
  const lot = await workshop.shelf.add(LOT, 1000);
  const hook = await workshop.shelf.add(HOOKS, 20);
  const mold = await workshop.molds.save(BLOCK);
  const line = {
    id: 'line',
    style: 'round',
    nominalG: 10,
    count: 3,
    hookBinId: hook,
    metalBinId: lot,
    coatId: null,
    skirtId: null,
    guardBinId: null,
    collarBinId: null,
    dueOn: null,
  };
  const ticket = await workshop.tickets.add({
    title: 'Three',
    wares: [],
    buyer: 'Club',
    toleranceShare: 0.05,
    note: '',
    lines: [line],
  });
  const plan = threeHeads(mold, lot, hook, ticket, 'line');
  const key = plan.heads[0]!.key;
  const blocks = [{ ...plan.blocks[0]!, fills: [{ cavities: [0], filled: [{ key, count: 4 }] }] }];
  const run = await workshop.runs.start({ ...plan, blocks });
  if (!run.ok) throw new Error('the run did not begin');
  for (let pour = 0; pour < 4; pour += 1)
    await workshop.runs.moveOn(run.value, 0, { liked: 'tally', early: true });
  await workshop.runs.book(run.value, 0, nameHead);
  const heads = (await workshop.shelf.bins()).find((bin) => bin.kind === 'head')!.id;
  const batch = (more: Partial<NewBatch> = {}): NewBatch => ({
    title: 'Round 10 g',
    runId: run.value,
    moldId: mold,
    style: 'round',
    nominalG: 10,
    hookBinId: hook,
    metalBinId: lot,
    headBinId: heads,
    count: 4,
    tray: 2,
    toleranceShare: 0.03,
    steps: ['sprue', 'eye'],
    ...more,
  });
  return { db, workshop, lot, ticket, mold, heads, batch, id: await workshop.batches.begin(batch()) };
}

const flaw = { moldId: null, cavity: 0, kind: 'flash', cause: null, count: 1 } as const;

describe('a batch', () => {
  it('counts the step in hand with its time, and comes to an end', async () => {
    const { workshop, id } = await benchWithBatch();
    expect(await workshop.batches.count(id, 2)).toMatchObject({ value: { inHand: null } });
    await workshop.batches.take(id, 'sprue');
    const counted = await workshop.batches.count(id, 2);
    expect(counted).toMatchObject({
      value: { steps: [{ done: 2 }, { done: 0 }], inHand: { step: 'sprue' } },
    });
    expect(counted.ok && counted.value.steps[0]!.seconds).toBeGreaterThan(0);
    expect(await workshop.batches.count(id, 2)).toMatchObject({ value: { inHand: { step: 'eye' } } });
    await workshop.batches.set(id, { tray: 4 });
    expect(await workshop.batches.end(id, true)).toMatchObject({ value: { inHand: null, tray: 4 } });
    expect((await workshop.batches.all())[0]!.endedAt).not.toBeNull();
    await workshop.history.undo();
    expect((await workshop.batches.all())[0]).toMatchObject({ endedAt: null, inHand: { step: 'eye' } });
    expect(await workshop.batches.count('none', 1)).toMatchObject({ problem: { code: 'bench.gone' } });
  });

  it('scraps what nobody asked for first, then opens the order again; metal goes back', async () => {
    const { workshop, id, heads, lot, ticket } = await benchWithBatch();
    const before = await onHand(workshop, lot);
    expect(await madeFor(workshop, ticket)).toBe(3);
    await workshop.batches.note(id, { ...flaw, fate: 'scrapped' });
    expect([await madeFor(workshop, null), await madeFor(workshop, ticket)]).toEqual([0, 3]);
    await workshop.batches.note(id, { ...flaw, fate: 'scrapped', count: 2 });
    expect(await madeFor(workshop, ticket)).toBe(1);
    expect(await onHand(workshop, heads)).toBe(1);
    expect(await onHand(workshop, lot)).toBeCloseTo(before + 27, 9);
    expect((await workshop.batches.all())[0]!.count).toBe(1);
    expect(await workshop.batches.note(id, { ...flaw, fate: 'scrapped', count: 2 })).toMatchObject({
      problem: { code: 'bench.too-little', onHand: 1, asked: 2 },
    });
    await workshop.history.undo();
    expect([await madeFor(workshop, ticket), await onHand(workshop, heads)]).toEqual([3, 3]);
  });

  it('keeps what is only noted, and what it came of', async () => {
    const { workshop, id, heads, mold } = await benchWithBatch();
    await workshop.batches.note(id, {
      ...flaw,
      moldId: mold,
      fate: 'kept',
      kind: 'heavy',
      cause: 'not-closed',
    });
    const [noted] = await workshop.batches.flaws();
    expect(noted).toMatchObject({ batchId: id, moldId: mold, cause: 'not-closed', kind: 'heavy' });
    await workshop.batches.setCause(noted!, 'worn');
    expect((await workshop.batches.flaws())[0]!.cause).toBe('worn');
    expect(await onHand(workshop, heads)).toBe(4);
  });

  it('writes bought heads off without metal or order', async () => {
    const { workshop, batch, heads, lot } = await benchWithBatch();
    const before = await onHand(workshop, lot);
    const bought = await workshop.batches.begin(batch({ runId: null, moldId: null, metalBinId: null }));
    await workshop.batches.note(bought, { ...flaw, fate: 'scrapped' });
    expect([await onHand(workshop, heads), await onHand(workshop, lot)]).toEqual([3, before]);
    await workshop.shelf.move(heads, 'taken', 3);
    expect(await workshop.batches.note(bought, { ...flaw, fate: 'scrapped' })).toMatchObject({
      problem: { code: 'bench.too-little', onHand: 0 },
    });
  });

  it('sorts pieces into bins of their true weight and remembers how many', async () => {
    const { workshop, id, heads } = await benchWithBatch();
    await workshop.batches.sortOut(
      id,
      [
        { nominalG: 9.4, count: 1 },
        { nominalG: 10.6, count: 1 },
      ],
      nameHead,
    );
    await workshop.batches.sortOut(id, [{ nominalG: 9.4, count: 1 }], nameHead);
    const light = (await workshop.shelf.bins()).find((bin) => bin.name === 'Round 9.4 g')!;
    expect([await onHand(workshop, heads), await onHand(workshop, light.id)]).toEqual([1, 2]);
    expect((await workshop.batches.all())[0]!.sortedOut).toEqual([
      { nominalG: 9.4, count: 2 },
      { nominalG: 10.6, count: 1 },
    ]);
    expect(await workshop.batches.sortOut(id, [{ nominalG: 9.4, count: 2 }], nameHead)).toMatchObject({
      problem: { code: 'bench.too-little' },
    });
    expect(await workshop.batches.sortOut('none', [], nameHead)).toMatchObject({
      problem: { code: 'bench.gone' },
    });
  });

  it('weighs heads of which nobody knows the cavity, and calibrates nothing by them', async () => {
    const { db, workshop, id } = await benchWithBatch();
    const molds = await workshop.molds.all();
    const weighed = await workshop.weighings.add({
      moldId: null,
      cavityId: null,
      metalBinId: null,
      hookBinId: null,
      count: 1,
      weighedG: 10.1,
      scale: 'typed',
      runId: null,
      batchId: id,
      calibrates: false,
    });
    expect(weighed.ok).toBe(true);
    expect(await db.weighings.where('batchId').equals(id).count()).toBe(1);
    expect(await workshop.molds.all()).toEqual(molds);
    await workshop.weighings.remove((await workshop.weighings.all())[0]!);
    expect(await workshop.weighings.all()).toEqual([]);
  });
});

describe('free heads on the shelf', () => {
  it('go to a ticket without a pour, and no more than lie there', async () => {
    const { workshop, heads, ticket } = await benchWithBatch();
    const allotment = { headBinId: heads, ticketId: ticket, lineId: 'line', count: 2 };
    const before = await madeFor(workshop, ticket);
    const given = await workshop.tickets.giveFromShelf([allotment]);
    expect(given).toMatchObject({ ok: true });
    expect(await onHand(workshop, heads)).toBe(4);
    const made = (await workshop.shelf.ledger()).ticketEntries.filter(({ ticketId }) => ticketId === ticket);
    expect(made.reduce((total, { qty }) => total + qty, 0)).toBe(before + 2);
    expect(await workshop.tickets.giveFromShelf([allotment, { ...allotment, count: 3 }])).toMatchObject({
      problem: { code: 'bench.too-little', onHand: 4, asked: 5 },
    });
    expect(await workshop.tickets.giveFromShelf([{ ...allotment, headBinId: 'none' }])).toMatchObject({
      problem: { code: 'bench.gone' },
    });
  });
});
