import fc from 'fast-check';
import { demoBench } from '@/demo/demo-bench';
import { EMPTY_CONTENTS, type BenchContents } from '@/records/bench-file';
import { HOOKS, LOT, testWorkshop } from '../../../../tests/support/test-bench';
import { BenchDatabase } from '../../database';
import { openWorkshop, type Workshop } from '../../workshop';
import { mergeBenches } from './merge-benches';

let databases = 0;

/** A device of its own, with names of its own. */
function device(name: string, start: number) {
  let [names, at] = [0, start];
  const db = new BenchDatabase(`merge-${name}-${(databases += 1)}`);
  return openWorkshop({ db, now: () => (at += 10), newId: () => `${name}-${(names += 1)}` });
}

const contentsOf = async (workshop: Workshop) => (await workshop.backup.save()).contents;

async function two() {
  const { workshop } = testWorkshop();
  const lot = await workshop.shelf.add(LOT, 1000);
  const hooks = await workshop.shelf.add(HOOKS, 20);
  const base = await contentsOf(workshop);
  const [ours, theirs] = [device('ours', 1_000_000), device('theirs', 1_000_005)];
  await ours.backup.restore(base);
  await theirs.backup.restore(base);
  return { base, ours, theirs, lot, hooks };
}

function levels({ entries }: BenchContents): Record<string, number> {
  const sums: Record<string, number> = {};
  for (const { binId, qty } of entries) sums[binId] = (sums[binId] ?? 0) + qty;
  return sums;
}

const sorted = (contents: BenchContents) =>
  Object.fromEntries(
    Object.entries(contents).map(([table, rows]) => [
      table,
      [...(rows as { id: string }[])].sort((a, b) => (a.id < b.id ? -1 : 1)),
    ]),
  );

