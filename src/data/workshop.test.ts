import { BLOCK, HOOKS, LOT, testWorkshop, threeHeads } from '../../tests/support/test-bench';
import Dexie from 'dexie';
import { BenchDatabase } from './database';
import { isTally } from './repositories/runs';
import { openWorkshop, type Workshop } from './workshop';
import { sortHistory } from './sort-history';

async function onHand(workshop: Workshop, binId: string): Promise<number> {
  return (await workshop.shelf.ledger()).levels.get(binId) ?? 0;
}

const nameHead = () => ({ name: 'Round 10 g', place: 'Rack' });

/** A bench with a lot of 1 kg, 20 hooks, a block, an order, and a run begun for it. */
async function benchWithRun() {
  const { db, workshop } = testWorkshop();
  const lot = await workshop.shelf.add(LOT, 1000);
  const hook = await workshop.shelf.add(HOOKS, 20);
  const mold = await workshop.molds.save(BLOCK);
  const ticket = await workshop.tickets.add({
    title: 'Three heads',
    wares: [],
    buyer: 'Club',
    toleranceShare: 0.05,
    note: '',
    lines: [
      {
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
      },
    ],
  });
  const started = await workshop.runs.start(threeHeads(mold, lot, hook, ticket, 'line'));
  if (!started.ok) throw new Error('the run did not begin');
  return { db, workshop, lot, hook, mold, ticket, run: started.value };
}

const TALLY = { liked: 'tally', early: true } as const;

describe('the shelf', () => {
  it('is the sum of its entries', async () => {
    const { workshop } = testWorkshop();
    const hook = await workshop.shelf.add(HOOKS, 20);
    await workshop.shelf.move(hook, 'taken', 6);
    await workshop.shelf.move(hook, 'returned', 2);
    await workshop.shelf.move(hook, 'received', 50);
    await workshop.shelf.move(hook, 'lost', 1);
    expect(await onHand(workshop, hook)).toBe(65);
    expect(await workshop.shelf.count(hook, 60)).toEqual({ ok: true, value: -5 });
    expect(await onHand(workshop, hook)).toBe(60);
    expect((await workshop.shelf.entriesOf(hook)).map(({ kind, qty }) => [kind, qty])).toEqual([
      ['received', 20],
      ['taken', -6],
      ['returned', 2],
      ['received', 50],
      ['lost', -1],
      ['counted', -5],
    ]);
  });

  it('refuses what is not there, half hooks and bins that are gone, and writes nothing', async () => {
    const { db, workshop } = testWorkshop();
    const hook = await workshop.shelf.add(HOOKS, 5);
    const acts = await db.acts.count();
    expect(await workshop.shelf.move(hook, 'taken', 6)).toMatchObject({
      problem: { code: 'bench.too-little', onHand: 5, asked: 6 },
    });
    expect(await workshop.shelf.move(hook, 'taken', 1.5)).toMatchObject({
      problem: { code: 'bench.not-whole' },
    });
    expect(await workshop.shelf.move('none', 'taken', 1)).toMatchObject({ problem: { code: 'bench.gone' } });
    expect(await db.acts.count()).toBe(acts);
    expect(await onHand(workshop, hook)).toBe(5);
  });

  it('leaves no act for a count that found nothing to set right', async () => {
    const { db, workshop } = testWorkshop();
    const hook = await workshop.shelf.add(HOOKS, 5);
    await workshop.shelf.count(hook, 5);
    expect(await db.acts.count()).toBe(1);
  });
});

