import fc from 'fast-check';
import { dragFromFall, fallOnLine, type FallingBait } from './fall-on-line';
import { sinkSpeed } from './sink-speed';

const BAIT: FallingBait = { massG: 7, volumeCm3: 0.65, lineMm: 0.25, depthM: 4 };

const fall = (bait: FallingBait, dragAreaCm2: number) => {
  const found = fallOnLine(bait, dragAreaCm2);
  if (!found.ok) throw new Error(found.problem.code);
  return found.value;
};

describe('a bait falling on its line', () => {
  it('takes as long as a fall stepped through by the millimeter', () => {
    const area = 0.6e-4;
    let seconds = 0;
    for (let mm = 0; mm < 4000; mm += 1) {
      const z = (mm + 0.5) / 1000;
      const pull = (0.007 - 0.65e-3) * 9.80665;
      seconds += 0.001 / Math.sqrt((2 * pull) / (1000 * (area + 0.01 * Math.PI * 0.25e-3 * z)));
    }
    expect(fall(BAIT, 0.6).seconds).toBeCloseTo(seconds, 6);
  });

  it('is a free fall where there is no line, and slower and slower on one', () => {
    const free = sinkSpeed({
      massG: 7,
      volumeCm3: 0.65,
      frontalCm2: 1.2,
      dragCoefficient: 0.5,
      waterGcm3: 1,
    });
    const bare = fall({ ...BAIT, lineMm: 0 }, 0.6);
    expect(free).toMatchObject({ value: expect.closeTo(bare.endMs, 9) as number });
    expect(bare.meanMs).toBeCloseTo(bare.endMs, 9);
    const light = { massG: 1.2, volumeCm3: 0.11, depthM: 4 };
    const ratio = fall({ ...light, lineMm: 0.3 }, 0.15).seconds / fall({ ...light, lineMm: 0 }, 0.15).seconds;
    expect(ratio).toBeGreaterThan(1.4);
    expect(fall(BAIT, 0.6).endMs).toBeLessThan(fall(BAIT, 0.6).meanMs);
  });

  it('tells its drag by one timed drop', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 8, noNaN: true }),
        fc.double({ min: 0, max: 0.6, noNaN: true }),
        fc.double({ min: 0.5, max: 20, noNaN: true }),
        (area, lineMm, depthM) => {
          const bait = { ...BAIT, lineMm, depthM };
          const found = dragFromFall(bait, fall(bait, area).seconds);
          expect(found).toMatchObject({ value: expect.closeTo(area, 6) as number });
        },
      ),
    );
  });

  it('refuses what floats, and a drop that its line would not let be so fast', () => {
    expect(fallOnLine({ ...BAIT, massG: 0.65 }, 0.6)).toMatchObject({ problem: { code: 'water.floats' } });
    expect(dragFromFall(BAIT, 0.2)).toMatchObject({
      problem: { code: 'water.fell-too-fast', path: ['seconds'] },
    });
  });
});