describe('mergeBenches', () => {
  it('counts every entry once, however often it is joined', async () => {
    const { ours, theirs, hooks } = await two();
    await ours.shelf.move(hooks, 'taken', 5);
    await theirs.shelf.move(hooks, 'taken', 3);
    await theirs.shelf.move(hooks, 'received', 10);
    const [a, b] = [await contentsOf(ours), await contentsOf(theirs)];
    const joined = mergeBenches(a, b);
    expect(levels(joined.contents)[hooks]).toBe(20 - 5 - 3 + 10);
    expect(joined.counts).toEqual([{ table: 'entries', added: 2, changed: 0, removed: 0 }]);
    const again = mergeBenches(joined.contents, b);
    expect(again.counts).toEqual([]);
    expect(sorted(again.contents)).toEqual(sorted(joined.contents));
  });

  it('asks nothing again at a second join: neither of what was chosen nor of what was numbered anew', async () => {
    const { ours, theirs, lot } = await two();
    const moved = async (workshop: Workshop, place: string) => {
      const bin = (await workshop.shelf.bins()).find(({ id }) => id === lot)!;
      await workshop.shelf.edit({ ...bin, place });
    };
    await moved(ours, 'Crate');
    await moved(theirs, 'Box');
    const wares = [{ id: 'ware', kind: 'bin' as const, family: lot, count: 1, dueOn: null }];
    const ticket = { buyer: null, toleranceShare: 0.05, note: '', lines: [], wares };
    await ours.tickets.add({ ...ticket, title: 'Ours' });
    await theirs.tickets.add({ ...ticket, title: 'Theirs' });
    const b = await contentsOf(theirs);
    const first = mergeBenches(await contentsOf(ours), b);
    expect(first.conflicts).toHaveLength(1);
    const written = JSON.parse(JSON.stringify(first.contents)) as BenchContents;
    const again = mergeBenches(written, b);
    expect(again.conflicts).toEqual([]);
    expect(again.counts).toEqual([]);
    // And the other way round: who gets the joined bench takes it as it is.
    const back = mergeBenches(b, written);
    expect(back.conflicts).toEqual([]);
    expect(sorted(back.contents)).toEqual(sorted(written));
  });

  it('takes a record as the side has it that changed it, and asks where both did', async () => {
    const { ours, theirs, lot, hooks } = await two();
    const binOf = async (workshop: Workshop, id: string) =>
      (await workshop.shelf.bins()).find((bin) => bin.id === id)!;
    await ours.shelf.edit({ ...(await binOf(ours, lot)), place: 'Crate' });
    await theirs.shelf.edit({ ...(await binOf(theirs, hooks)), place: 'Box' });
    await ours.shelf.edit({ ...(await binOf(ours, hooks)), place: 'Tin' });
    await theirs.shelf.edit({ ...(await binOf(theirs, hooks)), place: 'Wallet' });
    const [a, b] = [await contentsOf(ours), await contentsOf(theirs)];
    const placeOf = (contents: BenchContents, id: string) =>
      contents.bins.find((bin) => bin.id === id)?.place;
    const joined = mergeBenches(a, b);
    expect(placeOf(joined.contents, lot)).toBe('Crate');
    expect(joined.conflicts).toMatchObject([{ table: 'bins', id: hooks, stands: 'theirs' }]);
    expect(placeOf(joined.contents, hooks)).toBe('Wallet');
    const chosen = mergeBenches(a, b, { [`bins ${hooks}`]: 'ours' });
    expect(placeOf(chosen.contents, hooks)).toBe('Tin');
    // Whoever joins whom, the same record stands.
    expect(placeOf(mergeBenches(b, a).contents, hooks)).toBe('Wallet');
  });

  it('leaves taken away what one side took away, unless the other went on with it', async () => {
    const { base, ours, theirs } = await two();
    const drawer = { kind: 'drawer' as const, column: 0, row: 0, columns: 2, rows: 1, note: '' };
    const gone = await ours.cabinet.save({ ...drawer, name: 'Left' });
    await theirs.backup.restore(await contentsOf(ours));
    await theirs.cabinet.remove(gone);
    const joined = mergeBenches(await contentsOf(ours), await contentsOf(theirs));
    expect(joined.contents.drawers).toEqual([]);
    expect(joined.counts).toContainEqual({ table: 'drawers', added: 0, changed: 0, removed: 1 });
    await ours.cabinet.save({ ...drawer, id: gone, name: 'Left, labeled' });
    const kept = mergeBenches(await contentsOf(ours), await contentsOf(theirs));
    expect(kept.contents.drawers.map(({ name }) => name)).toEqual(['Left, labeled']);
    expect(base.drawers).toEqual([]);
  });

  it('gives what comes with a number that stands already the next', async () => {
    const { ours, theirs, lot } = await two();
    const line = (id: string) => ({
      id,
      style: 'egg',
      nominalG: 10,
      count: 2,
      hookBinId: null,
      metalBinId: lot,
      coatId: null,
      skirtId: null,
      guardBinId: null,
      collarBinId: null,
      dueOn: null,
    });
    const ticket = (title: string) => ({
      title,
      buyer: null,
      toleranceShare: 0.05,
      note: '',
      lines: [line(title)],
      wares: [],
    });
    await ours.tickets.add(ticket('here'));
    await theirs.tickets.add(ticket('there'));
    const { contents } = mergeBenches(await contentsOf(ours), await contentsOf(theirs));
    expect(contents.tickets.map(({ no, title }) => [no, title])).toEqual([
      [1, 'here'],
      [2, 'there'],
    ]);
  });

  it('asks nothing of two benches that are one, whatever is on them', () => {
    const demo = demoBench(Date.UTC(2026, 10, 24, 8));
    const plan = mergeBenches(demo, structuredClone(demo));
    expect(plan).toMatchObject({ conflicts: [], counts: [], settled: [], belowZero: [], twoUnderWay: [] });
    expect(plan.contents).toEqual(demo);
  });

  it('says which bins both took empty, and whose runs cannot both be on', async () => {
    const { ours, theirs, hooks } = await two();
    await ours.shelf.move(hooks, 'taken', 15);
    await theirs.shelf.move(hooks, 'taken', 12);
    const joined = mergeBenches(await contentsOf(ours), await contentsOf(theirs));
    expect(joined.belowZero).toEqual([{ binId: hooks, name: 'Hook 2/0', level: -7 }]);
    expect(joined.twoUnderWay).toEqual([]);
    expect(mergeBenches(EMPTY_CONTENTS, await contentsOf(theirs)).belowZero).toEqual([]);
  });

  it('ends at the same levels whoever joins whom, for any doings on both sides, undo among them', async () => {
    const doing = fc.record({
      side: fc.constantFrom('ours' as const, 'theirs' as const),
      what: fc.constantFrom(
        'taken' as const,
        'received' as const,
        'counted' as const,
        'undo' as const,
        'redo' as const,
      ),
      many: fc.integer({ min: 1, max: 9 }),
    });
    await fc.assert(
      fc.asyncProperty(fc.array(doing, { maxLength: 12 }), async (doings) => {
        const sides = await two();
        for (const { side, what, many } of doings) {
          const workshop = sides[side];
          if (what === 'undo') await workshop.history.undo();
          else if (what === 'redo') await workshop.history.redo();
          else if (what === 'counted') await workshop.shelf.count(sides.hooks, many);
          else await workshop.shelf.move(sides.hooks, what, many);
        }
        const [a, b] = [await contentsOf(sides.ours), await contentsOf(sides.theirs)];
        const [ab, ba] = [mergeBenches(a, b), mergeBenches(b, a)];
        expect(levels(ab.contents)).toEqual(levels(ba.contents));
        const base = levels(sides.base)[sides.hooks] ?? 0;
        const each = (contents: BenchContents) => (levels(contents)[sides.hooks] ?? 0) - base;
        expect(levels(ab.contents)[sides.hooks] ?? 0).toBe(base + each(a) + each(b));
        expect(new Set(ab.contents.entries.map(({ id }) => id)).size).toBe(ab.contents.entries.length);
        expect(ab.contents.acts.map(({ no }) => no)).toEqual(ab.contents.acts.map((_, nth) => nth + 1));
        // What is joined is a bench like any: it opens, and its newest doing can be taken back.
        await sides.ours.backup.restore(ab.contents);
        expect((await sides.ours.shelf.ledger()).levels.get(sides.hooks) ?? 0).toBe(
          levels(ab.contents)[sides.hooks] ?? 0,
        );
      }),
      { numRuns: 15 },
    );
  });
});
