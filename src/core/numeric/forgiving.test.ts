import fc from 'fast-check';
import { forgivingCeil } from './forgiving-ceil';
import { forgivingFloor } from './forgiving-floor';
import { repeatableRandom } from './repeatable-random';
import { sum } from './sum';

describe('forgivingCeil and forgivingFloor', () => {
  it('forgive one part in a billion and no more', () => {
    expect(forgivingCeil(100.00000000001)).toBe(100);
    expect(forgivingFloor(99.9999999999)).toBe(100);
    expect(forgivingCeil(100.000001)).toBe(101);
    expect(forgivingFloor(99.99999)).toBe(99);
  });

  it('leave whole numbers as they are, and bracket all others', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1e6, noNaN: true }), (x) => {
        expect(forgivingCeil(Math.round(x))).toBe(Math.round(x));
        expect(forgivingFloor(x) - x).toBeLessThanOrEqual(1e-9 * x);
        expect(x - forgivingCeil(x)).toBeLessThanOrEqual(1e-9 * x);
        expect(forgivingCeil(x) - forgivingFloor(x)).toBeLessThanOrEqual(1);
      }),
    );
  });
});

describe('sum', () => {
  it('keeps small amounts beside large ones', () => {
    expect(sum([0.1, 0.2, 0.3])).toBe(0.6);
    expect(sum([1e16, 1, -1e16])).toBe(1);
    expect(sum([])).toBe(0);
  });

  it('undoes itself to nothing, in any order', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: -1e6, max: 1e6, noNaN: true }), { maxLength: 40 }), (values) => {
        expect(Math.abs(sum([...values, ...values.map((value) => -value).reverse()]))).toBeLessThan(1e-9);
      }),
    );
  });

  it('passes on an overflow as one', () => {
    expect(sum([1e308, 1e308])).toBe(Infinity);
  });
});

describe('repeatableRandom', () => {
  it('repeats from its start and stays in [0, 1)', () => {
    const [one, two] = [repeatableRandom(5), repeatableRandom(5)];
    const drawn = Array.from({ length: 500 }, () => one());
    expect(Array.from({ length: 500 }, () => two())).toEqual(drawn);
    expect(Math.min(...drawn)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...drawn)).toBeLessThan(1);
    expect(new Set(drawn).size).toBeGreaterThan(490);
  });
});
