import { settingOf } from '../../../tests/support/castings';
import { slowedMold, slowerBy } from './slower-by';

describe('slowerBy', () => {
  it('finds again by how much a mold was slowed', () => {
    const setting = settingOf();
    const asReckoned = 7 / slowerBy({ modulusMm: 2.1, seconds: 7 }, setting);
    const slowed = { ...setting, mold: slowedMold(setting.mold, 2.5) };
    const inSlowed = 7 / slowerBy({ modulusMm: 2.1, seconds: 7 }, slowed);
    // Within a fifth: what the metal itself holds back is not slowed.
    expect(Math.abs(inSlowed / asReckoned / 2.5 - 1)).toBeLessThan(0.2);
    expect(slowerBy({ modulusMm: 2.1, seconds: asReckoned }, setting)).toBeCloseTo(1, 9);
  });
});
