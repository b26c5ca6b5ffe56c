import { withTrial, type Heater } from './heater';

const gun: Heater = { id: 'gun', name: 'Gun', kind: 'gun', sourceC: 420, hWm2K: 70, trial: null, oven: null };
const timed = (volumeCm3: number, hWm2K: number) => ({
  at: 1,
  what: `${volumeCm3}`,
  massG: 11 * volumeCm3,
  specificHeatJkgK: 130,
  areaCm2: 5 * volumeCm3 ** (2 / 3),
  startC: 20,
  targetC: 115,
  seconds: 9,
  volumeCm3,
  hWm2K,
});

describe('heads timed in a heater', () => {
  it('are kept one of each size, the last one first to speak', () => {
    const once = withTrial(gun, timed(1, 60));
    expect(once).toMatchObject({ hWm2K: 60, trial: { what: '1' }, earlier: undefined });
    const twice = withTrial(once, timed(0.2, 90));
    expect(twice.earlier?.map(({ what }) => what)).toEqual(['1']);
    // The same size again stands for the one before it.
    const again = withTrial(twice, timed(1.001, 64));
    expect(again.earlier?.map(({ what }) => what)).toEqual(['0.2']);
    expect(again.hWm2K).toBe(64);
  });

  it('let go of one from before sizes counted', () => {
    const { volumeCm3: _room, hWm2K: _heat, ...old } = timed(1, 60);
    expect(withTrial({ ...gun, trial: old }, timed(0.2, 90)).earlier).toBeUndefined();
  });
});
