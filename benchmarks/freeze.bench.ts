import { frozenS } from '@/core/freezing/choke-time';
import { freezeCasting } from '@/core/freezing/freeze-casting';
import { ballOf, bodyOf, castingOf, settingOf } from '../tests/support/castings';

const BALL_MM = 20;
/** Bricks in all: from coarse to what a page follows. */
const BRICKS = [6000, 25_000, 100_000];

/** Follows the ball until it is solid. */
function follow(mostBricks: number) {
  const casting = castingOf(bodyOf(ballOf(BALL_MM)), { gate: { side: 'above', at: 0.5, wideMm: 6 } });
  const setting = settingOf({ pouredC: 400 });
  let steps = 0;
  const start = performance.now();
  const { laid, verdict } = freezeCasting(casting, setting, frozenS(setting, BALL_MM / 6), {
    mostBricks,
    onProgress: () => {
      steps += 1;
    },
  });
  return { bricks: laid.grid.of.length, steps, ms: performance.now() - start, verdict };
}

/** How fast heat is followed through a block, beside one bare pass over as many numbers, and how the answer settles. */
export async function* benchFreeze(): AsyncGenerator<string> {
  const runs = BRICKS.map(follow);
  const finest = runs.at(-1);
  if (!finest) return;
  const { bricks, steps, ms } = finest;
  const plain = new Float64Array(bricks);
  const from = performance.now();
  for (let round = 0; round < 100; round += 1) {
    for (let at = 0; at < bricks; at += 1) plain[at] = (plain[at] ?? 0) + round;
  }
  const passMs = (performance.now() - from) / 100;
  const settles = runs.map(
    ({ verdict, bricks: count }) =>
      `${verdict?.bodySolidS.toFixed(2)} s (gate ${verdict?.gateShutS.toFixed(2)}) by ${count} bricks`,
  );
  yield [
    `a ball of lead of ${BALL_MM} mm in aluminum, ${bricks} bricks, followed in ${steps} steps until it is solid:`,
    `  ${(ms / 1000).toFixed(1)} s, ${((bricks * steps) / (ms / 1000) / 1e6).toFixed(1)} million bricks a second; a step is ${(ms / steps / passMs).toFixed(0)} bare passes over as many numbers`,
    `  solid after ${settles.join(', ')}`,
  ].join('\n');
}
