import { REFERENCE_METALS } from './metals';
import { pouredMetal } from './poured-metal';

describe('pouredMetal', () => {
  it('knows every metal of the list, each lighter in its cavity than solid unless it swells', () => {
    for (const { key, shrinkLinear } of REFERENCE_METALS) {
      const { densityGcm3, gPerCm3 } = pouredMetal(key);
      expect(Math.sign(densityGcm3 - gPerCm3)).toBe(Math.sign(shrinkLinear.value));
    }
  });

  it('weighs soft lead as handbooks do', () => {
    const { densityGcm3, specificHeatJkgK, gPerCm3 } = pouredMetal('soft-lead');
    expect(densityGcm3).toBeCloseTo(11.34, 2);
    expect(specificHeatJkgK).toBeCloseTo(129, 0);
    expect(gPerCm3).toBeCloseTo(11.34 * (1 - 0.0089) ** 3, 3);
  });

  it('refuses what is on no list', () => {
    expect(() => pouredMetal('kryptonite')).toThrow(RangeError);
  });
});
