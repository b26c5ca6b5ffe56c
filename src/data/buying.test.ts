import { HOOKS, LOT, testWorkshop } from '../../tests/support/test-bench';
import { PLAIN_NOTE } from '@/records/water-note';
import { PLAIN_PART } from '@/records/plain-part';

async function bench() {
  const { db, workshop } = testWorkshop();
  const hooks = await workshop.shelf.add(HOOKS, 4);
  const line = await workshop.shelf.add(
    {
      ...PLAIN_PART,
      kind: 'part',
      unit: 'mm',
      name: 'Cable',
      place: '',
      lowAt: null,
      note: '',
      sort: 'cable',
    },
    0,
  );
  const seller = await workshop.buying.saveSeller({
    name: 'Quayside',
    postage: 4,
    freeFrom: 40,
    leadDays: 3,
    note: '',
    retired: false,
  });
  const pack = (binId: string, qty: number, price: number) =>
    workshop.buying.savePack({
      binId,
      sellerId: seller.id,
      qty,
      price,
      breaks: [],
      pricedOn: '2026-11-01',
      retired: false,
    });
  const hookPack = await pack(hooks, 25, 5);
  const linePack = await pack(line, 5000, 3);
  const lineOf = (each: typeof hookPack, packs: number) => ({
    packId: each.id,
    binId: each.binId,
    packs,
    packQty: each.qty,
    packPrice: each.price,
    came: 0,
  });
  const [order] = await workshop.buying.order([
    {
      sellerId: seller.id,
      postage: 4,
      dueOn: null,
      note: '',
      lines: [lineOf(hookPack, 2), lineOf(linePack, 2)],
    },
  ]);
  const level = async (id: string) => (await workshop.shelf.ledger()).levels.get(id) ?? 0;
  return { db, workshop, hooks, line, hookPack, linePack, order: order!, level };
}

describe('orders', () => {
  it('are received as they come, each thing at its price with its share of the post', async () => {
    const { workshop, hooks, line, hookPack, linePack, order, level } = await bench();
    const part = await workshop.buying.receive(order.id, [
      { packId: hookPack.id, packs: 1 },
      { packId: linePack.id, packs: 2 },
    ]);
    expect(part).toMatchObject({ ok: true, value: { state: 'ordered' } });
    expect(await level(hooks)).toBe(4 + 25);
    const ledger = await workshop.shelf.ledger();
    const bought = ledger.entriesByBin.get(hooks)!.at(-1)!;
    // Goods of 16 and post of 4: a quarter more on each price.
    expect(bought.unitCost).toBeCloseTo((5 * 1.25) / 25, 12);
    // Two rolls, each told apart.
    const rolls = ledger.lengthEntries.filter(({ binId }) => binId === line);
    expect(rolls.map(({ qty }) => qty)).toEqual([5000, 5000]);
    expect(new Set(rolls.map(({ lengthId }) => lengthId)).size).toBe(2);
    expect(await workshop.buying.receive(order.id, [{ packId: hookPack.id, packs: 1 }])).toMatchObject({
      ok: true,
      value: { state: 'received' },
    });
    expect(await workshop.buying.receive(order.id, [])).toMatchObject({
      ok: false,
      problem: { code: 'bench.order-done', no: 1 },
    });
  });

  it('are received as they were counted: what was paid is paid for what came', async () => {
    const { workshop, hooks, hookPack, order, level } = await bench();
    await workshop.buying.receive(order.id, [{ packId: hookPack.id, packs: 2, counted: 48 }]);
    expect(await level(hooks)).toBe(4 + 48);
    const bought = (await workshop.shelf.ledger()).entriesByBin.get(hooks)!.at(-1)!;
    expect(bought.unitCost).toBeCloseTo((2 * 5 * 1.25) / 48, 12);
    expect(bought.note).toBe('order 1, 48 counted where the packs say 50');
    await workshop.history.undo();
    expect(await level(hooks)).toBe(4);
  });

  it('refuse more than was ordered and write nothing of it; undo takes a delivery back', async () => {
    const { workshop, hooks, hookPack, order, level } = await bench();
    expect(await workshop.buying.receive(order.id, [{ packId: hookPack.id, packs: 3 }])).toEqual({
      ok: false,
      problem: { code: 'bench.more-came', asked: 2, came: 3 },
    });
    expect(await level(hooks)).toBe(4);
    await workshop.buying.receive(order.id, [{ packId: hookPack.id, packs: 2 }]);
    expect(await level(hooks)).toBe(54);
    await workshop.history.undo();
    expect(await level(hooks)).toBe(4);
    expect((await workshop.buying.purchases())[0]!.lines[0]!.came).toBe(0);
    expect(await workshop.buying.giveUp(order.id)).toMatchObject({ ok: true, value: { state: 'given-up' } });
    expect(await workshop.buying.receive('gone', [])).toMatchObject({ ok: false });
  });

  it('remember a price to buy in as it was noted last', async () => {
    const { workshop } = await bench();
    const buyIn = {
      kind: 'skirt' as const,
      key: 'roach',
      postage: 2,
      leadDays: 4,
      pricedOn: '2026-11-01',
      note: '',
    };
    await workshop.buying.saveBuyIn({ ...buyIn, each: 1.2 });
    await workshop.buying.saveBuyIn({ ...buyIn, each: 1.4 });
    expect((await workshop.buying.buyIns()).map(({ each }) => each)).toEqual([1.4]);
  });
});

