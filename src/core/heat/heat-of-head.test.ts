import { heatOfHead } from './heat-of-head';

const ball = (mm: number) => ({
  volumeCm3: ((Math.PI / 6) * mm ** 3) / 1000,
  areaCm2: (Math.PI * mm * mm) / 100,
});
const timed = (mm: number, hWm2K: number) => ({ ...ball(mm), massG: ball(mm).volumeCm3 * 11.2, hWm2K });

describe('how fast a head takes heat from a source', () => {
  it('is the guess for a head of 10 g, and more for a smaller one', () => {
    expect(heatOfHead({ hWm2K: 70, trial: null }, ball(11.98)).hWm2K).toBeCloseTo(70, 1);
    const small = heatOfHead({ hWm2K: 70, trial: null }, ball(11.98 / 4));
    expect(small.hWm2K).toBeCloseTo(140, 0);
    expect(small.sizes).toBe(0);
  });

  it('is what was timed at its size, and follows it to others', () => {
    const source = { hWm2K: 60, trial: timed(12, 60) };
    expect(heatOfHead(source, ball(12))).toMatchObject({ hWm2K: expect.closeTo(60, 9) as number, sizes: 1 });
    expect(heatOfHead(source, ball(5)).hWm2K).toBeCloseTo(60 * Math.sqrt(12 / 5), 9);
  });

  it('learns from two sizes how the others follow', () => {
    const source = { hWm2K: 90, trial: timed(5, 90), earlier: [timed(20, 60)] };
    const found = heatOfHead(source, ball(10));
    expect(found.exponent).toBeCloseTo(Math.log(60 / 90) / Math.log(4), 9);
    expect(found.hWm2K).toBeCloseTo(Math.sqrt(60 * 90), 9);
    expect(found.sizes).toBe(2);
  });

  it('is the less sure the farther a size lies from what was timed, and surer with two sizes', () => {
    const one = { hWm2K: 60, trial: timed(12, 60) };
    const off = [12, 8, 4, 2].map((mm) => heatOfHead(one, ball(mm)).offShare);
    expect(off).toEqual([...off].sort((a, b) => a - b));
    expect(off[0]).toBeCloseTo(0.08, 9);
    const two = { ...one, earlier: [timed(24, 45)] };
    expect(heatOfHead(two, ball(4)).offShare).toBeLessThan(heatOfHead(one, ball(4)).offShare);
    expect(heatOfHead({ hWm2K: 60, trial: null }, ball(12)).offShare).toBeGreaterThan(0.3);
  });

  it('takes a head that was timed before sizes counted for one of lead', () => {
    const old = { massG: 10, areaCm2: 4.51 };
    expect(heatOfHead({ hWm2K: 66, trial: old }, { volumeCm3: 10 / 11.2, areaCm2: 4.51 }).hWm2K).toBeCloseTo(
      66,
      9,
    );
  });
});
