import { demoBench } from '@/demo/demo-bench';
import { allotPromises } from '@/core/stock/allot-promises';
import { viewOf } from '../../../tests/support/view-of';
import { buyNeeds, buyQuestion, onOrder } from './buying';
import { drawersToCount } from './count-day';
import { dayOfYear, seasonOf, usedBins, usedByMonth } from './past-use';

const NOW = Date.UTC(2026, 10, 23, 12);
const demo = demoBench(NOW);
const view = viewOf(demo);
const DAY = 86_400_000;

describe('what is to be bought', () => {
  it('is what tickets lack once everything on its way is here, and what is low where asked', () => {
    const coming = onOrder(view);
    expect(coming.get('hook-3-0')).toBe(20);
    const short = buyNeeds(view, false);
    for (const { binId, short: lacks } of short) {
      const promised = view.promised.get(binId) ?? 0;
      expect(lacks).toBeCloseTo(promised - (view.levels.get(binId) ?? 0) - (coming.get(binId) ?? 0), 6);
    }
    expect(buyNeeds(view, true).length).toBeGreaterThan(short.length);
    expect(buyNeeds(view, true).some(({ binId }) => view.binById.get(binId)?.kind === 'head')).toBe(false);
  });

  it('asks of the sellers there are, and says of what nobody noted a pack', () => {
    const needs = buyNeeds(view, true);
    const { short, packs, unsold } = buyQuestion(needs, view);
    expect(short.length + unsold.length).toBe(needs.length);
    expect(packs.every(({ item }) => short.some((each) => each.item === item))).toBe(true);
    expect(buyQuestion(needs, { ...view, sellers: [] }).short).toEqual([]);
  });
});

describe('promises across the stations', () => {
  it('promise the parts of baits and rigs that a ticket asks for, finished ones first', () => {
    const build = demo.builds.find(({ name }) => name === 'Quay tandem')!;
    const ticket = {
      ...demo.tickets[0]!,
      id: 'wares',
      no: 99,
      state: 'open' as const,
      lines: [],
      wares: [{ id: 'ware', kind: 'build' as const, family: build.family, count: 500, dueOn: '2026-11-24' }],
    };
    const asked = viewOf({ ...demo, tickets: [ticket] });
    const blade = build.end.bladeBinId!;
    const finished = demo.bins.find((bin) => bin.kind === 'part' && bin.buildId === build.id)!;
    const ready = asked.levels.get(finished.id) ?? 0;
    expect(asked.promised.get(finished.id) ?? 0).toBe(ready);
    expect(asked.promised.get(blade)).toBe(500 - ready);
    const heldUp = allotPromises(asked.promises, asked.levels).find(({ item }) => item === blade)!;
    expect(heldUp).toMatchObject({ forWhom: 'wares', needed: 500 - ready });
    expect(heldUp.short).toBe(500 - ready - (asked.levels.get(blade) ?? 0));
  });

  it('promise powder and tabs to lines that still want their color and skirt', () => {
    const line = view.tickets
      .filter(({ state }) => state === 'open')
      .flatMap(({ lines }) => lines)
      .find(({ coatId }) => coatId !== null)!;
    const coat = view.coatById.get(line.coatId!)!;
    const powder = coat.base.kind === 'powder' ? coat.base.powderBinId : '';
    expect(view.promised.get(powder)).toBeGreaterThan(0);
    const none = viewOf({ ...demo, tickets: [] });
    expect(none.promised.get(powder) ?? 0).toBe(0);
    expect(none.promises).toEqual([]);
  });
});

describe('allotPromises', () => {
  it('serves first who is due first', () => {
    const promised = [
      { forWhom: 'a', item: 'hook', qty: 6 },
      { forWhom: 'b', item: 'hook', qty: 6 },
      { forWhom: 'b', item: 'hook', qty: 1 },
      { forWhom: 'b', item: 'bead', qty: 2 },
    ];
    expect(allotPromises(promised, new Map([['hook', 10]]))).toEqual([
      { forWhom: 'b', item: 'hook', needed: 7, got: 4, short: 3 },
      { forWhom: 'b', item: 'bead', needed: 2, got: 0, short: 2 },
    ]);
    expect(allotPromises([], new Map())).toEqual([]);
  });
});

describe('a count day', () => {
  it('goes through every bin that is not kept by length, once', () => {
    const drawers = drawersToCount(view);
    const ids = drawers.flatMap(({ bins }) => bins.map(({ id }) => id));
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids).toHaveLength(view.bins.filter(({ unit }) => unit !== 'mm').length);
    const [first] = drawersToCount({ bins: [{ ...view.bins[0]!, place: '', drawerId: null }], drawers: [] });
    expect(first!.name).toBe('Nowhere in particular');
  });
});

describe('what was used', () => {
  it('is what left for good, day by day; counts, returns and what was undone are no use', () => {
    const entry = (id: string, kind: 'taken' | 'counted' | 'received', qty: number, daysAgo: number) => ({
      ...demo.entries[0]!,
      id,
      binId: 'hook-2-0',
      kind,
      qty,
      at: NOW - daysAgo * DAY,
      reverses: null as string | null,
    });
    const entries = [
      entry('a', 'received', 100, 60),
      entry('b', 'taken', -4, 10.2),
      entry('c', 'taken', -3, 10.4),
      entry('d', 'taken', -9, 5),
      { ...entry('e', 'taken', 9, 5), reverses: 'd' },
      entry('f', 'counted', -20, 3),
    ];
    const [hooks] = usedBins(viewOf({ ...demo, entries, tickets: [] }), NOW);
    expect(hooks).toMatchObject({ id: 'hook-2-0', takings: [{ daysAgo: 10.5, qty: 7 }], watchedDays: 60 });
    expect(usedByMonth(hooks!.takings, NOW, 3)).toEqual([0, 0, 7]);
    expect(seasonOf([hooks!], NOW)).toEqual(Array.from({ length: 12 }, () => 1));
  });

  it('learns the season once a year was watched', () => {
    const takings = Array.from({ length: 80 }, (_, nth) => ({ daysAgo: 150 + (nth % 60), qty: 1 }));
    const season = seasonOf([{ id: 'a', takings, watchedDays: 730, free: 5 }], NOW);
    expect(Math.max(...season)).toBeGreaterThan(1.5);
    expect(Math.min(...season)).toBeLessThan(1);
    expect(dayOfYear(Date.UTC(2026, 1, 1))).toBe(31);
  });
});