describe('a list that comes in', () => {
  const row = (name: string, qty: number, more: object = {}) => ({
    binId: null,
    name,
    sort: '',
    unit: 'pieces' as const,
    qty,
    unitCost: 0.1,
    place: '',
    lowAt: null,
    note: '',
    ...more,
  });

  it('makes one bin of each new name, and enters every row with its price', async () => {
    const { workshop, hooks, level } = await bench();
    const brought = await workshop.shelf.bringIn(
      [
        row('Bead', 10),
        row('BEAD', 5),
        row('Hook 2/0', 6, { binId: hooks }),
        row('Cord', 900, { unit: 'mm' }),
      ],
      'received',
    );
    expect(brought).toEqual({ bins: 2, entries: 4 });
    const bead = (await workshop.shelf.bins()).find(({ name }) => name === 'Bead')!;
    expect(await level(bead.id)).toBe(15);
    expect(await level(hooks)).toBe(10);
    expect((await workshop.shelf.ledger()).entriesByBin.get(bead.id)![0]!.unitCost).toBe(0.1);
    expect((await workshop.shelf.ledger()).lengthEntries.some(({ qty }) => qty === 900)).toBe(true);
    expect(await workshop.history.undo()).toMatchObject({ ok: true });
    expect(await level(hooks)).toBe(4);
    expect((await workshop.shelf.bins()).some(({ name }) => name === 'Bead')).toBe(false);
  });

  it('sets bins right to what it says lies there', async () => {
    const { workshop, hooks, level } = await bench();
    await workshop.shelf.bringIn([row('Hook 2/0', 30, { binId: hooks })], 'counted');
    expect(await level(hooks)).toBe(30);
    expect(await workshop.shelf.bringIn([row('Hook 2/0', 30, { binId: hooks })], 'counted')).toEqual({
      bins: 0,
      entries: 0,
    });
  });
});

describe('the cabinet, count days and the water', () => {
  it('files bins, and leaves them loose where their drawer goes', async () => {
    const { workshop, hooks } = await bench();
    const drawer = { kind: 'drawer' as const, column: 0, row: 0, columns: 2, rows: 1, note: '' };
    const id = await workshop.cabinet.save({ ...drawer, name: 'Left' });
    await workshop.cabinet.file([hooks], id);
    const drawerOf = async () => (await workshop.shelf.bins()).find((bin) => bin.id === hooks)!.drawerId;
    expect(await drawerOf()).toBe(id);
    await workshop.cabinet.remove(id);
    expect(await drawerOf()).toBeNull();
    expect(await workshop.cabinet.drawers()).toEqual([]);
    await workshop.history.undo();
    expect(await drawerOf()).toBe(id);
  });

  it('posts only what was found otherwise, with its reason', async () => {
    const { workshop, hooks } = await bench();
    const lot = await workshop.shelf.add(LOT, 500);
    const found = [
      { binId: hooks, counted: 3, reason: 'lost' },
      { binId: lot, counted: 500, reason: 'as found' },
    ];
    expect(await workshop.shelf.countDay(found)).toBe(1);
    const [entry] = (await workshop.shelf.ledger()).entriesByBin.get(hooks)!.slice(-1);
    expect(entry).toMatchObject({ kind: 'counted', qty: -1, note: 'lost' });
  });

  it('keeps a note with its pictures, sets it right, and takes it away', async () => {
    const { workshop } = await bench();
    const picture = 'data:image/jpeg;base64,/9j/AAAA';
    const note = await workshop.water.note({ ...PLAIN_NOTE, place: 'Weir', hours: 2 }, [picture]);
    expect(note.photoIds).toHaveLength(1);
    expect((await workshop.water.photo(note.photoIds[0]!))?.dataUrl).toBe(picture);
    await workshop.water.edit({ ...note, fish: 3 });
    expect((await workshop.water.all())[0]!.fish).toBe(3);
    await workshop.water.remove(note.id);
    expect(await workshop.water.all()).toEqual([]);
    await workshop.history.undo();
    expect((await workshop.water.all())[0]!.fish).toBe(3);
  });

  it('keeps an outlay and changes it', async () => {
    const { workshop } = await bench();
    const outlay = {
      cost: 80,
      boughtOn: '2026-10-01',
      lifePieces: 9000,
      serves: ['pour' as const],
      retired: false,
    };
    await workshop.outlays.save({ ...outlay, name: 'Pot', note: '' });
    const [kept] = await workshop.outlays.all();
    await workshop.outlays.save({ ...kept!, cost: 90 });
    expect(await workshop.outlays.all()).toEqual([{ ...kept, cost: 90 }]);
  });
});
