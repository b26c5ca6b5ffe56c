import { repeatableRandom } from '../numeric/repeatable-random';
import { cavityBand } from './cavity-band';

const METAL = { densityGcm3: 11, shrinkLinear: 0 };
/** A normal value by the sum of uniform ones. */
const normal = (random: () => number) =>
  Array.from({ length: 12 }, random).reduce((so, each) => so + each, -6);

describe('where the next casting lies', () => {
  it('is by hand what the formula says', () => {
    const weights = [10.1, 9.9, 10.05, 9.95];
    const samples = weights.map((weighedG) => ({ weighedG, count: 1, metal: METAL, embedded: [] }));
    const found = cavityBand({
      samples,
      metal: METAL,
      embedded: [],
      densityShareSd: 0.01,
      hardwareSdG: 0.05,
    });
    const s = Math.sqrt((2 * 0.1 ** 2 + 2 * 0.05 ** 2) / 3);
    const ofOne = 3.182446305 * s * Math.sqrt(1.25);
    const ofFacts = 1.959963985 * Math.hypot(0.1, 0.05);
    expect(found).toMatchObject({
      value: {
        finishedG: expect.closeTo(10, 9) as number,
        bandG: expect.closeTo(Math.hypot(ofOne, ofFacts), 6) as number,
      },
    });
  });

  it('holds the next single casting 95 times in 100, whether weighed singly or by the handful', () => {
    const random = repeatableRandom(3);
    let inside = 0;
    const benches = 4000;
    for (let bench = 0; bench < benches; bench += 1) {
      const sigma = 0.02 + random() * 0.2;
      const cast = () => 10 + sigma * normal(random);
      const samples = Array.from({ length: 2 + Math.floor(random() * 10) }, () => {
        const count = 1 + Math.floor(random() * 4);
        const weighedG = Array.from({ length: count }, cast).reduce((so, each) => so + each, 0);
        return { weighedG, count, metal: METAL, embedded: [] };
      });
      const found = cavityBand({ samples, metal: METAL, embedded: [] });
      if (!found.ok || found.value.bandG === null) throw new Error('it is well put');
      if (Math.abs(cast() - found.value.finishedG) <= found.value.bandG) inside += 1;
    }
    expect(inside / benches).toBeGreaterThan(0.93);
    expect(inside / benches).toBeLessThan(0.97);
  });

  it('is unknown after one weighing', () => {
    const samples = [{ weighedG: 10, count: 1, metal: METAL, embedded: [] }];
    expect(cavityBand({ samples, metal: METAL, embedded: [] })).toMatchObject({ value: { bandG: null } });
  });
});
