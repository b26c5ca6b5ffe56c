import { ringReach } from './ring-reach';

describe('ringReach', () => {
  it('is what is inside a ring: the wire lengthens no chain', () => {
    expect(ringReach({ as: 'solid', sizes: { diameterMm: 8, ringMm: 1.2 } })).toBeCloseTo(5.6, 12);
    // Two turns of half a millimeter, side by side.
    expect(ringReach({ as: 'ring', sizes: { diameterMm: 7, ringMm: 1 } })).toBeCloseTo(6, 12);
    expect(ringReach({ as: 'ring', sizes: { diameterMm: 7 } })).toBe(7);
    expect(ringReach({ as: 'bead', sizes: { diameterMm: 7 } })).toBe(0);
    expect(ringReach({ as: 'solid', sizes: { diameterMm: 2, ringMm: 3 } })).toBe(0);
  });
});
