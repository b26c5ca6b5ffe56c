import { floatShot, type FloatQuestion } from './float-shot';

const FLOAT: FloatQuestion = {
  floatVolumeCm3: 4,
  floatMassG: 1.1,
  standsOutCm3: 0.4,
  carried: [
    { massG: 0.15, volumeCm3: 0.019 },
    { massG: 0.4, volumeCm3: 0.04, count: 2 },
  ],
};

describe('shot under a float', () => {
  it('brings all that hangs and floats to what the water under it weighs', () => {
    const found = floatShot(FLOAT);
    if (!found.ok) throw new Error(found.problem.code);
    const { leftG, capacityG } = found.value;
    const massG = 1.1 + 0.15 + 2 * 0.4 + leftG;
    const waterG = 4 - 0.4 + 0.019 + 2 * 0.04 + leftG / 11.34;
    expect(massG).toBeCloseTo(waterG, 9);
    expect(1.1 + capacityG).toBeCloseTo(3.6 + capacityG / 11.34, 9);
  });

  it('says how much too much it carries, and what lifts nothing', () => {
    const heavy = floatShot({ ...FLOAT, carried: [{ massG: 9, volumeCm3: 1 }] });
    expect(heavy.ok && heavy.value.leftG).toBeLessThan(0);
    expect(floatShot({ ...FLOAT, floatMassG: 3.6 })).toMatchObject({ problem: { code: 'float.no-lift' } });
    expect(floatShot({ ...FLOAT, shotGcm3: 1 })).toMatchObject({ problem: { code: 'float.shot-floats' } });
  });
});
