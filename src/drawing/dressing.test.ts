import * as fc from 'fast-check';
import { findStyle } from '@/core/cavities/styles';
import { shapeCavity } from '@/core/cavities/shape-cavity';
import { DRESS_STEP_IDS } from '@/core/dress/dress-steps';
import { dressMark, gateScarPath, pinBore, spruePath } from './dress-marks';
import { flawedLook } from './flawed-casting';
import { headView } from './head-view';
import { spreadOut } from './spread-out';

const round = findStyle('round')!;
const HOOK = { size: '2/0', wireMm: 1.1, shankMm: 31, gapeMm: 12 };

describe('dressMark', () => {
  it('pins every step on the head, inside its drawing', () => {
    const view = headView(round, 0.9, HOOK);
    const shape = shapeCavity(round, 0.9);
    const [left, top, width, height] = view.viewBox;
    for (const step of DRESS_STEP_IDS) {
      const { x, y } = dressMark(step, shape, view.hook);
      expect(x >= left && x <= left + width && y >= top && y <= top + height).toBe(true);
    }
    expect(dressMark('eye', shape, view.hook).y).toBeLessThan(-shape.radiusMm);
    expect(dressMark('collar', shape, null).x).toBe(shape.lengthMm);
    expect(dressMark('sprue', shape, null).y).toBe(shape.radiusMm);
  });

  it('stands the sprue on the belly, at the gate', () => {
    const numbers = spruePath({ lengthMm: 10, radiusMm: 5 })
      .match(/-?[\d.]+/g)!
      .map(Number);
    const ys = numbers.filter((_, index) => index % 2 === 1);
    expect(Math.min(...ys)).toBeLessThan(5);
    expect(Math.max(...ys)).toBeGreaterThan(5);
  });
});

describe('what dressing leaves', () => {
  const numbers = (path: string) => path.match(/-?[\d.]+/g)!.map(Number);

  it('the scar of a gate lies where the sprue stood, on the belly', () => {
    const shape = { lengthMm: 12, radiusMm: 6 };
    const [x = 0, y = 0, , , across = 0] = numbers(gateScarPath(shape));
    const { x: gate } = dressMark('sprue', shape, null);
    expect(x < gate && x + across > gate).toBe(true);
    expect(y > shape.radiusMm * 0.9 && y < shape.radiusMm).toBe(true);
  });

  it('a pin stands out at both ends, and its bore is as wide as it is and ends with the metal', () => {
    const { pin, pinMm, sides, mouths } = pinBore({ lengthMm: 20, radiusMm: 7 });
    const [from = 0, , to = 0] = numbers(pin);
    expect(from < 0 && to > 20).toBe(true);
    const [, upper = 0, end = 0, , lower = 0] = numbers(sides);
    expect(lower - upper).toBeCloseTo(pinMm, 5);
    expect(end).toBe(20);
    // Two mouths, just within the ends.
    expect(mouths.match(/M/g)).toHaveLength(2);
    expect(mouths.startsWith('M0.14 ')).toBe(true);
  });
});

describe('spreadOut', () => {
  it('keeps labels apart and on the line, near where they are wanted', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 500 }), { maxLength: 7 }), (places) => {
        const wanted = [...places].sort((a, b) => a - b);
        const spread = spreadOut(wanted, 60, 500);
        spread.forEach((place, index) => {
          expect(place).toBeGreaterThanOrEqual(30 - 1e-9);
          expect(place).toBeLessThanOrEqual(470 + 1e-9);
          if (index > 0) expect(place - spread[index - 1]!).toBeGreaterThanOrEqual(60 - 1e-9);
        });
      }),
    );
    expect(spreadOut([100, 300], 60, 500)).toEqual([100, 300]);
    expect(spreadOut([1, 2, 3], 200, 300)).toEqual([50, 150, 250]);
  });
});

describe('flawedLook', () => {
  const size = { lengthMm: 12, radiusMm: 6 };

  it('draws nothing on a clean casting, and the same casting from the same number', () => {
    expect(flawedLook(size, {}, 1, 7)).toEqual({
      filled: null,
      folds: [],
      pores: [],
      frost: [],
      sheetMm: null,
      leanDeg: 0,
    });
    expect(flawedLook(size, { wrinkled: 1 }, 1, 7)).toEqual(flawedLook(size, { wrinkled: 1 }, 1, 7));
    expect(flawedLook(size, { wrinkled: 1 }, 1, 7)).not.toEqual(flawedLook(size, { wrinkled: 1 }, 1, 8));
  });

  it('shows each flaw the more the stronger it is, and keeps specks on the body', () => {
    const counts = (strength: number) => {
      const { folds, pores, frost } = flawedLook(
        size,
        { wrinkled: strength, porous: strength, frosty: strength },
        1,
        3,
      );
      return [folds.length, pores.length, frost.length];
    };
    counts(0.9).forEach((count, index) => expect(count).toBeGreaterThan(counts(0.2)[index]!));
    const { pores, leanDeg, sheetMm, filled } = flawedLook(
      size,
      { porous: 1, 'bent-hook': 1, flash: 1 },
      0.6,
      4,
    );
    for (const { x, y } of pores) expect(((x - 6) / 6) ** 2 + (y / 6) ** 2).toBeLessThanOrEqual(1);
    expect(leanDeg).toBeGreaterThan(5);
    expect(sheetMm).toBeGreaterThan(1);
    expect(filled).toMatch(/^M/);
  });
});
