import { spinForce, type SpinQuestion } from './spin-force';

const DISC: SpinQuestion = {
  densityGcm3: 11,
  rpm: 600,
  poolRadiusMm: 20,
  cavities: [{ radiusMm: 80, projectedCm2: 2, count: 10 }],
  clampKgf: 300,
};

describe('what a spun disc bears', () => {
  it('is the push of every ring of metal on the next, added up outward', () => {
    const omega = (600 / 60) * 2 * Math.PI;
    let pascal = 0;
    const steps = 20_000;
    for (let nth = 0; nth < steps; nth += 1) {
      const width = 0.06 / steps;
      pascal += 11_000 * omega ** 2 * (0.02 + (nth + 0.5) * width) * width;
    }
    const force = spinForce(DISC);
    if (!force.ok) throw new Error(force.problem.code);
    expect(force.value.cavities[0]?.pressureKpa).toBeCloseTo(pascal / 1000, 6);
    expect(force.value.partingKgf).toBeCloseTo((pascal * 0.002) / 9.80665, 6);
    expect(force.value.holds).toBe(true);
  });

  it('goes with the square of the speed, and flashes past the clamp', () => {
    const push = (rpm: number, clampKgf: number) => spinForce({ ...DISC, rpm, clampKgf });
    const [slow, fast] = [push(300, 300), push(600, 20)];
    if (!slow.ok || !fast.ok) throw new Error('both are well put');
    expect(fast.value.partingKgf / slow.value.partingKgf).toBeCloseTo(4, 12);
    expect(fast.value.holds).toBe(false);
    // A clamp that is just as strong holds.
    expect(push(600, fast.value.partingKgf)).toMatchObject({ value: { holds: true } });
  });

  it('is nothing on the edge of the pool, and refused within it', () => {
    const at = (radiusMm: number) =>
      spinForce({ ...DISC, cavities: [{ radiusMm, projectedCm2: 2, count: 1 }] });
    expect(at(20)).toMatchObject({ value: { partingKgf: 0 } });
    expect(at(19)).toMatchObject({
      ok: false,
      problem: { code: 'spin.inside-pool', path: ['cavities', 0, 'radiusMm'] },
    });
  });
});
