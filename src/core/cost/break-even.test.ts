import fc from 'fast-check';
import { breakEven } from './break-even';

const money = fc.integer({ min: 0, max: 100_000 }).map((cents) => cents / 100);

describe('breakEven', () => {
  it('is the first count at which making is no dearer', () => {
    fc.assert(
      fc.property(money, money, money, (startCost, makeEach, buyEach) => {
        const outcome = breakEven(startCost, makeEach, buyEach);
        expect(outcome.ok).toBe(makeEach < buyEach);
        if (!outcome.ok) return;
        const pieces = outcome.value;
        const over = (count: number) => startCost + count * makeEach - count * buyEach;
        expect(over(pieces)).toBeLessThanOrEqual(1e-6 * Math.max(1, startCost));
        if (pieces > 0) expect(over(pieces - 1)).toBeGreaterThan(-1e-6 * Math.max(1, startCost));
      }),
    );
  });

  it('pays at once where there is no outlay, and never where making is as dear', () => {
    expect(breakEven(0, 1, 2)).toEqual({ ok: true, value: 0 });
    expect(breakEven(120, 0.4, 1.2)).toEqual({ ok: true, value: 150 });
    const never = breakEven(10, 2, 2);
    expect(!never.ok && never.problem.code).toBe('cost.never-pays');
  });
});
