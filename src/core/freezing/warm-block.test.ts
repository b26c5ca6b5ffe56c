import { beatFor, restS, warmBlock, type BlockEvening } from './warm-block';

const evening: BlockEvening = {
  massG: 900,
  specificJkgK: 900,
  areaCm2: 300,
  airC: 20,
  startC: 20,
  pourJ: 3200,
  beatS: 60,
  pours: 400,
};

describe('warmBlock', () => {
  it('rises pour by pour to where what comes in is what goes out', () => {
    const { atPourC, settlesC } = warmBlock(evening);
    expect(atPourC[0]).toBe(20);
    for (let nth = 1; nth < atPourC.length; nth += 1)
      expect(atPourC[nth]!).toBeGreaterThanOrEqual(atPourC[nth - 1]!);
    expect(atPourC.at(-1)).toBeCloseTo(settlesC, 1);
    // Told for long beats beside its time to fade: what comes in each second over what the film takes for a kelvin.
    const { settlesC: mean } = warmBlock({ ...evening, beatS: 1, pourJ: 3200 / 60 });
    expect(mean - 20).toBeCloseTo(3200 / 60 / (14 * 0.03), 0);
  });

  it('comes down from a start that is too warm, and settles at the beat that is asked for', () => {
    const from = warmBlock({ ...evening, startC: 300 });
    expect(from.atPourC[5]!).toBeLessThan(300);
    const beatS = beatFor(evening, 150)!;
    expect(warmBlock({ ...evening, beatS }).settlesC).toBeCloseTo(150, 6);
    expect(beatFor(evening, 20)).toBeNull();
  });

  it('rests until it is as cool as asked', () => {
    const s = restS(evening, 200, 160);
    const tau = (0.9 * 900) / (14 * 0.03);
    expect(20 + 180 * Math.exp(-s / tau)).toBeCloseTo(160, 6);
    expect(restS(evening, 100, 160)).toBe(0);
    expect(restS(evening, 100, 10)).toBe(Infinity);
  });
});
