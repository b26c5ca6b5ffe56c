import { demoBench } from '@/demo/demo-bench';
import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { NEW_BENCH } from '@/records/bench';
import { PLAIN_NOTE } from '@/records/water-note';
import { PLAIN_BIN } from '@/records/plain-bin';
import { FIRST_VERSION } from '../../../tests/support/first-version';
import { readBenchFile } from '@/records/read-bench-file';
import { BenchDatabase } from '../database';
import { openWorkshop } from '../workshop';
import { MIGRATIONS } from './index';
import type { Migration } from './migration';

const NO_GAUGE = {
  ...PLAIN_BIN,
  keepApart: null,
  gauge: null,
  costEach: null,
  condition: 'new',
  buildId: null,
  rigId: null,
};

describe('migrations', () => {
  it('count up from 1 without a gap', () => {
    expect(MIGRATIONS.map(({ version }) => version)).toEqual(MIGRATIONS.map((_, index) => index + 1));
  });

  it('open a new bench at the newest version, with a table for everything', async () => {
    const db = new BenchDatabase('new-bench');
    await db.open();
    expect(db.verno).toBe(MIGRATIONS.length);
    expect(db.tables.map((table) => table.name).sort()).toEqual([
      'acts',
      'allowances',
      'batches',
      'beats',
      'bench',
      'bins',
      'buildings',
      'builds',
      'buyIns',
      'clocks',
      'coatFaults',
      'coats',
      'drawers',
      'entries',
      'flaws',
      'heaters',
      'keepsakes',
      'kits',
      'matches',
      'melts',
      'molds',
      'outlays',
      'packedLedger',
      'packs',
      'photos',
      'plasticBatches',
      'plastics',
      'pours',
      'pulls',
      'purchases',
      'racks',
      'riggings',
      'rigs',
      'rules',
      'runs',
      'sellers',
      'skirts',
      'substitutes',
      'tickets',
      'tyings',
      'waterNotes',
      'weighings',
    ]);
  });

  it('bring a bench of the first version up: cavities named, pins inserts, what was done still undone', async () => {
    const old = new Dexie('first-bench');
    old.version(1).stores(MIGRATIONS[0]!.stores as Record<string, string>);
    await old.open();
    for (const [table, records] of Object.entries(FIRST_VERSION)) {
      if (records.length > 0) await old.table(table).bulkAdd(records);
    }
    await old.table('keepsakes').add({ id: 'before-restore', at: 5, contents: FIRST_VERSION });
    old.close();

    const db = new BenchDatabase('first-bench');
    let made = 0;
    const workshop = openWorkshop({ db, now: () => 9, newId: () => `new-${(made += 1)}` });
    const saved = await workshop.backup.save();
    expect(readBenchFile(JSON.stringify(saved))).toMatchObject({ ok: true });
    expect(saved.contents.molds[0]!.cavities[0]).toMatchObject({
      id: 'block-c1',
      volumeCm3: 0.98,
      outline: null,
    });
    // The run that was under way goes on where it was, and its beat begins.
    const run = await workshop.runs.current();
    expect((await workshop.runs.pours(run!.id)).map(({ isWarmUp, potC }) => [isWarmUp, potC])).toEqual([
      [false, null],
    ]);
    const moved = await workshop.runs.moveOn(run!.id, 0, { liked: 'hand' });
    expect(moved).toMatchObject({ ok: true, value: { word: 'Load', pour: null } });
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    const undone = await workshop.history.undo();
    expect(undone.ok).toBe(true);
    expect((await workshop.molds.all())[0]).toMatchObject({ name: 'Block I', spin: null });
    expect(await workshop.backup.goBack()).toMatchObject({ ok: true });
    expect((await workshop.molds.all())[0]!.cavities[1]).toMatchObject({ id: 'block-c2', inserts: [] });
  });

  it('bring what version 3 kept of weighings, batches and flaws up', async () => {
    const old = new Dexie('third-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 3)) old.version(version).stores(stores);
    await old.open();
    const weighing = {
      id: 'w',
      at: 1,
      moldId: 'm',
      cavityId: 'c',
      metalBinId: 'lot',
      hookBinId: null,
      count: 3,
      weighedG: 30,
      scale: 'typed',
      runId: null,
      calibrates: true,
    };
    const batch = {
      id: 'b',
      title: 'Eggs',
      runId: null,
      moldId: null,
      style: 'egg',
      nominalG: 10,
      hookBinId: null,
      metalBinId: 'lot',
      count: 20,
      tray: 5,
      steps: [],
      inHand: null,
      startedAt: 1,
      endedAt: null,
    };
    await old.table('weighings').add(weighing);
    await old.table('batches').add(batch);
    await old
      .table('flaws')
      .add({ id: 'f', at: 1, runId: null, moldId: 'm', cavity: 0, kind: 'flash', count: 2 });
    const change = { table: 'weighings', key: 'w', before: null, after: weighing };
    await old.table('acts').add({ id: 'a', no: 1, at: 1, label: 'Weigh', changes: [change], undoes: null });
    old.close();

    const db = new BenchDatabase('third-bench');
    expect(await db.weighings.get('w')).toEqual({ ...weighing, batchId: null });
    expect(await db.batches.get('b')).toEqual({
      ...batch,
      headBinId: null,
      toleranceShare: 0.03,
      sortedOut: [],
    });
    expect(await db.flaws.get('f')).toMatchObject({
      batchId: null,
      fate: 'kept',
      cause: null,
      kind: 'flash',
    });
    let names = 0;
    const workshop = openWorkshop({ db, now: () => 2, newId: () => `id-${(names += 1)}` });
    // What was done under the old version can still be taken back.
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect(await workshop.weighings.all()).toEqual([]);
  });

  it('bring what version 4 kept of heads and tickets up: bare heads, lines without a color', async () => {
    const old = new Dexie('fourth-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 4)) old.version(version).stores(stores);
    await old.open();
    const head = {
      id: 'h',
      name: 'Eggs',
      place: '',
      lowAt: null,
      retired: false,
      note: '',
      kind: 'head',
      unit: 'pieces',
      style: 'egg',
      nominalG: 10,
      hookBinId: null,
      metalBinId: null,
    };
    const line = {
      id: 'l',
      style: 'egg',
      nominalG: 10,
      count: 2,
      hookBinId: null,
      metalBinId: 'h',
      dueOn: null,
    };
    const ticket = {
      id: 't',
      no: 1,
      title: 'Eggs',
      buyer: null,
      toleranceShare: 0.05,
      state: 'open',
      note: '',
      createdAt: 1,
      lines: [line],
    };
    await old.table('bins').add(head);
    await old.table('tickets').add({ ...ticket, title: 'Egg sinkers' });
    const change = { table: 'tickets', key: 't', before: ticket, after: { ...ticket, title: 'Egg sinkers' } };
    await old.table('acts').add({ id: 'a', no: 1, at: 1, label: 'Edit', changes: [change], undoes: null });
    old.close();

    const db = new BenchDatabase('fourth-bench');
    let names = 0;
    const workshop = openWorkshop({ db, now: () => 2, newId: () => `id-${(names += 1)}` });
    expect(await workshop.shelf.bins()).toEqual([
      { ...head, ...PLAIN_BIN, coatId: null, skirtId: null, bought: null, costEach: null },
    ]);
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect(await workshop.tickets.all()).toEqual([
      {
        ...ticket,
        lines: [{ ...line, coatId: null, skirtId: null, guardBinId: null, collarBinId: null }],
        wares: [],
      },
    ]);
    expect(await workshop.racks.all()).toEqual([]);
  });

  it('bring what version 5 kept up: entries of whole tabs, parts without a color, skirts to be made', async () => {
    const old = new Dexie('fifth-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 5)) old.version(version).stores(stores);
    await old.open();
    const part = {
      id: 'p',
      name: 'Tab, straw',
      place: '',
      lowAt: null,
      retired: false,
      note: '',
      kind: 'part',
      unit: 'pieces',
      sort: 'skirt tabs',
      massG: 0.6,
    };
    const entry = {
      id: 'e',
      at: 1,
      binId: 'p',
      kind: 'received',
      qty: 4,
      note: '',
      ticketId: null,
      lineId: null,
      runId: null,
      reverses: null,
    };
    await old.table('bins').add(part);
    await old.table('entries').add(entry);
    const change = { table: 'entries', key: 'e', before: null, after: entry };
    await old.table('acts').add({ id: 'a', no: 1, at: 1, label: 'Receive', changes: [change], undoes: null });
    old.close();

    const db = new BenchDatabase('fifth-bench');
    let names = 0;
    const workshop = openWorkshop({ db, now: () => 2, newId: () => `id-${(names += 1)}` });
    expect(await workshop.shelf.bins()).toEqual([{ ...part, hex: null, ...NO_GAUGE }]);
    expect(await workshop.shelf.entriesOf('p')).toEqual([
      { ...entry, pieceShare: null, lengthId: null, unitCost: null },
    ]);
    expect((await workshop.shelf.ledger()).cutEntries).toEqual([]);
    expect(await workshop.skirts.all()).toEqual([]);
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect((await workshop.shelf.ledger()).levels.get('p')).toBe(0);
  });

  it('bring what version 6 kept of parts up: not measured, new, and builds to be made', async () => {
    const old = new Dexie('sixth-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 6)) old.version(version).stores(stores);
    await old.open();
    const part = {
      id: 'p',
      name: 'Leaf blade 40 mm',
      place: '',
      lowAt: null,
      retired: false,
      note: '',
      kind: 'part',
      unit: 'pieces',
      sort: 'leaf blades',
      massG: 1.1,
      hex: null,
    };
    const edited = { ...part, massG: 1.2 };
    await old.table('bins').add(edited);
    const change = { table: 'bins', key: 'p', before: part, after: edited };
    await old.table('acts').add({ id: 'a', no: 1, at: 1, label: 'Edit', changes: [change], undoes: null });
    old.close();

    const db = new BenchDatabase('sixth-bench');
    let names = 0;
    const workshop = openWorkshop({ db, now: () => 2, newId: () => `id-${(names += 1)}` });
    expect(await workshop.shelf.bins()).toEqual([{ ...edited, ...NO_GAUGE }]);
    expect(await workshop.builds.all()).toEqual([]);
    expect(await workshop.plastics.batches()).toEqual([]);
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect(await workshop.shelf.bins()).toEqual([{ ...part, ...NO_GAUGE }]);
  });

  it('bring what version 7 kept up: gauges that say what a line is, entries of no length told apart', async () => {
    const old = new Dexie('seventh-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 7)) old.version(version).stores(stores);
    await old.open();
    const gauge = {
      as: 'bead',
      sizes: { diameterMm: 4 },
      form: null,
      plastic: null,
      bend: null,
      basis: 'measured',
    };
    const part = {
      id: 'p',
      name: 'Bead 4 mm',
      place: '',
      lowAt: null,
      retired: false,
      note: '',
      kind: 'part',
      unit: 'pieces',
      sort: 'beads',
      massG: 0.2,
      hex: null,
      costEach: null,
      condition: 'new',
      buildId: null,
      gauge,
    };
    const entry = {
      id: 'e',
      at: 1,
      binId: 'p',
      kind: 'received',
      qty: 9,
      note: '',
      ticketId: null,
      lineId: null,
      runId: null,
      pieceShare: null,
      reverses: null,
    };
    await old.table('bins').add(part);
    await old.table('bins').add({ ...part, id: 'q', gauge: null });
    await old.table('entries').add(entry);
    const change = { table: 'entries', key: 'e', before: null, after: entry };
    await old.table('acts').add({ id: 'a', no: 1, at: 1, label: 'Receive', changes: [change], undoes: null });
    old.close();

    const db = new BenchDatabase('seventh-bench');
    let names = 0;
    const workshop = openWorkshop({ db, now: () => 2, newId: () => `id-${(names += 1)}` });
    expect(await workshop.shelf.bins()).toEqual([
      { ...part, ...PLAIN_BIN, keepApart: null, rigId: null, gauge: { ...gauge, line: null, shape: null } },
      { ...part, ...PLAIN_BIN, id: 'q', keepApart: null, rigId: null, gauge: null },
    ]);
    expect(await workshop.shelf.entriesOf('p')).toEqual([{ ...entry, lengthId: null, unitCost: null }]);
    expect((await workshop.shelf.ledger()).lengthEntries).toEqual([]);
    expect(await workshop.rigs.all()).toEqual([]);
    expect(readBenchFile(JSON.stringify(await workshop.backup.save()))).toMatchObject({ ok: true });
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect((await workshop.shelf.ledger()).levels.get('p')).toBe(0);
  });

  it('bring what version 8 kept up: entries without a price, tickets of heads alone, notes of skirts', async () => {
    const old = new Dexie('eighth-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 8)) old.version(version).stores(stores);
    await old.open();
    const note = { id: 'w', at: 5, place: 'Weir', hours: 2, fish: 3, lost: 1, note: 'rain' };
    const entry = {
      id: 'e',
      at: 1,
      binId: 'p',
      kind: 'received',
      qty: 9,
      note: '',
      ticketId: null,
      lineId: null,
      runId: null,
      pieceShare: null,
      lengthId: null,
      reverses: null,
    };
    await old.table('waterNotes').add({ ...note, skirtId: 's', note: 'sun' });
    await old.table('entries').add(entry);
    const { money, ...bench } = NEW_BENCH;
    await old.table('bench').add(bench);
    const change = {
      table: 'waterNotes',
      key: 'w',
      before: { ...note, skirtId: 's' },
      after: { ...note, skirtId: 's', note: 'sun' },
    };
    await old.table('acts').add({ id: 'a', no: 1, at: 1, label: 'Note', changes: [change], undoes: null });
    old.close();

    const db = new BenchDatabase('eighth-bench');
    let names = 0;
    const workshop = openWorkshop({ db, now: () => 2, newId: () => `id-${(names += 1)}` });
    const of = { kind: 'skirt', id: 's' };
    expect(await workshop.water.all()).toEqual([{ ...PLAIN_NOTE, ...note, of, note: 'sun' }]);
    expect((await workshop.shelf.ledger()).entriesByBin.get('p')).toEqual([{ ...entry, unitCost: null }]);
    expect(await workshop.bench.read()).toEqual({ ...bench, money });
    expect(await db.packs.toArray()).toEqual([]);
    // What was done under the old version can still be taken back.
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect(await workshop.water.all()).toEqual([{ ...PLAIN_NOTE, ...note, of }]);
  });

  it('bring what version 10 kept of runs of skirts onto cards, and name the pieces of the others', async () => {
    const old = new Dexie('tenth-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 10)) old.version(version).stores(stores);
    await old.open();
    const common = { startedAt: 1, inHand: null, seconds: 300, endedAt: null, putBack: [] };
    const tying = {
      ...common,
      id: 't',
      no: 3,
      state: 'tying',
      skirtId: 's',
      count: 5,
      headBinId: null,
      ticketId: null,
      lineId: null,
      swaps: [],
      taken: [{ binId: 'p', pieces: [], qty: 5 }],
    };
    const onCard = { ...tying, way: 'one-by-one', passed: 0, failed: [], isThrough: false };
    const ended = {
      ...tying,
      id: 'u',
      no: 2,
      state: 'tied',
      done: 4,
      endedAt: 9,
      card: { step: 0, counted: 0 },
    };
    const all = { ...tying, id: 'v', no: 1, done: 5, card: { step: 0, counted: 0 } };
    await old.table('tyings').bulkAdd([{ ...tying, done: 2, card: { step: 1, counted: 4 } }, ended, all]);
    const building = {
      ...common,
      id: 'b',
      no: 1,
      state: 'building',
      buildId: 'x',
      count: 3,
      way: 'by-station',
      taken: [],
      isThrough: false,
      passed: 0,
      failed: [],
    };
    await old.table('buildings').add({ ...building, card: { step: 1, bait: 2, counted: 0 } });
    const [before, after] = [1, 2].map((done) => ({ ...tying, done, card: { step: 1, counted: 4 } }));
    const change = { table: 'tyings', key: 't', before, after };
    await old.table('acts').bulkAdd([
      { id: 'a', no: 1, at: 1, label: 'Press', changes: [change], undoes: null },
      {
        id: 'c',
        no: 2,
        at: 1,
        label: 'Undo: Press',
        changes: [{ ...change, before: after, after: before }],
        undoes: 'a',
      },
      { id: 'd', no: 3, at: 1, label: 'Redo: Press', changes: [change], undoes: 'c' },
    ]);
    old.close();

    const db = new BenchDatabase('tenth-bench');
    let names = 0;
    const workshop = openWorkshop({ db, now: () => 2, newId: () => `id-${(names += 1)}` });
    const { done: _, ...wasEnded } = ended;
    expect(await workshop.tyings.all()).toEqual([
      { ...onCard, id: 'v', no: 1, isThrough: true, card: { step: 0, piece: 4, counted: 0 } },
      { ...onCard, ...wasEnded, passed: 4, card: { step: 0, piece: 4, counted: 0 } },
      { ...onCard, card: { step: 1, piece: 2, counted: 4 } },
    ]);
    expect(await workshop.buildings.all()).toEqual([
      { ...building, card: { step: 1, piece: 2, counted: 0 } },
    ]);
    // What was done is a code now; what was told in words is kept as it was told, without what it was taken back by.
    const told = { code: 'told', facts: { text: 'Press' } };
    expect((await db.acts.orderBy('no').toArray()).map(({ deed }) => deed)).toEqual([told, told, told]);
    // A run that was under way goes on at its card, and what was done under the old version can still be taken back.
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect((await db.tyings.get('t'))!.card).toEqual({ step: 1, piece: 1, counted: 4 });
    expect(await workshop.tyings.press('t', [0, 0, 0], [null, null, null])).toMatchObject({
      ok: true,
      value: { card: { step: 2, piece: 1, counted: 0 } },
    });
  });

  it('bring what version 12 kept of the shelf up: a price for everything, and what a part is in its gauge', async () => {
    const old = new Dexie('twelfth-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 12)) old.version(version).stores(stores);
    await old.open();
    const common = { ...PLAIN_BIN, place: '', lowAt: null, retired: false, note: '', unit: 'pieces' };
    const hook = {
      ...common,
      id: 'h',
      name: 'Hook',
      kind: 'hook',
      size: '2/0',
      massG: 0.5,
      massBasis: 'guess',
      wireMm: 1,
      shankMm: 30,
      gapeMm: 12,
    };
    const part = { ...common, ...NO_GAUGE, kind: 'part', massG: null, hex: null };
    const collar = { ...part, id: 'c', name: 'Collar', sort: 'collars' };
    const trailer = { ...part, id: 't', name: 'Trailer', sort: 'trailers' };
    const box = { ...part, id: 'b', name: 'Box', sort: 'packing' };
    await old.table('bins').bulkAdd([hook, collar, trailer, box]);
    old.close();

    const db = new BenchDatabase('twelfth-bench');
    const workshop = openWorkshop({ db, now: () => 2, newId: () => 'id' });
    const told = { sizes: {}, form: null, bend: null, line: null, basis: 'guess' };
    expect(await workshop.shelf.bins()).toEqual([
      box,
      { ...collar, gauge: { ...told, as: 'collar', plastic: null, shape: null } },
      { ...hook, costEach: null },
      { ...trailer, gauge: { ...told, as: 'trailer', plastic: 'soft', shape: null } },
    ]);
  });

  it('leave the tickets of version 13 as they were: each line named its metal', async () => {
    const old = new Dexie('thirteenth-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 13)) old.version(version).stores(stores);
    await old.open();
    const { tickets } = demoBench(Date.UTC(2026, 10, 23, 12));
    await old.table('tickets').bulkAdd(tickets as object[]);
    old.close();

    const db = new BenchDatabase('thirteenth-bench');
    const workshop = openWorkshop({ db, now: () => 2, newId: () => 'id' });
    const kept = await workshop.tickets.all();
    expect(kept).toHaveLength(tickets.length);
    for (const ticket of tickets) expect(kept).toContainEqual(ticket);
  });

  it('say of the trailers of version 14 that nobody named their shape, and of their history too', async () => {
    const old = new Dexie('fourteenth-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 14)) old.version(version).stores(stores);
    await old.open();
    const { bins } = demoBench(Date.UTC(2026, 10, 23, 12));
    const unshaped = bins.map((bin) => {
      if (bin.kind !== 'part' || !bin.gauge) return bin;
      const { shape: _, ...gauge } = bin.gauge;
      return { ...bin, gauge };
    });
    await old.table('bins').bulkAdd(unshaped as object[]);
    const act = { id: 'a', no: 1, at: 1, deed: { code: 'told', facts: { text: 'x' } }, undoes: null };
    const changed = unshaped.find((bin) => bin.kind === 'part' && bin.gauge?.as === 'trailer')!;
    await old
      .table('acts')
      .add({ ...act, changes: [{ table: 'bins', id: changed.id, before: null, after: changed }] });
    old.close();

    const db = new BenchDatabase('fourteenth-bench');
    const workshop = openWorkshop({ db, now: () => 2, newId: () => 'id' });
    const kept = await workshop.shelf.bins();
    const gauges = kept.flatMap((bin) => (bin.kind === 'part' && bin.gauge ? [bin.gauge] : []));
    expect(gauges.length).toBeGreaterThan(50);
    expect(gauges.every(({ shape }) => shape === null)).toBe(true);
    expect((await db.acts.get('a'))!.changes[0]!.after).toMatchObject({
      gauge: { as: 'trailer', shape: null },
    });
  });

  it('leave what version 15 kept as it was, which says nothing of unbaked racks, wires cast in, own steps and threads', async () => {
    const old = new Dexie('fifteenth-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 15)) old.version(version).stores(stores);
    await old.open();
    const { racks, skirts, builds, molds } = demoBench(Date.UTC(2026, 10, 23, 12));
    await old.table('racks').bulkAdd(racks as object[]);
    await old.table('skirts').bulkAdd(skirts as object[]);
    await old.table('builds').bulkAdd(builds as object[]);
    await old.table('molds').bulkAdd(molds as object[]);
    old.close();

    const db = new BenchDatabase('fifteenth-bench');
    const workshop = openWorkshop({ db, now: () => 2, newId: () => 'id' });
    expect(await workshop.racks.all()).toEqual(expect.arrayContaining([...racks]));
    expect(await workshop.skirts.all()).toEqual(expect.arrayContaining([...skirts]));
    const kept = await workshop.builds.all();
    expect(kept).toEqual(expect.arrayContaining([...builds]));
    expect(kept.every((build) => build.ownSteps === undefined && build.dip === undefined)).toBe(true);
    // What is said from now on goes into it.
    expect(await workshop.builds.ownSteps(builds[0]!.id, [{ id: 'x' }])).toMatchObject({ ok: true });
    expect((await workshop.builds.all()).find(({ id }) => id === builds[0]!.id)?.ownSteps).toEqual([
      { id: 'x' },
    ]);
  });

  it('leave what version 16 kept as it was, which asks by no name and says of nothing else that goes on', async () => {
    const old = new Dexie('sixteenth-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 16)) old.version(version).stores(stores);
    await old.open();
    const { tickets, skirts, bins } = demoBench(Date.UTC(2026, 10, 23, 12));
    await old.table('tickets').bulkAdd(tickets as object[]);
    await old.table('skirts').bulkAdd(skirts as object[]);
    await old.table('bins').bulkAdd(bins as object[]);
    old.close();

    const db = new BenchDatabase('sixteenth-bench');
    const workshop = openWorkshop({ db, now: () => 2, newId: () => 'id' });
    expect(await workshop.tickets.all()).toEqual(expect.arrayContaining([...tickets]));
    expect(await workshop.skirts.all()).toEqual(expect.arrayContaining([...skirts]));
    // What a recipe says from now on goes into it.
    const {
      id: _id,
      version: _version,
      createdAt: _at,
      retired: _retired,
      ownSteps: _own,
      ...recipe
    } = skirts[0]!;
    const kept = await workshop.skirts.keep({ ...recipe, also: [{ binId: bins[0]!.id, qty: 0.1 }] });
    expect((await workshop.skirts.all()).find(({ id }) => id === kept.id)).toMatchObject({
      version:
        1 +
        Math.max(...skirts.filter(({ family }) => family === recipe.family).map(({ version }) => version)),
      also: [{ binId: bins[0]!.id, qty: 0.1 }],
    });
  });

  it('leave what version 17 kept as it was, and take pulls from then on', async () => {
    const old = new Dexie('seventeenth-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 17)) old.version(version).stores(stores);
    await old.open();
    const { runs, rigs, bins } = demoBench(Date.UTC(2026, 10, 23, 12));
    await old.table('runs').bulkAdd(runs as object[]);
    await old.table('rigs').bulkAdd(rigs as object[]);
    await old.table('bins').bulkAdd(bins as object[]);
    old.close();

    const db = new BenchDatabase('seventeenth-bench');
    let made = 0;
    const workshop = openWorkshop({ db, now: () => 2, newId: () => `new-${(made += 1)}` });
    expect(await workshop.runs.all()).toEqual([...runs].sort((a, b) => a.no - b.no));
    expect(await workshop.rigs.all()).toEqual(expect.arrayContaining([...rigs]));
    expect(await workshop.rigs.pulls()).toEqual([]);
    await workshop.rigs.pulled({ end: 'knot', binId: bins[0]!.id, brokeKgf: 6.2 });
    expect(await workshop.rigs.pulls()).toEqual([
      { id: 'new-1', end: 'knot', binId: bins[0]!.id, brokeKgf: 6.2, at: 2 },
    ]);
    await workshop.history.undo();
    expect(await workshop.rigs.pulls()).toEqual([]);
  });

  it('leave what version 19 kept as it was, and take cups of a known weight from then on', async () => {
    const old = new Dexie('nineteenth-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 19)) old.version(version).stores(stores);
    await old.open();
    const [kept] = demoBench(Date.UTC(2026, 10, 23, 12)).bench;
    await old.table('bench').put(kept as object);
    old.close();

    const db = new BenchDatabase('nineteenth-bench');
    let made = 0;
    const workshop = openWorkshop({ db, now: () => 2, newId: () => `new-${(made += 1)}` });
    expect(await workshop.bench.read()).toEqual(kept);
    const cups = [{ id: 'cup-1', name: 'Tin lid', massG: 12.4 }];
    await workshop.bench.save({ ...kept!, cups });
    expect(await workshop.bench.read()).toEqual({ ...kept, cups });
    await workshop.history.undo();
    expect(await workshop.bench.read()).toEqual(kept);
  });

  it('leave what version 20 kept as it was, and take the bars of a printed mat from then on', async () => {
    const old = new Dexie('twentieth-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 20)) old.version(version).stores(stores);
    await old.open();
    const [kept] = demoBench(Date.UTC(2026, 10, 23, 12)).bench;
    await old.table('bench').put(kept as object);
    old.close();

    const db = new BenchDatabase('twentieth-bench');
    let made = 0;
    const workshop = openWorkshop({ db, now: () => 2, newId: () => `new-${(made += 1)}` });
    expect(await workshop.bench.read()).toEqual(kept);
    const mat = { acrossMm: 145.6, alongMm: 194.1 };
    await workshop.bench.save({ ...kept!, mat });
    expect(await workshop.bench.read()).toEqual({ ...kept, mat });
    await workshop.history.undo();
    expect(await workshop.bench.read()).toEqual(kept);
  });

  it('leave what version 21 kept as it was, and take gates and what a block is made of from then on', async () => {
    const old = new Dexie('twenty-first-bench');
    for (const { version, stores } of MIGRATIONS.slice(0, 21)) old.version(version).stores(stores);
    await old.open();
    const [kept] = demoBench(Date.UTC(2026, 10, 23, 12)).molds;
    const { heat: _, ...mold } = kept!;
    const cavities = mold.cavities.map(({ gate: __, ...cavity }) => cavity);
    await old.table('molds').put({ ...mold, cavities });
    old.close();

    const db = new BenchDatabase('twenty-first-bench');
    let made = 0;
    const workshop = openWorkshop({ db, now: () => 2, newId: () => `new-${(made += 1)}` });
    expect(await workshop.molds.all()).toEqual([{ ...mold, cavities }]);
    const gate = { side: 'above' as const, at: 0.4, wideMm: 5, vents: [0.1] };
    const heat = { of: 'aluminum' as const, weighsG: null, gapMm: 0.03 };
    const changed = { ...mold, heat, cavities: cavities.map((cavity) => ({ ...cavity, gate })) };
    await workshop.molds.save(changed);
    expect(await workshop.molds.all()).toEqual([changed]);
    await workshop.history.undo();
    expect(await workshop.molds.all()).toEqual([{ ...mold, cavities }]);
  });

  it('bring an older database up, step by step, with what was in it', async () => {
    // Version 1 as it shipped, written by hand: what browsers out there hold.
    const old = new Dexie('old-bench');
    old.version(1).stores(MIGRATIONS[0]!.stores as Record<string, string>);
    await old.open();
    await old.table('clocks').add({ id: 'clock', name: 'Glue', startedAt: 1, endsAt: 2, silencedAt: null });
    old.close();

    const next: Migration = {
      version: MIGRATIONS.length + 1,
      stores: { clocks: 'id, endsAt' },
      upgrade: (transaction) =>
        transaction
          .table('clocks')
          .toCollection()
          .modify((clock: { name: string }) => {
            clock.name = clock.name.toUpperCase();
          })
          .then(() => undefined),
    };
    const db = new BenchDatabase('old-bench', [...MIGRATIONS, next]);
    expect(await db.clocks.toArray()).toEqual([
      { id: 'clock', name: 'GLUE', startedAt: 1, endsAt: 2, silencedAt: null },
    ]);
    expect(await db.clocks.where('endsAt').equals(2).count()).toBe(1);
  });
});
