import { repeatableRandom } from '../numeric/repeatable-random';
import { drawNormal } from '../numeric/draw-normal';
import { paceSpread } from './pace-spread';

describe('the spread of a pace', () => {
  it('is the usual one where nothing was timed, and wider than that of one maker', () => {
    expect(paceSpread([])).toBeCloseTo(0.3536, 3);
    expect(paceSpread([{ begun: 0, seconds: 60 }])).toBe(paceSpread([]));
  });

  it('comes to the maker’s own with many runs', () => {
    const random = repeatableRandom(4);
    const runs = Array.from({ length: 400 }, () => ({
      begun: 10,
      seconds: 1800 * Math.exp(0.12 * drawNormal(random)),
    }));
    expect(paceSpread(runs)).toBeGreaterThan(0.11);
    expect(paceSpread(runs)).toBeLessThan(0.135);
  });

  it('knows of a single run only that it is one', () => {
    expect(paceSpread([{ begun: 10, seconds: 1800 }])).toBeCloseTo(0.25 * Math.SQRT2, 9);
  });
});