describe('a run', () => {
  it('books heads in, hooks and metal out, misfills and sprues back', async () => {
    const { workshop, lot, hook, run, ticket } = await benchWithRun();
    for (let pour = 0; pour < 2; pour += 1) await workshop.runs.moveOn(run, 0, TALLY);
    const [, second] = await workshop.runs.pours(run);
    await workshop.runs.toggle(second!.id, 0);
    for (let pour = 0; pour < 2; pour += 1) await workshop.runs.moveOn(run, 0, TALLY);
    expect(await workshop.runs.moveOn(run, 0, TALLY)).toMatchObject({
      problem: { code: 'bench.nothing-to-pour' },
    });

    // 3 good and 1 misfill of 9 g, 4 sprues of 5 g, 2 g skimmed: 100 - 27 - 9 - 20 - 2 = 42 g left in the pot
    const booked = await workshop.runs.book(run, 2, nameHead);
    expect(booked).toEqual({
      ok: true,
      value: {
        goodG: 27,
        rejectedG: 9,
        sprueG: 20,
        drossG: 2,
        potLeftG: 42,
        good: 3,
        misfilled: 1,
        surplus: 0,
        unaccountedG: 0,
      },
    });
    expect(await onHand(workshop, lot)).toBe(1000 - 27 - 2);
    expect(await onHand(workshop, hook)).toBe(20 - 4);
    const heads = (await workshop.shelf.bins()).find((bin) => bin.kind === 'head');
    expect(await onHand(workshop, heads!.id)).toBe(3);
    expect((await workshop.shelf.ledger()).ticketEntries.map(({ ticketId, qty }) => [ticketId, qty])).toEqual(
      [[ticket, 3]],
    );
  });

  it('is all booked or not at all', async () => {
    const { db, workshop, lot, run } = await benchWithRun();
    await workshop.runs.moveOn(run, 0, TALLY);
    const entries = await db.entries.count();
    await expect(
      workshop.runs.book(run, 2, () => {
        throw new Error('the pen broke');
      }),
    ).rejects.toThrow('the pen broke');
    expect(await db.entries.count()).toBe(entries);
    expect(await onHand(workshop, lot)).toBe(1000);
    expect((await workshop.runs.current())?.id).toBe(run);
  });

  it('is booked once, in whichever tab, and takes no pours after', async () => {
    const { workshop, run } = await benchWithRun();
    await workshop.runs.moveOn(run, 0, TALLY);
    const both = await Promise.all([
      workshop.runs.book(run, 0, nameHead),
      workshop.runs.book(run, 0, nameHead),
    ]);
    expect(both.map((each) => each.ok).sort()).toEqual([false, true]);
    expect(await workshop.runs.moveOn(run, 0, TALLY)).toMatchObject({ problem: { code: 'bench.run-ended' } });
    expect(await workshop.runs.drop(run)).toMatchObject({ problem: { code: 'bench.run-ended' } });
  });

  it('tallies pours of two tabs one after the other', async () => {
    const { workshop, run } = await benchWithRun();
    await Promise.all([workshop.runs.moveOn(run, 0, TALLY), workshop.runs.moveOn(run, 0, TALLY)]);
    expect((await workshop.runs.pours(run)).map(({ no }) => no)).toEqual([1, 2]);
  });

  it('refuses a second run, an empty booking and skimmings past what was charged', async () => {
    const { workshop, lot, hook, mold, ticket, run } = await benchWithRun();
    expect(await workshop.runs.start(threeHeads(mold, lot, hook, ticket, 'line'))).toMatchObject({
      problem: { code: 'bench.run-under-way' },
    });
    expect(await workshop.runs.book(run, 0, nameHead)).toMatchObject({
      problem: { code: 'bench.nothing-poured' },
    });
    await workshop.runs.moveOn(run, 0, TALLY);
    expect(await workshop.runs.book(run, 90, nameHead)).toMatchObject({
      problem: { code: 'bench.overcast', shortG: 4 },
    });
  });

  it('books what went back into the pot as it ran as what is left in it', async () => {
    const { workshop, lot, hook, run } = await benchWithRun();
    expect(await workshop.runs.putBack(run, true)).toMatchObject({ ok: true });
    await workshop.runs.moveOn(run, 0, TALLY);
    const [pour] = await workshop.runs.pours(run);
    await workshop.runs.toggle(pour!.id, 0);
    const booked = await workshop.runs.book(run, 0, nameHead);
    expect(booked).toMatchObject({ ok: true, value: { rejectedG: 0, sprueG: 0, misfilled: 1 } });
    // Nothing of it is gone: the misfill is in the pot, and back on the shelf with the rest.
    expect([await onHand(workshop, lot), await onHand(workshop, hook)]).toEqual([1000, 19]);
    const { booking } = (await workshop.runs.all()).at(-1)!;
    expect(booking?.potLeftG).toBeCloseTo((await workshop.runs.all()).at(-1)!.chargedG, 9);
  });

  it('knows how long the pot took, where it was lit before, and no other run does', async () => {
    const { workshop, lot, hook, mold, ticket, run } = await benchWithRun();
    await workshop.runs.drop(run);
    await workshop.bench.light(900, 'Pot pourable');
    const { potLitAt } = await workshop.bench.read();
    expect((await workshop.clocks.all()).map(({ name }) => name)).toEqual(['Pot pourable']);
    await workshop.bench.putOut();
    expect((await workshop.bench.read()).potLitAt).toBeUndefined();
    await workshop.history.undo();
    expect((await workshop.bench.read()).potLitAt).toBe(potLitAt);
    await workshop.runs.start(threeHeads(mold, lot, hook, ticket, 'line'));
    const begun = await workshop.runs.current();
    expect(begun?.litAt).toBe(potLitAt);
    expect((await workshop.bench.read()).potLitAt).toBeUndefined();
    await workshop.runs.drop(begun!.id);
    await workshop.runs.start(threeHeads(mold, lot, hook, ticket, 'line'));
    expect((await workshop.runs.current())?.litAt).toBeUndefined();
  });

  it('moves nothing when it is dropped', async () => {
    const { workshop, lot, hook, run } = await benchWithRun();
    await workshop.runs.moveOn(run, 0, TALLY);
    await workshop.runs.drop(run);
    expect(await workshop.runs.current()).toBeUndefined();
    expect([await onHand(workshop, lot), await onHand(workshop, hook)]).toEqual([1000, 20]);
  });
});

