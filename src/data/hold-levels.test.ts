import { BLOCK, HOOKS, LOT, testWorkshop, threeHeads } from '../../tests/support/test-bench';

const level = async ({ workshop }: ReturnType<typeof testWorkshop>, binId: string) =>
  (await workshop.shelf.ledger()).levels.get(binId) ?? 0;

describe('no bin below nothing without the maker’s word', () => {
  it('refuses to book what the books say was not there, and writes nothing; counted, it books', async () => {
    const bench = testWorkshop();
    const { db, workshop } = bench;
    const lot = await workshop.shelf.add(LOT, 1000);
    const hooks = await workshop.shelf.add(HOOKS, 3);
    const mold = await workshop.molds.save(BLOCK);
    const run = await workshop.runs.start(threeHeads(mold, lot, hooks, 'ticket', 'line'));
    if (!run.ok) throw new Error(run.problem.code);
    for (let press = 0; press < 40; press += 1)
      await workshop.runs.moveOn(run.value, 0, { liked: 'tally', early: true });
    await workshop.shelf.move(hooks, 'lost', 2);
    const before = await db.entries.count();
    const book = () => workshop.runs.book(run.value, 0, () => ({ name: 'Rounds', place: '' }));
    expect(await book()).toMatchObject({
      ok: false,
      problem: { code: 'bench.below-zero', bin: 'Hook 2/0', level: -2, unit: 'pieces' },
    });
    expect(await db.entries.count()).toBe(before);
    expect(await workshop.runs.current()).toBeDefined();
    await workshop.shelf.count(hooks, 3);
    expect(await book()).toMatchObject({ ok: true });
    expect(await level(bench, hooks)).toBe(0);
  });

  it('refuses an undo that would, as after two benches were joined', async () => {
    const bench = testWorkshop();
    const { db, workshop } = bench;
    const hooks = await workshop.shelf.add(HOOKS, 5);
    await workshop.shelf.move(hooks, 'received', 10);
    // Of another device, older than what came in here.
    const [any] = await db.entries.toArray();
    await db.entries.add({ ...any!, id: 'theirs', at: 1, kind: 'taken', qty: -8 });
    expect(await level(bench, hooks)).toBe(7);
    expect(await workshop.history.undo()).toMatchObject({
      ok: false,
      problem: { code: 'bench.below-zero', level: -3 },
    });
    expect(await level(bench, hooks)).toBe(7);
  });

  it('lets a count set right whatever is there, and finds the one of many bins that would', async () => {
    const bench = testWorkshop();
    const { db, workshop } = bench;
    const hooks = await workshop.shelf.add(HOOKS, 5);
    const [any] = await db.entries.toArray();
    await db.entries.add({ ...any!, id: 'theirs', kind: 'taken', qty: -8 });
    expect(await workshop.shelf.count(hooks, 2)).toEqual({ ok: true, value: 5 });
    const rows = Array.from({ length: 400 }, (_, nth) => ({
      binId: null,
      name: `Part ${nth}`,
      sort: 'bits',
      unit: 'pieces' as const,
      place: '',
      lowAt: null,
      note: '',
      qty: 2,
      unitCost: null,
    }));
    await workshop.shelf.bringIn(rows, 'received');
    const last = (await workshop.shelf.bins()).find(({ name }) => name === 'Part 399')!;
    await db.entries.add({ ...any!, id: 'gone', binId: last.id, kind: 'taken', qty: -1 });
    expect(await workshop.history.undo()).toMatchObject({
      ok: false,
      problem: { code: 'bench.below-zero', bin: 'Part 399', level: -1 },
    });
  });
});
