import { followFreeze } from '@/core/freezing/follow-freeze';
import type { ThermalGrid, ThermalMaterial } from '@/core/freezing/grid';
import { heatContent } from '@/core/freezing/heat-content';

const LEAD: ThermalMaterial = {
  conductivityWmK: 30,
  densityKgM3: 10_900,
  specificJkgK: 138,
  melting: { solidusC: 327.5, liquidusC: 327.5, latentJkg: 23_000 },
};
const ALUMINUM: ThermalMaterial = {
  conductivityWmK: 150,
  densityKgM3: 2700,
  specificJkgK: 900,
  melting: null,
};
const SIDE = 46;
const BALL_MM = 20;
const SECONDS = 6;
const STEP_S = 0.05;

/** A ball of lead in the middle of a block of aluminum, cut into so many cubes a side. */
function ballInBlock(side: number): { grid: ThermalGrid; heat: Float64Array } {
  const stepMm = 46 / side;
  const of = Uint8Array.from({ length: side ** 3 }, (_, at) => {
    const place = [at % side, Math.floor(at / side) % side, Math.floor(at / side ** 2)];
    const off = Math.hypot(...place.map((each) => (each + 0.5 - side / 2) * stepMm));
    return off < BALL_MM / 2 ? 1 : 0;
  });
  const air = { filmWm2K: 12, ambientC: 20 };
  const grid: ThermalGrid = {
    counts: [side, side, side],
    stepMm,
    materials: [ALUMINUM, LEAD],
    of,
    sides: { left: air, right: air, front: air, back: air, top: air, foot: air },
    contactWm2K: 2500,
  };
  const heat = Float64Array.from(of, (material) =>
    material === 1 ? heatContent(LEAD, 400) : heatContent(ALUMINUM, 120),
  );
  return { grid, heat };
}

/** Follows the ball until it is solid. */
function follow(side: number) {
  const { grid, heat } = ballInBlock(side);
  let steps = 0;
  const start = performance.now();
  const frozen = followFreeze(grid, heat, {
    stepS: STEP_S,
    mostS: SECONDS,
    onProgress: () => {
      steps += 1;
    },
  });
  return { ...frozen, steps, ms: performance.now() - start };
}

/** How fast heat is followed through a block, beside one bare pass over as many numbers, and how the answer settles. */
export async function* benchFreeze(): AsyncGenerator<string> {
  const cubes = SIDE ** 3;
  const plain = new Float64Array(cubes);
  const from = performance.now();
  for (let round = 0; round < 100; round += 1)
    for (let at = 0; at < cubes; at += 1) plain[at] = (plain[at] ?? 0) + round;
  const passMs = (performance.now() - from) / 100;
  const { ms, steps, allSolidS } = follow(SIDE);
  const settles = [SIDE / 4, SIDE / 2].map((side) => Math.round(side));
  yield [
    `a ball of lead of ${BALL_MM} mm in aluminum, ${cubes} cubes, followed in ${steps} steps until it is solid:`,
    `  ${(ms / 1000).toFixed(1)} s, ${((cubes * steps) / (ms / 1000) / 1e6).toFixed(1)} million cubes a second; a step is ${(ms / steps / passMs).toFixed(0)} bare passes over as many numbers`,
    `  solid after ${settles.map((side) => `${follow(side).allSolidS?.toFixed(2)} s with ${side}`).join(', ')}, ${allSolidS?.toFixed(2)} s with ${SIDE} cubes a side`,
  ].join('\n');
}
