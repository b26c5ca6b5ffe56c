import fc from 'fast-check';
import { calibrateHeat } from './calibrate-heat';
import { dipWindow } from './dip-window';
import { heatTime } from './heat-time';
import { pieceTemperature, timeConstantS } from './lumped';

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const piece = fc.record({
  massG: between(0.5, 500),
  specificHeatJkgK: between(120, 500),
  areaCm2: between(0.5, 100),
  hWm2K: between(5, 200),
});
/** Start, target and source in rising order, well apart. */
const climb = fc
  .tuple(between(-10, 40), between(50, 200), between(10, 400))
  .map(([startC, riseC, overC]) => ({ startC, targetC: startC + riseC, sourceC: startC + riseC + overC }));

const secondsOf = (input: Parameters<typeof heatTime>[0]) => {
  const outcome = heatTime(input);
  if (!outcome.ok) throw new Error(outcome.problem.code);
  return outcome.value.seconds;
};

describe('heatTime', () => {
  it('grows without bound as the target nears the source', () => {
    fc.assert(
      fc.property(piece, climb, (body, { startC, sourceC }) => {
        const near = [1, 1e-2, 1e-4, 1e-6, 1e-8].map((shortC) =>
          secondsOf({ ...body, startC, sourceC, targetC: sourceC - shortC }),
        );
        // Each further hundredth adds the same: ln(100) time constants, for ever.
        const tauS = timeConstantS(body);
        near.slice(1).forEach((seconds, index) => {
          expect((seconds - near[index]!) / tauS).toBeCloseTo(Math.log(100), 3);
        });
      }),
    );
  });

  it('scales with the size of a head at the same h', () => {
    fc.assert(
      fc.property(piece, climb, between(0.2, 8), (body, temperatures, k) => {
        const scaled = { ...body, massG: body.massG * k ** 3, areaCm2: body.areaCm2 * k ** 2 };
        const ratio = secondsOf({ ...scaled, ...temperatures }) / secondsOf({ ...body, ...temperatures });
        expect(ratio).toBeCloseTo(k, 8);
      }),
    );
  });

  it('ends where the piece then stands', () => {
    fc.assert(
      fc.property(piece, climb, (body, temperatures) => {
        const { sourceC, startC, targetC } = temperatures;
        const seconds = secondsOf({ ...body, ...temperatures });
        expect(pieceTemperature(timeConstantS(body), sourceC, startC, seconds)).toBeCloseTo(targetC, 7);
      }),
    );
  });
});

describe('calibrateHeat', () => {
  it('gives back the h that a trial was timed with', () => {
    fc.assert(
      fc.property(piece, climb, ({ hWm2K, ...body }, temperatures) => {
        const seconds = secondsOf({ ...body, hWm2K, ...temperatures });
        const found = calibrateHeat({ ...body, ...temperatures, seconds });
        expect(found.ok && found.value.hWm2K / hWm2K).toBeCloseTo(1, 9);
      }),
    );
  });

  it('reads a cooling trial too, and learns nothing of a piece that stays as it is', () => {
    const body = { massG: 10, specificHeatJkgK: 129, areaCm2: 4 };
    const cooled = calibrateHeat({ ...body, sourceC: 20, startC: 220, targetC: 120, seconds: 60 });
    expect(cooled.ok && cooled.value.hWm2K).toBeCloseTo((1.29 / (4e-4 * 60)) * Math.LN2, 9);
    const still = calibrateHeat({ ...body, sourceC: 230, startC: 20, targetC: 20, seconds: 60 });
    expect(still).toMatchObject({ ok: false, problem: { code: 'heat.no-change' } });
  });
});

describe('dipWindow', () => {
  it('is the time that cooling takes, and nothing where the head is no hotter than the powder fuses', () => {
    fc.assert(
      fc.property(piece, climb, (body, { startC, targetC, sourceC }) => {
        const window = dipWindow({ ...body, ambientC: startC, fuseC: targetC, releaseC: sourceC });
        const cooling = secondsOf({ ...body, sourceC: startC, startC: sourceC, targetC });
        expect(window.ok && window.value.seconds).toBeCloseTo(cooling, 8);
        const late = dipWindow({ ...body, ambientC: startC, fuseC: targetC, releaseC: targetC });
        expect(late).toMatchObject({ ok: false, problem: { code: 'heat.not-over-fuse' } });
      }),
    );
  });
});
