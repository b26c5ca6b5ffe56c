import fc from 'fast-check';
import { heatTime } from './heat-time';
import { scaleHeat } from './scale-heat';

/** A ball of so many mm. */
const ball = (mm: number) => ({
  volumeCm3: ((Math.PI / 6) * mm ** 3) / 1000,
  areaCm2: (Math.PI * mm * mm) / 100,
});

describe('heat by size', () => {
  it('goes with one over the root of the size after one trial', () => {
    const { hWm2K, exponent } = scaleHeat([{ ...ball(12), hWm2K: 60 }], ball(3));
    expect(exponent).toBe(-0.5);
    expect(hWm2K).toBeCloseTo(120, 9);
    expect(scaleHeat([{ ...ball(12), hWm2K: 60 }], ball(12)).hWm2K).toBeCloseTo(60, 9);
  });

  it('takes the geometric mean of trials of one size', () => {
    const trials = [40, 90].map((hWm2K) => ({ ...ball(10), hWm2K }));
    expect(scaleHeat(trials, ball(10)).hWm2K).toBeCloseTo(60, 9);
  });

  it('finds the exponent again that made the trials', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1, max: 0, noNaN: true }),
        fc.double({ min: 20, max: 200, noNaN: true }),
        fc.array(fc.integer({ min: 4, max: 40 }), { minLength: 2, maxLength: 6 }),
        fc.integer({ min: 3, max: 50 }),
        (b, h0, sizes, asked) => {
          fc.pre(new Set(sizes).size > 1);
          const trials = sizes.map((mm) => ({ ...ball(mm), hWm2K: h0 * (mm / 10) ** b }));
          const found = scaleHeat(trials, ball(asked));
          expect(found.exponent).toBeCloseTo(b, 6);
          expect(found.hWm2K / (h0 * (asked / 10) ** b)).toBeCloseTo(1, 6);
        },
      ),
    );
  });

  it('keeps the exponent within what air can do', () => {
    const trials = [
      { ...ball(5), hWm2K: 40 },
      { ...ball(10), hWm2K: 90 },
    ];
    expect(scaleHeat(trials, ball(7)).exponent).toBe(0);
    expect(
      scaleHeat(
        [...trials].map((each, at) => ({ ...each, hWm2K: at === 0 ? 400 : 40 })),
        ball(7),
      ).exponent,
    ).toBe(-1);
  });

  it('heats a small head sooner than one h for all has it', () => {
    const large = ball(12);
    const small = ball(5);
    const secondsAt = (hWm2K: number) => {
      const found = heatTime({
        massG: small.volumeCm3 * 11.1,
        specificHeatJkgK: 130,
        areaCm2: small.areaCm2,
        hWm2K,
        sourceC: 350,
        startC: 20,
        targetC: 200,
      });
      if (!found.ok) throw new Error(found.problem.code);
      return found.value.seconds;
    };
    const scaled = scaleHeat([{ ...large, hWm2K: 60 }], small).hWm2K;
    expect(secondsAt(scaled) / secondsAt(60)).toBeCloseTo(Math.sqrt(5 / 12), 9);
  });
});
