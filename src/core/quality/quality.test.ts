import { freezeTime } from '../heat/freeze-time';
import { sinkSpeed } from '../water/sink-speed';
import { chartWeights } from './chart-weights';

describe('chartWeights', () => {
  it('draws limits from the moving ranges and finds what lies outside', () => {
    const weights = [10, 10.1, 9.9, 10, 10.1, 10, 9.9, 10, 11];
    const chart = chartWeights(weights, 10, 0.5);
    const ranges = [0.1, 0.2, 0.1, 0.1, 0.1, 0.1, 0.1, 1];
    const sigma = ranges.reduce((a, b) => a + b, 0) / 8 / 1.128;
    expect(chart.sigmaG).toBeCloseTo(sigma, 12);
    expect(chart.meanG).toBeCloseTo(91 / 9, 12);
    expect(chart.upperG).toBeCloseTo(91 / 9 + 3 * sigma, 12);
    expect(chart.outside).toEqual([8]);
    expect(chart.cpk).toBeCloseTo((10.5 - 91 / 9) / (3 * sigma), 12);
  });

  it('has no cpk for weights that do not spread, and none for one alone', () => {
    expect(chartWeights([10, 10, 10], 10, 0.5)).toMatchObject({ sigmaG: 0, cpk: null, outside: [] });
    expect(() => chartWeights([10], 10, 0.5)).toThrow(/two weights/);
  });
});

describe('freezeTime', () => {
  it('is the trial at its own modulus and four times it at twice, by the square', () => {
    expect(freezeTime({ modulusMm: 2, seconds: 10 }, 2, 1.3)).toBe(10);
    expect(freezeTime({ modulusMm: 2, seconds: 10 }, 4, 2)).toBe(40);
    expect(freezeTime({ modulusMm: 2, seconds: 10 }, 4, 1)).toBe(20);
  });
});

describe('sinkSpeed', () => {
  const ball = { massG: 10, volumeCm3: 0.9, frontalCm2: 1.13, dragCoefficient: 0.47, waterGcm3: 1 };

  it('balances the drag against the weight in water', () => {
    const speed = sinkSpeed(ball);
    const v = speed.ok ? speed.value : 0;
    const dragN = 0.5 * 1000 * v * v * 1.13e-4 * 0.47;
    expect(dragN).toBeCloseTo(9.1e-3 * 9.80665, 12);
  });

  it('falls slower in the sea, and not at all where it floats', () => {
    const sea = sinkSpeed({ ...ball, waterGcm3: 1.025 });
    const river = sinkSpeed(ball);
    expect(sea.ok && river.ok && sea.value < river.value).toBe(true);
    expect(sinkSpeed({ ...ball, massG: 0.9 })).toMatchObject({ problem: { code: 'water.floats' } });
  });
});
