import { castGrid, CAST_ROLES, type CastSetup } from '@/core/freezing/cast-grid';
import { followFreeze } from '@/core/freezing/follow-freeze';
import { heatContent } from '@/core/freezing/heat-content';
import { judgeFreeze } from '@/core/freezing/judge-freeze';
import type { ProfilePoint } from '@/core/solids/loft';
import { MOLD_MATERIALS, STEEL_WIRE } from '@/reference/mold-materials';
import { LEAD } from '../tests/support/thermal-materials';

const BALL_MM = 20;
const STEP_S = 0.05;
const MOST_S = 20;
const [POURED_C, BLOCK_C] = [400, 120];
/** Cubes to the millimeter's square: from coarse to what a page follows. */
const STEPS_MM = [3, 2, 1];

const ball: ProfilePoint[] = Array.from({ length: 41 }, (_, at) => {
  const turn = (Math.PI * at) / 40;
  return [(BALL_MM / 2) * Math.sin(turn), (BALL_MM / 2) * (1 - Math.cos(turn))];
});

function setupOf(stepMm: number): CastSetup {
  const [mold] = MOLD_MATERIALS;
  if (!mold) throw new RangeError('setupOf requires a material of molds');
  return {
    body: { section: 'round', depth: 1, profile: ball },
    gate: { end: 'foot', diameterMm: 6, longMm: 12 },
    wireMm: 1.2,
    wallMm: 13,
    stepMm,
    mold,
    metal: LEAD,
    wire: STEEL_WIRE,
    contactWm2K: mold.contactWm2K,
    air: { filmWm2K: 12, ambientC: 20 },
  };
}

/** Follows the ball until it is solid. */
function follow(stepMm: number) {
  const cast = castGrid(setupOf(stepMm));
  const isMetal = CAST_ROLES.map((role) => role === 'body' || role === 'gate');
  const heat = Float64Array.from(cast.grid.of, (role) => {
    const material = cast.grid.materials[role];
    return material ? heatContent(material, isMetal[role] ? POURED_C : BLOCK_C) : 0;
  });
  let steps = 0;
  const start = performance.now();
  const frozen = followFreeze(cast.grid, heat, {
    stepS: STEP_S,
    mostS: MOST_S,
    onProgress: () => {
      steps += 1;
    },
  });
  const ms = performance.now() - start;
  return { cubes: heat.length, steps, ms, verdict: judgeFreeze(cast, frozen) };
}

/** How fast heat is followed through a block, beside one bare pass over as many numbers, and how the answer settles. */
export async function* benchFreeze(): AsyncGenerator<string> {
  const runs = STEPS_MM.map(follow);
  const finest = runs.at(-1);
  if (!finest) return;
  const { cubes, steps, ms } = finest;
  const plain = new Float64Array(cubes);
  const from = performance.now();
  for (let round = 0; round < 100; round += 1) {
    for (let at = 0; at < cubes; at += 1) plain[at] = (plain[at] ?? 0) + round;
  }
  const passMs = (performance.now() - from) / 100;
  const settles = runs.map(
    ({ verdict }, at) =>
      `${verdict?.bodySolidS.toFixed(2)} s (gate ${verdict?.gateShutS.toFixed(2)}) by ${STEPS_MM[at]} mm`,
  );
  yield [
    `a ball of lead of ${BALL_MM} mm in aluminum, ${cubes} cubes, followed in ${steps} steps until it is solid:`,
    `  ${(ms / 1000).toFixed(1)} s, ${((cubes * steps) / (ms / 1000) / 1e6).toFixed(1)} million cubes a second; a step is ${(ms / steps / passMs).toFixed(0)} bare passes over as many numbers`,
    `  solid after ${settles.join(', ')}`,
  ].join('\n');
}
