import fc from 'fast-check';
import { lengthsOnShelf } from '@/core/stock/lengths-on-shelf';
import { PLAIN_PART } from '@/records/plain-part';
import { testWorkshop } from '../../tests/support/test-bench';
import type { NewRig } from '@/records/rig';
import type { NewBin } from '@/records/plain-bin';

type HistoryEntry =
  | { readonly is: 'receive'; readonly mm: number; readonly count: number }
  | { readonly is: 'measure'; readonly nth: number; readonly mm: number }
  | {
      readonly is: 'cut';
      readonly nth: number;
      readonly mm: number;
      readonly count: number;
      readonly keep: boolean;
    }
  | { readonly is: 'end'; readonly passed: number }
  | { readonly is: 'kit'; readonly qty: number }
  | { readonly is: 'home'; readonly qty: number }
  | { readonly is: 'undo' }
  | { readonly is: 'redo' };

const nth = fc.nat({ max: 9 });
const acts: fc.Arbitrary<HistoryEntry> = fc.oneof(
  fc.record({
    is: fc.constant('receive' as const),
    mm: fc.integer({ min: 1, max: 5000 }),
    count: fc.integer({ min: 1, max: 3 }),
  }),
  fc.record({ is: fc.constant('measure' as const), nth, mm: fc.integer({ min: 0, max: 5000 }) }),
  fc.record({
    is: fc.constant('cut' as const),
    nth,
    mm: fc.integer({ min: 1, max: 700 }),
    count: fc.integer({ min: 1, max: 6 }),
    keep: fc.boolean(),
  }),
  fc.record({ is: fc.constant('end' as const), passed: fc.nat({ max: 3 }) }),
  fc.record({ is: fc.constant('kit' as const), qty: fc.integer({ min: 1, max: 4 }) }),
  fc.record({ is: fc.constant('home' as const), qty: fc.nat({ max: 4 }) }),
  fc.record({ is: fc.constant('undo' as const) }),
  fc.record({ is: fc.constant('redo' as const) }),
);

const common = { place: 'Rack', lowAt: null, note: '', sort: 'line' };
const LINE: NewBin = { ...PLAIN_PART, ...common, kind: 'part', unit: 'mm', name: 'Line' };
const HOOK: NewBin = { ...PLAIN_PART, ...common, kind: 'part', unit: 'pieces', name: 'Hook' };

/** A line, some hooks, a rig of both; and what the bench can do with them. */
async function bench() {
  const { workshop, db } = testWorkshop();
  const line = await workshop.shelf.add(LINE, 0);
  const hook = await workshop.shelf.add(HOOK, 40);
  const items: NewRig['items'] = [line, hook].map((binId, at) => ({
    id: `item-${at}`,
    place: null,
    binId,
    on: null,
    atMm: null,
    count: 1,
    isTurned: false,
    lengthMm: at === 0 ? 100 : null,
    ends: at === 0 ? (['knot', 'knot'] as ['knot', 'knot']) : null,
  }));
  const rig = await workshop.rigs.keep({
    family: null,
    name: 'Leader',
    kind: 'leader',
    wants: {},
    picks: {},
    note: '',
    items,
  });
  const level = async (id: string) => (await workshop.shelf.ledger()).levels.get(id) ?? 0;
  const lengths = async () => {
    const own = (await workshop.shelf.ledger()).lengthEntries.filter(({ binId }) => binId === line);
    return lengthsOnShelf(own, await level(line));
  };
  return { workshop, db, line, hook, rig, level, lengths };
}

type Bench = Awaited<ReturnType<typeof bench>>;

async function carryOut({ workshop, line, hook, rig, lengths }: Bench, act: HistoryEntry): Promise<unknown> {
  const there = await lengths();
  const on = 'nth' in act ? there[act.nth % Math.max(1, there.length)] : undefined;
  const run = (await workshop.riggings.all()).find(({ state }) => state === 'rigging');
  const kit = (await workshop.kits.all()).find(({ state }) => state === 'packed');
  switch (act.is) {
    case 'receive':
      return workshop.lengths.receive(line, act.mm, act.count, '');
    case 'measure':
      return on && workshop.lengths.measure(line, on.id, act.mm);
    case 'cut': {
      if (!on) return null;
      const leftMm = on.mm - act.mm * act.count;
      const cut = {
        binId: line,
        lengthId: on.id,
        fromMm: on.mm,
        leftMm: Math.max(0, leftMm),
        isKept: act.keep,
        cuts: [{ name: 'piece', lengthMm: act.mm, count: act.count }],
      };
      if (leftMm < 0) return null;
      const taken = [{ binId: hook, qty: 3 }];
      return workshop.riggings.begin({ rigId: rig.id, count: 3, way: 'one-by-one', taken, cut: [cut] });
    }
    case 'end': {
      if (!run) return null;
      const putBack = [{ binId: hook, qty: 3 - act.passed }].filter(({ qty }) => qty > 0);
      return workshop.riggings.end(run.id, { passed: act.passed, failed: [], putBack, massG: null });
    }
    case 'kit':
      return workshop.kits.pack({ name: 'Trip', note: '', lines: [{ binId: hook, qty: act.qty }] });
    case 'home':
      return kit && workshop.kits.bringBack(kit.id, [{ binId: hook, qty: act.qty }]);
    case 'undo':
      return workshop.history.undo();
    case 'redo':
      return workshop.history.redo();
  }
}

describe('the ledger of lengths', () => {
  it('adds up after any acts: bins to their entries, lengths to their bin, nothing under zero', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(acts, { minLength: 1, maxLength: 14 }), async (list) => {
        const own = await bench();
        for (const act of list) await carryOut(own, act);
        const entries = await own.db.entries.toArray();
        for (const binId of [own.line, own.hook]) {
          const sum = entries
            .filter((entry) => entry.binId === binId)
            .reduce((total, { qty }) => total + qty, 0);
          expect(await own.level(binId)).toBeCloseTo(sum, 6);
          expect(sum).toBeGreaterThanOrEqual(-1e-6);
        }
        const byLength = new Map<string, number>();
        for (const { lengthId, qty } of entries) {
          if (lengthId !== null) byLength.set(lengthId, (byLength.get(lengthId) ?? 0) + qty);
        }
        for (const mm of byLength.values()) expect(mm).toBeGreaterThanOrEqual(-1e-6);
        const told = (await own.lengths()).reduce((total, { mm }) => total + mm, 0);
        expect(told).toBeCloseTo(await own.level(own.line), 3);
      }),
      { numRuns: 25 },
    );
  });

  it('is as it was once everything is undone, length by length', async () => {
    const own = await bench();
    await carryOut(own, { is: 'receive', mm: 2500, count: 2 });
    const start = await own.lengths();
    const acted: HistoryEntry[] = [
      { is: 'cut', nth: 0, mm: 300, count: 4, keep: true },
      { is: 'end', passed: 2 },
      { is: 'measure', nth: 1, mm: 2400 },
      { is: 'kit', qty: 4 },
      { is: 'home', qty: 1 },
    ];
    const before = (await own.db.acts.toArray()).length;
    for (const act of acted) await carryOut(own, act);
    expect((await own.db.acts.toArray()).length - before).toBe(acted.length);
    for (let left = acted.length; left > 0; left -= 1) {
      expect(await own.workshop.history.undo()).toMatchObject({ ok: true });
    }
    const mmOf = (list: typeof start) => new Map(list.map(({ id, mm }) => [id, mm]));
    expect(mmOf(await own.lengths())).toEqual(mmOf(start));
    expect(await own.level(own.hook)).toBe(40);
  });
});
