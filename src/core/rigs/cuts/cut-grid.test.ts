import fc from 'fast-check';
import { commonDivisor, cutGrid } from './cut-grid';
import { cutsWithin } from './cuts-within';

describe('cutGrid', () => {
  it('counts in the coarsest whole cells', () => {
    expect(cutGrid([1000], [150, 250], 0)).toEqual({ sizes: [3, 5], rooms: [20], isExact: true });
    expect(cutGrid([1000], [149.5, 249.5], 0.5)).toEqual({ sizes: [3, 5], rooms: [20], isExact: true });
    expect(cutGrid([999], [100], 0).rooms).toEqual([9]);
  });

  it('rounds pieces up and stock down where there is no such cell', () => {
    const { sizes, rooms, isExact } = cutGrid([1000, 500], [Math.PI * 100], 0);
    expect(isExact).toBe(false);
    const cellMm = 1000 / rooms[0]!;
    expect(sizes[0]! * cellMm).toBeGreaterThanOrEqual(Math.PI * 100 - 1e-6);
    expect(rooms[1]! * cellMm).toBeLessThanOrEqual(500 + 1e-6);
  });

  it('never lets a pattern through that does not fit, nor on an exact grid keeps one out that does', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 10, max: 400 }), { minLength: 1, maxLength: 4 }),
        fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 4, maxLength: 4 }),
        fc.integer({ min: 0, max: 3 }),
        (lengths, counts, kerf) => {
          const { sizes, rooms } = cutGrid([1000], lengths, kerf);
          const cells = sizes.reduce((sum, size, at) => sum + size * (counts[at] ?? 0), 0);
          const pieces = lengths.reduce((sum, _, at) => sum + (counts[at] ?? 0), 0);
          const mm = lengths.reduce((sum, length, at) => sum + length * (counts[at] ?? 0), 0);
          fc.pre(pieces > 0);
          expect(cells <= rooms[0]!).toBe(mm + kerf * (pieces - 1) <= 1000);
        },
      ),
    );
  });

  it('knows a common divisor', () => {
    expect([commonDivisor(0, 7), commonDivisor(12, 18), commonDivisor(5, 7)]).toEqual([7, 6, 1]);
  });
});

describe('cutsWithin', () => {
  it('lists every way, or only the full ones', () => {
    expect(cutsWithin([300, 500], 1000, [9, 9], { most: 100, onlyFull: true })).toEqual([
      [0, 2],
      [1, 1],
      [3, 0],
    ]);
    expect(cutsWithin([300, 500], 1000, [9, 9], { most: 100 })).toHaveLength(6);
    expect(cutsWithin([300], 1000, [2], { most: 100, onlyFull: true })).toEqual([[2]]);
  });

  it('leaves out only what is worth too little', () => {
    const all = cutsWithin([120, 170, 230], 1000, [5, 5, 5], { most: 10_000 })!;
    const worths = [1.2, 1.9, 2.2];
    const worthOf = (counts: readonly number[]) =>
      counts.reduce((sum, count, at) => sum + count * (worths[at] ?? 0), 0);
    for (const leastWorth of [0, 5, 9, 10.4]) {
      const found = cutsWithin([120, 170, 230], 1000, [5, 5, 5], { most: 10_000, worths, leastWorth })!;
      const keys = (list: readonly (readonly number[])[]) => list.map(String).sort();
      const dear = all.filter((counts) => worthOf(counts) >= leastWorth - 1e-9);
      expect(keys(found.filter((counts) => worthOf(counts) >= leastWorth - 1e-9))).toEqual(keys(dear));
    }
  });

  it('gives up rather than list half of them', () => {
    expect(cutsWithin([10, 11, 12], 1000, [99, 99, 99], { most: 50 })).toBeNull();
  });
});
