import fc from 'fast-check';
import { countBuildable } from './count-buildable';
import { findShortages } from './find-shortages';
import { freeByItem } from './free-by-item';
import { weighBuild } from '../builds/weigh-build';

const shelf = (item: string, onHand: number, reserved = 0) => ({ item, onHand, reserved });
const some = (item: string, qty: number) => ({ item, qty });

describe('freeByItem', () => {
  it('sums the same item first, and is never under zero', () => {
    expect(freeByItem([shelf('hook', 10, 0), shelf('hook', 2, 8), shelf('tab', 1, 5)])).toEqual(
      new Map([
        ['hook', 4],
        ['tab', 0],
      ]),
    );
  });
});

describe('findShortages', () => {
  it('lists only what is short, needs of one item summed', () => {
    expect(
      findShortages(
        [some('hook', 20), some('tab', 1.5), some('hook', 5), some('wire', 1)],
        [shelf('hook', 30, 10), shelf('tab', 2)],
      ),
    ).toEqual([
      { item: 'hook', needed: 25, free: 20, short: 5 },
      { item: 'wire', needed: 1, free: 0, short: 1 },
    ]);
  });

  it('takes rounding noise for none', () => {
    expect(findShortages([some('tab', 0.1), some('tab', 0.2)], [shelf('tab', 0.3)])).toEqual([]);
    expect(findShortages([some('lot', 0.1 + 0.2)], [shelf('lot', 0.3)])).toEqual([]);
  });

  it('finds nothing short once the shortage is bought', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom('a', 'b', 'c'), fc.integer({ min: 1, max: 50 }))),
        (wanted) => {
          const needs = wanted.map(([item, qty]) => some(item, qty));
          const short = findShortages(needs, [shelf('a', 20)]);
          expect(
            findShortages(needs, [shelf('a', 20), ...short.map((each) => shelf(each.item, each.short))]),
          ).toEqual([]);
        },
      ),
    );
  });
});

describe('countBuildable', () => {
  it('counts whole pieces, parts of tabs and all', () => {
    expect(countBuildable([some('tab', 2.5)], [shelf('tab', 11)])).toEqual({ count: 4, limiting: ['tab'] });
    expect(countBuildable([some('tab', 0.1)], [shelf('tab', 0.3)])).toEqual({ count: 3, limiting: ['tab'] });
  });

  it('names every item with the lowest count', () => {
    expect(
      countBuildable(
        [some('head', 1), some('tab', 2), some('bead', 1)],
        [shelf('head', 5), shelf('tab', 11), shelf('bead', 30)],
      ),
    ).toEqual({ count: 5, limiting: ['head', 'tab'] });
    expect(countBuildable([some('head', 1), some('gone', 1)], [shelf('head', 5)])).toEqual({
      count: 0,
      limiting: ['gone'],
    });
  });

  it('can build what it says, and not one more', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 1, max: 9 }),
        fc.nat(99),
        fc.nat(99),
        (a, b, hasA, hasB) => {
          const recipe = [some('a', a), some('b', b)];
          const { count } = countBuildable(recipe, [shelf('a', hasA), shelf('b', hasB)]);
          expect(a * count <= hasA && b * count <= hasB).toBe(true);
          expect(a * (count + 1) > hasA || b * (count + 1) > hasB).toBe(true);
        },
      ),
    );
  });

  it('throws on an empty recipe', () => {
    expect(() => countBuildable([], [])).toThrow(/at least one item/);
  });
});

describe('weighBuild', () => {
  const parts = [
    { name: 'head', massG: 14, count: 1 },
    { name: 'bead', massG: 0.2, count: 2 },
  ];

  it('adds up and says how far off', () => {
    expect(weighBuild(parts, 14, 0.05)).toEqual({
      finishedG: 14.4,
      offShare: expect.closeTo(0.02857, 4),
      within: true,
    });
    expect(weighBuild(parts, 16, 0.05)).toEqual({
      finishedG: 14.4,
      offShare: expect.closeTo(-0.1, 12),
      within: false,
    });
  });

  it('is silent on what it was not asked', () => {
    expect(weighBuild(parts)).toEqual({ finishedG: 14.4, offShare: null, within: null });
    expect(weighBuild(parts, 14).within).toBeNull();
    expect(weighBuild(parts, undefined, 0.05).within).toBeNull();
  });

  it('counts the very edge of the tolerance as within', () => {
    expect(weighBuild([{ name: 'head', massG: 1.1, count: 1 }], 1, 0.1).within).toBe(true);
  });
});