describe('undo and redo', () => {
  it('takes back a booking by entries the other way round, and books it again', async () => {
    const { db, workshop, lot, hook, run } = await benchWithRun();
    await workshop.runs.moveOn(run, 0, TALLY);
    await workshop.runs.book(run, 0, nameHead);
    const written = await db.entries.count();
    expect(await workshop.history.undo()).toEqual({ ok: true, value: { code: 'run.booked', facts: {} } });
    expect([await onHand(workshop, lot), await onHand(workshop, hook)]).toEqual([1000, 20]);
    expect(await db.entries.count()).toBeGreaterThan(written);
    expect((await workshop.shelf.bins()).some((bin) => bin.kind === 'head')).toBe(false);
    expect((await workshop.runs.current())?.id).toBe(run);

    expect(await workshop.history.redo()).toMatchObject({ ok: true });
    expect([await onHand(workshop, lot), await onHand(workshop, hook)]).toEqual([991, 19]);
    expect((await workshop.shelf.bins()).some((bin) => bin.kind === 'head')).toBe(true);
  });

  it('goes back step by step and forward again', async () => {
    const { workshop } = testWorkshop();
    const hook = await workshop.shelf.add(HOOKS, 10);
    for (const amount of [1, 2, 3]) await workshop.shelf.move(hook, 'taken', amount);
    const levels = [await onHand(workshop, hook)];
    for (let step = 0; step < 3; step += 1) {
      await workshop.history.undo();
      levels.push(await onHand(workshop, hook));
    }
    for (let step = 0; step < 3; step += 1) {
      await workshop.history.redo();
      levels.push(await onHand(workshop, hook));
    }
    expect(levels).toEqual([4, 7, 9, 10, 9, 7, 4]);
    expect(await workshop.history.redo()).toMatchObject({ problem: { code: 'bench.nothing-to-undo' } });
  });

  it('offers what the whole history says, however far back that lies', async () => {
    const { db, workshop } = testWorkshop();
    const hook = await workshop.shelf.add(HOOKS, 500);
    for (let step = 0; step < 40; step += 1) await workshop.shelf.move(hook, 'taken', 1);
    const agrees = async () => {
      const all = sortHistory(await db.acts.orderBy('no').toArray());
      const { undo, redo } = await workshop.history.offers();
      expect([undo?.id, redo?.id]).toEqual([all.undo?.id, all.redo?.id]);
    };
    await agrees();
    for (let step = 0; step < 30; step += 1) await workshop.history.undo();
    await agrees();
    for (let step = 0; step < 14; step += 1) await workshop.history.redo();
    await agrees();
    for (let step = 0; step < 20; step += 1) await workshop.history.undo();
    await agrees();
    await workshop.shelf.move(hook, 'taken', 1);
    await agrees();
    for (let step = 0; step < 60; step += 1) await workshop.history.undo();
    await agrees();
    expect((await workshop.history.offers()).undo).toBeNull();
  });

  it('forgets what was undone once something new is written', async () => {
    const { workshop } = testWorkshop();
    const hook = await workshop.shelf.add(HOOKS, 10);
    await workshop.shelf.move(hook, 'taken', 1);
    await workshop.history.undo();
    await workshop.shelf.move(hook, 'taken', 5);
    expect((await workshop.history.offers()).redo).toBeNull();
    await workshop.history.undo();
    expect(await onHand(workshop, hook)).toBe(10);
  });

  it('in a run takes back pours and marks alone', async () => {
    const { workshop, run } = await benchWithRun();
    expect(await workshop.history.undo(isTally)).toMatchObject({
      problem: { code: 'bench.nothing-to-undo' },
    });
    await workshop.runs.moveOn(run, 0, TALLY);
    expect(await workshop.history.undo(isTally)).toMatchObject({ ok: true });
    expect(await workshop.runs.pours(run)).toEqual([]);
    expect((await workshop.runs.current())?.id).toBe(run);
  });

  it('refuses where what it wrote has changed since', async () => {
    const { db, workshop } = testWorkshop();
    const id = await workshop.molds.save(BLOCK);
    await db.molds.update(id, { place: 'moved behind the back of the ledger' });
    expect(await workshop.history.undo()).toMatchObject({ problem: { code: 'bench.changed-since' } });
    expect(await db.molds.count()).toBe(1);
  });
});

