import { repeatableRandom } from '@/core/numeric/repeatable-random';
import { demoBench } from '@/demo/demo-bench';
import type { Weighing } from '@/records/weighing';
import { castFromCavity } from '@/core/tickets/cast-from-cavity';
import { judgeWeighings, predictWithBand } from './cavity-weighings';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const metals = demo.bins.filter((bin) => bin.kind === 'metal');
const metal = { ...metals[0]!, densityBasis: 'weighed' as const };
const known = { ...demo.molds[0]!.cavities[0]!, hookSizes: [], inserts: [] };
const template = demo.weighings[0]!;

/** A cavity whose castings scatter by so much, so many of them weighed one by one, and the next casting. */
function bench(random: () => number, weighed: number) {
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const spread = 0.004 + 0.012 * random();
  const cast = castFromCavity(known, metal, null);
  if (!cast.ok) throw new Error(cast.problem.code);
  const next = () => cast.value.finishedG * (1 + spread * normal());
  const weights = Array.from({ length: weighed }, next);
  const weighings = weights.map((weighedG, at): Weighing => ({
    ...template,
    id: `w${at}`,
    at,
    cavityId: known.id,
    metalBinId: metal.id,
    hookBinId: null,
    count: 1,
    weighedG,
    batchId: null,
    calibrates: true,
  }));
  const mean = weights.reduce((so, each) => so + each, 0) / weighed;
  // The cavity as it was found of them.
  const volumeCm3 = known.volumeCm3 * (mean / cast.value.finishedG);
  return { cavity: { ...known, volumeCm3, volumeBasis: 'weighed' as const }, weighings, next: next() };
}

describe('the band of a casting', () => {
  it('holds 19 of 20 single castings, where the mean’s own band let half of them fall out at ten weighings', () => {
    const random = repeatableRandom(5);
    const benches = 1500;
    let [inside, inMeans] = [0, 0];
    for (let nth = 0; nth < benches; nth += 1) {
      const { cavity, weighings, next } = bench(random, 10);
      const facts = { weighings, metals: [metal], hooks: new Map() };
      const { finishedG, bandG } = predictWithBand(cavity, metal, null, facts)!;
      if (Math.abs(next - finishedG) <= bandG) inside += 1;
      if (Math.abs(next - finishedG) <= bandG / Math.sqrt(11)) inMeans += 1;
    }
    expect(inside / benches).toBeGreaterThan(0.93);
    expect(inside / benches).toBeLessThan(0.97);
    expect(inMeans / benches).toBeLessThan(0.55);
  });

  it('holds a weighing against the others of it: one in twenty good ones is doubted, however few', () => {
    const random = repeatableRandom(6);
    for (const weighed of [3, 4, 8]) {
      let [out, all] = [0, 0];
      for (let nth = 0; nth < 500; nth += 1) {
        const { cavity, weighings } = bench(random, weighed);
        const judged = judgeWeighings(cavity, { weighings, metals: [metal], hooks: new Map() });
        out += judged.filter(({ residualG, bandG }) => Math.abs(residualG) > bandG).length;
        all += judged.length;
      }
      expect(out / all).toBeGreaterThan(0.03);
      expect(out / all).toBeLessThan(0.07);
    }
  });

  it('knows nothing of the spread before two were weighed, and the density doubts only what was weighed in another lot', () => {
    const { cavity, weighings } = bench(repeatableRandom(7), 6);
    const other = { ...metal, id: 'other', densityBasis: 'guess' as const };
    const facts = { weighings, metals: [metal, other], hooks: new Map() };
    const band = (of: typeof metal | typeof other, few = weighings) =>
      predictWithBand(cavity, of, null, { ...facts, weighings: few })!;
    expect(band(metal, []).bandG / band(metal).metalG).toBeGreaterThan(0.05);
    expect(band(other).bandG).toBeGreaterThan(band(metal).bandG);
  });
});
