import fc from 'fast-check';
import { drillDepthMm, drilledCm3 } from './drilled-hole';

const bits = fc.double({ min: 1, max: 60, noNaN: true });
const depths = fc.double({ min: 0.1, max: 200, noNaN: true });

/** The hole in thin slices, each as wide as a drill of 118 degrees is there. */
function sliced(bitMm: number, depthMm: number): number {
  const slices = 20_000;
  const thick = depthMm / slices;
  let mm3 = 0;
  for (let at = 0; at < slices; at += 1) {
    const fromTip = (at + 0.5) * thick;
    mm3 += Math.PI * Math.min(bitMm / 2, fromTip * Math.tan((59 * Math.PI) / 180)) ** 2 * thick;
  }
  return mm3 / 1000;
}

describe('a drilled hole', () => {
  it.each([
    [10, 20],
    [6.35, 4],
    [25.4, 5],
    [40, 12],
  ])('of %d mm and %d mm deep takes what its slices take', (bitMm, depthMm) =>
    expect(drilledCm3(bitMm, depthMm)).toBeCloseTo(sliced(bitMm, depthMm), 4),
  );

  it('tends to a cylinder where it is deep', () => {
    expect(drilledCm3(3, 500) / ((Math.PI / 4) * 9 * 0.5)).toBeCloseTo(1, 2);
  });

  it('is as deep again as its room asks for', () => {
    fc.assert(
      fc.property(bits, depths, (bitMm, depthMm) => {
        const back = drillDepthMm(bitMm, drilledCm3(bitMm, depthMm));
        return Math.abs(back - depthMm) < 1e-6 * depthMm;
      }),
    );
  });

  it('grows with its depth and with the drill', () => {
    fc.assert(
      fc.property(bits, depths, (bitMm, depthMm) => {
        const room = drilledCm3(bitMm, depthMm);
        return drilledCm3(bitMm, depthMm * 1.1) > room && drilledCm3(bitMm * 1.1, depthMm) > room * 0.99;
      }),
    );
  });
});
