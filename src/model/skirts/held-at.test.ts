import fc from 'fast-check';
import { heldAt, longSideMm, mostHeadSideMm, shortSideMm } from './held-at';

const layer = (lengthMm: number, isShort = false) => ({
  id: `l${lengthMm}`,
  binId: 'tab',
  amount: { by: 'tabs' as const, tabs: 1 },
  place: { at: 'round' as const },
  lengthMm,
  isShort,
  isForward: true,
});
const recipe = (headSideMm: number, ...lengths: readonly number[]) => ({
  layers: lengths.map((lengthMm) => layer(lengthMm)),
  collar: { binId: null, diameterMm: 6, atShare: 1 / 3, headSideMm },
});
const tab = () => ({ longMm: 120 });

describe('where strands are held', () => {
  it('leaves the long side behind and the rest before the collar: all of the strand', () => {
    expect([longSideMm(120, 1 / 3), shortSideMm(120, 1 / 3)]).toEqual([80, 40]);
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 400 }),
        fc.double({ min: 0.05, max: 0.5, noNaN: true }),
        (mm, at) => {
          expect(Math.abs(longSideMm(mm, at) + shortSideMm(mm, at) - mm)).toBeLessThanOrEqual(1);
        },
      ),
    );
  });

  it('moves what was not cut, both ways, and keeps what was cut as far as the strands reach', () => {
    const half = heldAt(recipe(7, 80, 55, 70), 0.5, tab);
    expect(half.layers.map(({ lengthMm }) => lengthMm)).toEqual([60, 55, 60]);
    expect(half.collar).toMatchObject({ atShare: 0.5, headSideMm: 7 });
    expect(heldAt(recipe(7, 80, 55), 0.25, tab).layers.map(({ lengthMm }) => lengthMm)).toEqual([90, 55]);
  });

  it('leaves no more before the collar than there is', () => {
    expect(mostHeadSideMm(recipe(7, 80), tab)).toBe(40);
    expect(heldAt(recipe(30, 80), 0.1, tab).collar.headSideMm).toBe(12);
    expect(heldAt(recipe(40, 80), 0.5, tab).collar.headSideMm).toBe(60);
  });

  it('keeps an accent short, and a layer whose material is gone as it was', () => {
    const accent = { ...recipe(7), layers: [layer(80, true)] };
    expect(heldAt(accent, 0.2, tab).layers[0]?.lengthMm).toBe(80);
    expect(heldAt(recipe(7, 99), 0.5, () => null).layers[0]?.lengthMm).toBe(99);
  });
});