describe('tickets', () => {
  it('are numbered, changed, set aside and taken up', async () => {
    const { workshop, ticket } = await benchWithRun();
    const [written] = await workshop.tickets.all();
    expect(written).toMatchObject({ id: ticket, no: 1, state: 'open' });
    await workshop.tickets.setState(written!, 'set-aside');
    await workshop.tickets.edit({ ...written!, state: 'set-aside', title: 'Four heads' });
    expect((await workshop.tickets.all())[0]).toMatchObject({ state: 'set-aside', title: 'Four heads' });
  });

  it('hand their heads over when an order is closed, and keep them on the shelf for stock', async () => {
    const { workshop, run, ticket } = await benchWithRun();
    for (let pour = 0; pour < 3; pour += 1) await workshop.runs.moveOn(run, 0, TALLY);
    await workshop.runs.book(run, 0, nameHead);
    const heads = (await workshop.shelf.bins()).find((bin) => bin.kind === 'head')!;
    await workshop.tickets.close(ticket);
    expect(await onHand(workshop, heads.id)).toBe(0);
    await workshop.history.undo();
    const [order] = await workshop.tickets.all();
    await workshop.tickets.edit({ ...order!, buyer: null });
    await workshop.tickets.close(ticket);
    expect(await onHand(workshop, heads.id)).toBe(3);
  });
});

describe('what is pressed while the storage is busy', () => {
  it('counts from when it was pressed, one after the other', async () => {
    const db = new BenchDatabase('busy-bench');
    let time = 1_000;
    let names = 0;
    const workshop = openWorkshop({ db, now: () => time, newId: () => `z-${9 - (names += 1)}` });
    let letGo: () => void = () => undefined;
    const held = new Promise<void>((resolve) => (letGo = resolve));
    const reading = db.transaction('rw', db.tables, async () => {
      await db.weighings.toArray();
      await Dexie.waitFor(held);
    });
    const weighing = {
      moldId: null,
      cavityId: null,
      metalBinId: null,
      hookBinId: null,
      count: 1,
      scale: 'typed',
      runId: null,
      batchId: null,
      calibrates: false,
    } as const;
    const first = workshop.weighings.add({ ...weighing, weighedG: 10 });
    time = 5_000;
    const second = workshop.weighings.add({ ...weighing, weighedG: 11 });
    time = 9_000;
    letGo();
    await Promise.all([reading, first, second]);
    const taken = (await workshop.weighings.all()).sort((a, b) => a.at - b.at);
    expect(taken.map(({ at, weighedG }) => [at, weighedG])).toEqual([
      [1_000, 10],
      [5_000, 11],
    ]);
    expect((await db.acts.orderBy('no').toArray()).map(({ at }) => at)).toEqual([1_000, 5_000]);
  });
});

describe('clocks and the bench', () => {
  it('run to an instant and are laid by', async () => {
    const { workshop } = testWorkshop();
    await workshop.clocks.start('Glue', 90);
    const [clock] = await workshop.clocks.all();
    expect(clock!.endsAt - clock!.startedAt).toBe(90_000);
    await workshop.clocks.stop(clock!);
    expect(await workshop.clocks.all()).toEqual([]);
  });

  it('is bare until something is put on it', async () => {
    const { workshop } = testWorkshop();
    expect(await workshop.bench.isBare()).toBe(true);
    const bench = await workshop.bench.read();
    await workshop.bench.save({ ...bench, name: 'Quay bench' });
    expect((await workshop.bench.read()).name).toBe('Quay bench');
    expect(await workshop.bench.isBare()).toBe(false);
  });
});
