import fc from 'fast-check';
import { currentHeld, currentLook, currentWalked } from './current-held';
import { holdInCurrent } from './hold-in-current';

const RUN = { depthM: 1.5, castM: 12, lineMm: 0.3, metalGcm3: 11.3, grip: 0.6 };

describe('currentHeld', () => {
  it('is the current that holdInCurrent was asked for', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 3, noNaN: true }), (currentMs) => {
        const { massG } = holdInCurrent({ ...RUN, currentMs });
        expect(currentHeld(massG, RUN)).toBeCloseTo(currentMs, 6);
      }),
    );
  });

  it('grows with the weight, and ends where no water runs faster', () => {
    const held = [10, 20, 40, 80].map((massG) => currentHeld(massG, RUN));
    expect(held).toEqual([...held].sort((a, b) => a - b));
    expect(currentHeld(1e6, RUN)).toBe(6);
    expect(currentHeld(0, RUN)).toBe(0);
  });

  it('lets an ounce walk where the water is about as fast as a walker', () => {
    const walks = currentWalked(currentHeld(28.35, RUN));
    expect(walks).toBeGreaterThan(0.75);
    expect(walks).toBeLessThan(2);
    expect(currentLook(walks)).toBe('as fast as you walk');
  });
});
