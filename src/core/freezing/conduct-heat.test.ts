import { conductHeat } from './conduct-heat';
import { evenWidths, type ThermalGrid, type ThermalMaterial } from './grid';
import { heatContent } from './heat-content';
import { ALUMINUM, LEAD } from '../../../tests/support/thermal-materials';

const PLAIN: ThermalMaterial = { ...LEAD, melting: null };

/** A bar of one material, a cube thick: its left end held, the rest closed. */
const bar = (cubes: number, stepMm: number, material: ThermalMaterial, heldC: number): ThermalGrid => ({
  counts: [cubes, 1, 1],
  widthsMm: evenWidths([cubes, 1, 1], stepMm),
  materials: [material],
  of: new Uint8Array(cubes),
  sides: { left: { filmWm2K: Infinity, ambientC: heldC } },
});

/** The error function, by its series (Abramowitz and Stegun 7.1.5). */
function erf(x: number): number {
  let term = x;
  let sum = x;
  for (let n = 1; n < 80; n += 1) {
    term *= (-x * x) / n;
    sum += term / (2 * n + 1);
  }
  return (2 / Math.sqrt(Math.PI)) * sum;
}

/** Where a function falls through nothing, between two places. */
function rootOf(f: (x: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  for (let round = 0; round < 100; round += 1) {
    const middle = (a + b) / 2;
    if (Math.sign(f(middle)) === Math.sign(f(a))) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}

const diffusivity = ({ conductivityWmK, densityKgM3, specificJkgK }: ThermalMaterial) =>
  conductivityWmK / densityKgM3 / specificJkgK;

describe('conductHeat', () => {
  it.each([327.5, 380])('freezes a half-space poured at %s C as Neumann’s solution has it', (pouredC) => {
    const wallC = 100;
    const meltC = 327.5;
    const alpha = diffusivity(LEAD);
    const { specificJkgK: c, melting } = LEAD;
    const latent = melting?.latentJkg ?? 0;
    // Carslaw and Jaeger, 11.2 (33), both phases alike.
    const lambda = rootOf(
      (x) =>
        Math.exp(-x * x) / erf(x) -
        ((pouredC - meltC) / (meltC - wallC)) * (Math.exp(-x * x) / (1 - erf(x))) -
        (x * latent * Math.sqrt(Math.PI)) / (c * (meltC - wallC)),
      1e-3,
      2,
    );
    const cubes = 600;
    const stepMm = 0.25;
    const grid = bar(cubes, stepMm, LEAD, wallC);
    const heat = new Float64Array(cubes).fill(heatContent(LEAD, pouredC));
    const heating = conductHeat(grid, heat);
    for (let nth = 0; nth < 200; nth += 1) heating.step(0.05);
    const { temperature, seconds } = heating.now();
    // The front stands where half the latent heat of a cube is gone: counted through the mush of one cube.
    const frozen = heat.reduce((so, joules) => {
      const solid = heatContent(LEAD, meltC, 0);
      const liquid = heatContent(LEAD, meltC, 1);
      return so + Math.max(0, Math.min(1, (liquid - joules) / (liquid - solid)));
    }, 0);
    const expectMm = 2000 * lambda * Math.sqrt(alpha * seconds);
    expect(Math.abs((frozen * stepMm) / expectMm - 1)).toBeLessThan(0.02);
    // And in the solid behind it the temperature runs as the error function.
    const at = Math.round((0.5 * expectMm) / stepMm);
    const x = ((at + 0.5) * stepMm) / 1000;
    const told = wallC + ((meltC - wallC) * erf(x / (2 * Math.sqrt(alpha * seconds)))) / erf(lambda);
    expect(Math.abs(temperature[at]! - told) / (meltC - wallC)).toBeLessThan(0.02);
  });

  it('cools a slab held on both sides as its series has it', () => {
    const cubes = 80;
    const grid = {
      ...bar(cubes, 0.25, PLAIN, 0),
      sides: { left: { filmWm2K: Infinity, ambientC: 0 }, right: { filmWm2K: Infinity, ambientC: 0 } },
    };
    const heat = new Float64Array(cubes).fill(heatContent(PLAIN, 100));
    const heating = conductHeat(grid, heat);
    const long = (cubes * 0.25) / 1000;
    for (let nth = 0; nth < 60; nth += 1) {
      const { seconds, temperature } = heating.step(0.02);
      let told = 0;
      for (let n = 0; n < 60; n += 1) {
        const k = 2 * n + 1;
        told +=
          (((-1) ** n * 4) / (k * Math.PI)) *
          Math.exp(-((k * Math.PI) ** 2 * diffusivity(PLAIN) * seconds) / long ** 2);
      }
      const middle = (temperature[cubes / 2]! + temperature[cubes / 2 - 1]!) / 2;
      expect(Math.abs(middle - 100 * told)).toBeLessThan(2);
    }
  });

  it('cools a slab of slices that grow from its skin in as one of even slices', () => {
    const middleOf = (widths: Float64Array) => {
      const count = widths.length;
      const grid: ThermalGrid = {
        counts: [count, 1, 1],
        widthsMm: [widths, Float64Array.of(1), Float64Array.of(1)],
        materials: [PLAIN],
        of: new Uint8Array(count),
        sides: { left: { filmWm2K: Infinity, ambientC: 0 } },
      };
      const heating = conductHeat(grid, new Float64Array(count).fill(heatContent(PLAIN, 100)));
      for (let nth = 0; nth < 20; nth += 1) heating.step(0.05);
      return heating.wholeJ();
    };
    const growing = Float64Array.from({ length: 24 }, (_, at) => 0.2 * 1.12 ** at);
    const long = growing.reduce((so, width) => so + width, 0);
    const even = new Float64Array(400).fill(long / 400);
    expect(Math.abs(middleOf(growing) / middleOf(even) - 1)).toBeLessThan(0.01);
  });

  it('loses no heat: what is in it and what left add up to what was there', () => {
    const counts = [14, 12, 10] as const;
    const size = counts[0] * counts[1] * counts[2];
    const of = Uint8Array.from({ length: size }, (_, at) =>
      Number(at % 14 > 4 && at % 14 < 10 && at % 3 > 0),
    );
    const grid: ThermalGrid = {
      counts,
      widthsMm: [
        Float64Array.from({ length: 14 }, (_, at) => 0.5 + 0.1 * Math.abs(at - 7)),
        new Float64Array(12).fill(0.8),
        Float64Array.from({ length: 10 }, (_, at) => 0.6 * 1.15 ** at),
      ],
      materials: [ALUMINUM, LEAD],
      of,
      sides: { top: { filmWm2K: 25, ambientC: 20 }, left: { filmWm2K: 400, ambientC: 20 } },
      contactWm2K: 2500,
    };
    const heat = Float64Array.from(of, (material) =>
      material === 1 ? heatContent(LEAD, 400) : heatContent(ALUMINUM, 120),
    );
    const heating = conductHeat(grid, heat);
    const before = heating.wholeJ();
    for (let nth = 0; nth < 40; nth += 1) {
      const { leftJ } = heating.step(0.25);
      expect(Math.abs((heating.wholeJ() + leftJ) / before - 1)).toBeLessThan(1e-3);
    }
    expect(heating.now().leftJ).toBeGreaterThan(0);
  });

  it('comes to the same however long its steps are, the finer the nearer', () => {
    const frontBy = (stepS: number) => {
      const grid = bar(120, 0.5, LEAD, 100);
      const heat = new Float64Array(120).fill(heatContent(LEAD, 360));
      const heating = conductHeat(grid, heat);
      for (let nth = 0; nth < Math.round(4 / stepS); nth += 1) heating.step(stepS);
      return heating.wholeJ();
    };
    const [coarse, middle, fine] = [0.4, 0.1, 0.025].map(frontBy);
    expect(Math.abs(coarse! / fine! - 1)).toBeLessThan(0.02);
    expect(Math.abs(middle! - fine!)).toBeLessThan(Math.abs(coarse! - fine!));
  });

  it('refuses a grid whose cubes have no heat', () => {
    expect(() => conductHeat(bar(4, 1, LEAD, 20), new Float64Array(3))).toThrow(/a heat for each brick/);
  });
});
