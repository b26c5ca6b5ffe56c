import fc from 'fast-check';
import { mean } from '../numeric/mean';
import { repeatableRandom } from '../numeric/repeatable-random';
import { learnMelt, meltMinutes, TYPICAL_POT_SHARE, type TimedMelt } from './learn-melt';

const CAPACITY_G = 4500;
const melt = (full: number, minutes: number): TimedMelt => ({ chargeG: full * CAPACITY_G, minutes });

describe('what a pot takes from cold', () => {
  it('is typical until the maker timed a melt', () => {
    expect(learnMelt([], CAPACITY_G, 28)).toEqual({
      fullMinutes: expect.closeTo(28, 9),
      potShare: expect.closeTo(TYPICAL_POT_SHARE, 9),
      spreadMinutes: null,
      melts: 0,
    });
  });

  it('fits no worse than any other pot and metal, by trying them all', () => {
    const melts = [melt(0.3, 19), melt(0.5, 22), melt(0.9, 33), melt(0.4, 18)];
    const learned = learnMelt(melts, CAPACITY_G, 25);
    const off = (pot: number, metal: number) =>
      0.5 * (TYPICAL_POT_SHARE * 25 - pot) ** 2 +
      0.5 * (25 - pot - metal) ** 2 +
      melts.reduce(
        (so, { chargeG, minutes }) => so + (minutes - pot - (metal * chargeG) / CAPACITY_G) ** 2,
        0,
      );
    const [pot, metal] = [
      learned.fullMinutes * learned.potShare,
      learned.fullMinutes * (1 - learned.potShare),
    ];
    for (let a = 0; a <= 30; a += 0.25) {
      for (let b = 0; b <= 40; b += 0.25) expect(off(pot, metal)).toBeLessThanOrEqual(off(a, b) + 1e-9);
    }
  });

  it('comes to the truth of a pot that is nothing like the usual, and to how far melts stray', () => {
    const next = repeatableRandom(7);
    const normal = () => Array.from({ length: 12 }, () => next()).reduce((so, each) => so + each, -6);
    const errors = Array.from({ length: 300 }, () => {
      const [pot, metal] = [4 + 14 * next(), 10 + 30 * next()];
      const tonight = (full: number) => pot + metal * full + 1.5 * normal();
      const melts = Array.from({ length: 24 }, () => {
        const full = 0.2 + 0.8 * next();
        return melt(full, tonight(full));
      });
      const learned = learnMelt(melts, CAPACITY_G, 25);
      const full = 0.2 + 0.8 * next();
      const off = tonight(full) - meltMinutes(learned, full, true);
      return { off, isIn: Math.abs(off) <= 1.96 * learned.spreadMinutes! };
    });
    expect(Math.abs(mean(errors.map(({ off }) => off)))).toBeLessThan(0.5);
    const inside = mean(errors.map(({ isIn }) => Number(isIn)));
    expect(inside).toBeGreaterThan(0.9);
    expect(inside).toBeLessThan(0.99);
  });

  it('never takes less for more metal, nor less than nothing', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            full: fc.double({ min: 0, max: 1.4, noNaN: true }),
            minutes: fc.double({ min: 0.5, max: 240, noNaN: true }),
          }),
          { maxLength: 9 },
        ),
        fc.double({ min: 1, max: 120, noNaN: true }),
        (timed, usual) => {
          const learned = learnMelt(
            timed.map(({ full, minutes }) => melt(full, minutes)),
            CAPACITY_G,
            usual,
          );
          expect(learned.potShare).toBeGreaterThanOrEqual(0);
          expect(learned.potShare).toBeLessThanOrEqual(1);
          expect(meltMinutes(learned, 0.2, true)).toBeLessThanOrEqual(meltMinutes(learned, 0.8, true) + 1e-9);
          expect(meltMinutes(learned, 0.5, false)).toBeLessThanOrEqual(
            meltMinutes(learned, 0.5, true) + 1e-9,
          );
        },
      ),
    );
  });
});
