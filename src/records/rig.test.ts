import { demoBench } from '@/demo/demo-bench';
import { allowance, kit, match, rig, rigging } from './rig';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const problemOf = (
  schema: { safeParse: (value: unknown) => { error?: { issues: { path: PropertyKey[] }[] } } },
  value: unknown,
) => schema.safeParse(value).error?.issues[0]?.path.join('.') ?? null;

describe('a rig as it is kept', () => {
  const [kept] = demo.rigs;
  const [item] = kept!.items;

  it('takes every one of the made-up bench', () => {
    for (const each of demo.rigs) expect(problemOf(rig, each)).toBeNull();
    for (const each of demo.riggings) expect(problemOf(rigging, each)).toBeNull();
    for (const each of demo.kits) expect(problemOf(kit, each)).toBeNull();
    for (const each of demo.allowances) expect(problemOf(allowance, each)).toBeNull();
    for (const each of demo.matches) expect(problemOf(match, each)).toBeNull();
  });

  it.each([
    [{ kind: 'spoon' }, 'kind'],
    [{ version: 0 }, 'version'],
    [{ items: [] }, 'items'],
    [{ wants: { lureMm: -1 } }, 'wants.lureMm'],
    [{ picks: { rear: '' } }, 'picks.rear'],
    [{ color: 'red' }, ''],
  ])('refuses %j', (change, where) => {
    expect(problemOf(rig, { ...kept, ...change })).toBe(where);
  });

  it.each([
    [{ lengthMm: 0 }, 'lengthMm'],
    [{ ends: ['knot'] }, 'ends.1'],
    [{ ends: ['knot', 'glued'] }, 'ends.1'],
    [{ count: 0 }, 'count'],
    [{ atMm: -4 }, 'atMm'],
  ])('refuses an item with %j', (change, where) => {
    const answer = problemOf(rig, { ...kept, items: [{ ...item, ...change }] });
    expect(answer?.startsWith('items.0')).toBe(true);
    expect(answer === `items.0.${where}` || answer === 'items.0.ends').toBe(true);
  });

  it('refuses runs that cut nothing from something, kits of nothing, and odd allowances', () => {
    const [run] = demo.riggings;
    const cut = { binId: 'b', lengthId: null, fromMm: 0, cuts: [], leftMm: 0, isKept: false };
    expect(problemOf(rigging, { ...run, cut: [cut] })).toBe('cut.0.fromMm');
    expect(problemOf(rigging, { ...run, cutDone: -1 })).toBe('cutDone');
    expect(problemOf(kit, { ...demo.kits[0], lines: [] })).toBe('lines');
    expect(problemOf(allowance, { ...demo.allowances[0], mm: -1 })).toBe('mm');
    expect(problemOf(match, { ...demo.matches[0], takes: 0 })).toBe('takes');
  });
});

describe('the rigs of the made-up bench', () => {
  const levelOf = (binId: string) =>
    demo.entries.filter((entry) => entry.binId === binId).reduce((sum, { qty }) => sum + qty, 0);

  it('are of every kind but one that changes hooks, each of parts that are there', () => {
    expect(new Set(demo.rigs.map(({ kind }) => kind)).size).toBe(9);
    for (const { items } of demo.rigs) {
      for (const { binId } of items) expect(levelOf(binId)).toBeGreaterThan(0);
    }
  });

  it('came out of their runs: what passed lies in the wallet, less what is packed', () => {
    for (const { rigId, passed, state } of demo.riggings) {
      expect(state).toBe('made');
      const packed = demo.kits
        .flatMap(({ lines }) => lines)
        .filter(({ binId }) => binId === `rig-${rigId}`)
        .reduce((sum, { qty }) => sum + qty, 0);
      expect(levelOf(`rig-${rigId}`)).toBe(passed - packed);
    }
  });

  it('leave every roll at a length of its own, and each bin the sum of its rolls', () => {
    const byMillimeter = demo.bins.filter((bin) => bin.unit === 'mm');
    expect(byMillimeter.length).toBeGreaterThan(12);
    for (const { id } of byMillimeter) {
      const own = demo.entries.filter(({ binId }) => binId === id);
      expect(own.every(({ lengthId }) => lengthId !== null)).toBe(true);
      const rolls = new Map<string, number>();
      for (const { lengthId, qty } of own) rolls.set(lengthId ?? '', (rolls.get(lengthId ?? '') ?? 0) + qty);
      for (const mm of rolls.values()) expect(mm).toBeGreaterThan(0);
    }
  });
});
