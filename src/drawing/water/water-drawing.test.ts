import fc from 'fast-check';
import { holdInCurrent } from '@/core/water/hold-in-current';
import { SINKER_HALF, sketchCast } from './line-in-water';
import { layRates } from './rate-rows';

describe('sketchCast', () => {
  const scene = (depthM: number, castM: number) => ({
    depthM,
    castM,
    ...holdInCurrent({ depthM, castM, currentMs: 0.5, lineMm: 0.3, metalGcm3: 11.3, grip: 0.6 }),
  });

  it('draws both views to one scale', () => {
    const sketch = sketchCast(scene(5, 20), 660);
    expect(sketch.perM).toBe(30);
    expect(sketch.sinker.x - sketch.tip.x).toBe(600);
    expect(sketch.side.bottomY - sketch.side.surfaceY).toBe(150);
    // The line ends in the sinker, which lies on the bottom.
    expect(sketch.side.line.endsWith(`L${sketch.sinker.x} ${sketch.sinker.y}`)).toBe(true);
    expect(sketch.sinker.y + SINKER_HALF).toBe(sketch.side.bottomY);
    const { sagM } = scene(5, 20);
    expect(sketch.above.sagAt.y - sketch.tipAbove.y).toBeCloseTo(sagM * 30, 6);
    expect(sketch.above.sagAt.x).toBeCloseTo((sketch.tip.x + sketch.sinker.x) / 2, 0);
  });

  it('keeps all of it in the box, and shallow water still to be seen', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 40, noNaN: true }),
        fc.double({ min: 3, max: 120, noNaN: true }),
        (depthM, castM) => {
          const sketch = sketchCast(scene(depthM, castM), 660);
          const numbers = `${sketch.above.line}${sketch.side.line}`.match(/-?\d+(\.\d+)?/g)!.map(Number);
          for (let nth = 0; nth < numbers.length; nth += 2) {
            expect(numbers[nth]!).toBeGreaterThanOrEqual(0);
            expect(numbers[nth]!).toBeLessThanOrEqual(660);
            expect(numbers[nth + 1]!).toBeLessThanOrEqual(sketch.height);
          }
          expect(sketch.side.bottomY - sketch.side.surfaceY).toBeGreaterThanOrEqual(36);
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('layRates', () => {
  it('lays every band on a scale that holds it, in whole steps', () => {
    const scale = layRates([
      { under: 'a', perHour: 1, low: 0.5, high: 1.9 },
      { under: 'b', perHour: 0.2, low: 0.1, high: 0.4 },
    ]);
    expect(scale.most).toBe(2);
    expect(scale.ticks).toEqual([0, 0.5, 1, 1.5, 2]);
    expect(scale.bands[0]).toEqual({ under: 'a', at: 0.5, from: 0.25, to: 0.95 });
    expect(layRates([]).ticks[0]).toBe(0);
  });
});
