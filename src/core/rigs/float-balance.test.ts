import { PLAIN_GAUGE, type PartGauge } from '../parts/part-roles';
import { floatBalance } from './float-balance';
import type { RigItem } from './rig';

const item = (
  as: PartGauge['as'],
  massG: number | null,
  sizes: PartGauge['sizes'] = {},
  count = 1,
): RigItem => ({
  id: as,
  place: null,
  part: { binId: as, name: as, massG, gauge: { ...PLAIN_GAUGE, as, sizes, basis: 'measured' } },
  on: null,
  lengthMm: null,
  ends: null,
  atMm: null,
  count,
  isTurned: false,
});
const FLOAT = item('float', 1.2, { lengthMm: 60, diameterMm: 12 });

describe('the shot of a float', () => {
  it('is what its lift leaves beside hook and swivel, a tenth of it out of the water', () => {
    const balance = floatBalance({
      items: [FLOAT, item('shot', 0.3, {}, 6), item('hook', 0.4), item('swivel', 0.2)],
    })!;
    // By hand: a spindle of 4.524 cm3, nine tenths under water lift 4.072 g; less 1.2 g and 0.6 g of steel in water.
    const liftG = 0.9 * (Math.PI / 6) * 60 * 0.144 - 1.2;
    const steelG = 0.6 * (1 - 1 / 7.85);
    expect(balance.wantsG).toBeCloseTo((liftG - steelG) / (1 - 1 / 11.34), 9);
    expect(balance).toMatchObject({
      hasG: expect.closeTo(1.8, 12) as number,
      hangsG: expect.closeTo(0.6, 12) as number,
    });
  });

  it('is not known without a float, its sizes or its weight', () => {
    expect(floatBalance({ items: [item('shot', 0.3)] })).toBeNull();
    expect(floatBalance({ items: [item('float', null, { lengthMm: 60, diameterMm: 12 })] })).toBeNull();
    expect(floatBalance({ items: [item('float', 1)] })).toBeNull();
    expect(floatBalance({ items: [FLOAT, item('shot', null)] })).toBeNull();
    // Heavier than its own room of water: no float.
    expect(floatBalance({ items: [item('float', 9, { lengthMm: 60, diameterMm: 12 })] })).toBeNull();
  });
});
