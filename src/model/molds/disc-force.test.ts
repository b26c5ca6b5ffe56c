import { projectedCm2 } from '@/core/cavities/projected-area';
import { demoBench } from '@/demo/demo-bench';
import { discForce } from './disc-force';

const disc = demoBench(Date.UTC(2026, 10, 23, 12)).molds.find(({ spin }) => spin !== null)!;
const measured = { reachMm: 80, poolMm: 20, pistonMm: 63 };

describe('whether a spun disc is held together', () => {
  it('is not known until it was measured, and says what is missing', () => {
    expect(discForce({ ...disc, spin: null }, 11.1)).toBeNull();
    const { reachMm: _reach, poolMm: _pool, pistonMm: _piston, ...bare } = disc.spin!;
    expect(discForce({ ...disc, spin: bare }, 11.1)).toEqual({
      is: 'unmeasured',
      lacks: ['reachMm', 'poolMm', 'pistonMm'],
    });
    expect(discForce({ ...disc, spin: { ...bare, reachMm: 80, poolMm: 20 } }, 11.1)).toMatchObject({
      lacks: ['pistonMm'],
    });
    expect(discForce({ ...disc, spin: { ...bare, ...measured, reachMm: 10 } }, 11.1)).toEqual({
      is: 'inside-pool',
    });
  });

  it('is the pressure of turning metal on all that its cavities show, against the piston', () => {
    const spin = { ...disc.spin!, ...measured, clampBar: 2, rpm: 400 };
    const force = discForce({ ...disc, spin }, 11.1);
    if (force?.is !== 'known') throw new Error('it was measured');
    // By hand: 11,100 kg/m3 at 41.888 rad/s between 20 and 80 mm: 58.43 kPa.
    expect(force.pressureKpa).toBeCloseTo((11_100 * 41.8879 ** 2 * (0.08 ** 2 - 0.02 ** 2)) / 2 / 1000, 3);
    const shown = disc.cavities.reduce((so, each) => so + projectedCm2(each)!, 0);
    expect(force.partingKgf).toBeCloseTo((force.pressureKpa * 1000 * shown) / 10_000 / 9.80665, 9);
    // 2 bar on 63 mm: 623.4 N.
    expect(force.clampKgf).toBeCloseTo(623.449 / 9.80665, 2);
    // At the most it bears, both are one.
    const atMost = discForce({ ...disc, spin: { ...spin, rpm: force.mostRpm } }, 11.1);
    expect(atMost).toMatchObject({ holds: true, partingKgf: expect.closeTo(force.clampKgf, 6) as number });
    expect(discForce({ ...disc, spin: { ...spin, rpm: force.mostRpm * 1.01 } }, 11.1)).toMatchObject({
      holds: false,
    });
  });
});
