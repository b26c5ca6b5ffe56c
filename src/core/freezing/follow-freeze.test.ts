import { conductHeat } from './conduct-heat';
import { followFreeze } from './follow-freeze';
import { evenWidths, type ThermalGrid, type ThermalMaterial } from './grid';
import { heatContent } from './heat-content';
import { ALUMINUM, LEAD } from '../../../tests/support/thermal-materials';

const PLAIN: ThermalMaterial = { ...LEAD, melting: null };
const PLASTER: ThermalMaterial = {
  conductivityWmK: 0.5,
  densityKgM3: 1100,
  specificJkgK: 1000,
  melting: null,
};
/** Takes any heat and stays as warm as it is. */
const HELD: ThermalMaterial = { conductivityWmK: 1e6, densityKgM3: 1e6, specificJkgK: 1e9, melting: null };

/** A ball in the middle of a cube of something else. */
function ballGrid(
  ball: ThermalMaterial,
  round: ThermalMaterial,
  {
    side,
    stepMm,
    ballMm,
    contactWm2K,
  }: { side: number; stepMm: number; ballMm: number; contactWm2K?: number },
): ThermalGrid {
  const of = Uint8Array.from({ length: side ** 3 }, (_, at) => {
    const place = [at % side, Math.floor(at / side) % side, Math.floor(at / side ** 2)];
    return Math.hypot(...place.map((each) => (each + 0.5 - side / 2) * stepMm)) < ballMm / 2 ? 1 : 0;
  });
  return {
    counts: [side, side, side],
    widthsMm: evenWidths([side, side, side], stepMm),
    materials: [round, ball],
    of,
    sides: {},
    ...(contactWm2K === undefined ? {} : { contactWm2K }),
  };
}

const heatOf = (grid: ThermalGrid, pouredC: number, roundC: number) =>
  Float64Array.from(grid.of, (material) =>
    heatContent(grid.materials[material]!, material === 1 ? pouredC : roundC),
  );

describe('a ball', () => {
  it('cools as its series has it, where its skin is held', () => {
    const side = 44;
    const grid = ballGrid(PLAIN, HELD, { side, stepMm: 0.5, ballMm: 20 });
    const heat = heatOf(grid, 100, 0);
    const heating = conductHeat(grid, heat);
    const middle = (side / 2) * (side * side + side + 1);
    // The cubes of the ball have the room of one of this radius.
    const cubes = grid.of.reduce((so, material) => so + material, 0);
    const radiusM = Math.cbrt((3 * cubes * 0.5 ** 3) / (4 * Math.PI)) / 1000;
    const alpha = PLAIN.conductivityWmK / PLAIN.densityKgM3 / PLAIN.specificJkgK;
    for (let nth = 0; nth < 80; nth += 1) {
      const { seconds, temperature } = heating.step(0.02);
      let told = 0;
      for (let n = 1; n < 60; n += 1) {
        told += 2 * (-1) ** (n + 1) * Math.exp((-(n * n) * Math.PI ** 2 * alpha * seconds) / radiusM ** 2);
      }
      // Told in percent of what it had: Carslaw and Jaeger, 9.3 (6), for its middle.
      expect(Math.abs(temperature[middle]! - 100 * told)).toBeLessThan(2);
    }
  });

  it('freezes from its skin in, its middle last, all of it between half and twice its lump’s time', () => {
    const side = 24;
    const grid = ballGrid(LEAD, ALUMINUM, { side, stepMm: 1, ballMm: 14, contactWm2K: 2500 });
    const frozen = followFreeze(grid, heatOf(grid, 360, 100), { stepS: 0.05, mostS: 20 });
    expect(frozen.allSolidS).not.toBeNull();
    const off = (at: number) =>
      Math.hypot(
        ...[at % side, Math.floor(at / side) % side, Math.floor(at / side ** 2)].map(
          (each) => each + 0.5 - side / 2,
        ),
      );
    expect(off(frozen.lastAt!)).toBeLessThan(2.5);
    const when = (from: number, to: number) => {
      const at = [...frozen.solidAtS.keys()].filter(
        (each) => grid.of[each] === 1 && off(each) >= from && off(each) < to,
      );
      return at.reduce((so, each) => so + frozen.solidAtS[each]!, 0) / at.length;
    };
    expect(when(6, 7)).toBeLessThan(when(3, 4));
    expect(when(3, 4)).toBeLessThan(when(0, 2));
  });

  it('is not said to be solid where it was not followed long enough', () => {
    const grid = ballGrid(LEAD, PLASTER, { side: 16, stepMm: 1, ballMm: 8 });
    const frozen = followFreeze(grid, heatOf(grid, 360, 20), { stepS: 0.1, mostS: 0.3 });
    expect(frozen.allSolidS).toBeNull();
    expect(frozen.lastAt).not.toBeNull();
    expect(Math.max(...[...frozen.solidAtS].filter(Number.isFinite), 0)).toBeLessThanOrEqual(0.3);
  });
});

describe('Chvorinov’s exponent', () => {
  /** By how much longer one of twice the size takes, as a power of two. */
  const exponentIn = (round: ThermalMaterial, contactWm2K: number | undefined, stepS: number) => {
    const timeOf = (ballMm: number, side: number) => {
      const grid = ballGrid(LEAD, round, {
        side,
        stepMm: 1,
        ballMm,
        ...(contactWm2K === undefined ? {} : { contactWm2K }),
      });
      return followFreeze(grid, heatOf(grid, 330, 20), { stepS: (stepS * ballMm) / 8, mostS: 600 })
        .allSolidS!;
    };
    return Math.log2(timeOf(16, 40) / timeOf(8, 20));
  };

  it('is two where the mold itself holds the heat back', () => {
    expect(Math.abs(exponentIn(PLASTER, undefined, 0.5) - 2)).toBeLessThan(0.15);
  });

  it('is one where the gap at the wall does', () => {
    expect(Math.abs(exponentIn({ ...ALUMINUM, specificJkgK: 1e6 }, 60, 0.2) - 1)).toBeLessThan(0.15);
  });
});
