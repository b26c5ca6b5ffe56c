import { performance } from 'node:perf_hooks';
import { repeatableRandom } from '@/core/numeric/repeatable-random';
import type { RackGroup, RackSize } from '@/core/coats/rack/rack-facts';
import { rackLoads } from '@/core/coats/rack/rack-loads';

const RACK: RackSize = { rods: 3, slots: 16 };
const MINUTES = [15, 10, 20, 20];
const GROUPS = 16;

function groupsOf(start: number): RackGroup[] {
  const next = repeatableRandom(start);
  const whole = (least: number, most: number) => least + Math.floor(next() * (most - least + 1));
  return Array.from({ length: GROUPS }, (_, order): RackGroup => {
    const cures = MINUTES.map((__, cure) => cure).filter(() => next() < 0.45);
    return {
      key: `group ${order}`,
      count: whole(4, 24),
      slotsEach: whole(1, 3),
      cures: cures.length > 0 ? cures : [whole(0, MINUTES.length - 1)],
      order,
    };
  });
}

/** How most people rack: color by color, each in the first cure its card names, a new rack where one is full. */
function colorByColor(groups: readonly RackGroup[]): number {
  const open = new Map<number, number[]>();
  let loads = 0;
  for (const { count, slotsEach, cures } of groups) {
    const [cure] = cures;
    for (let head = 0; head < count; head += 1) {
      const rods = open.get(cure ?? 0);
      const rod = rods?.findIndex((free) => free >= slotsEach) ?? -1;
      if (rods && rod >= 0) rods[rod] = (rods[rod] ?? 0) - slotsEach;
      else {
        loads += 1;
        const fresh = Array.from({ length: RACK.rods }, () => RACK.slots);
        fresh[0] = RACK.slots - slotsEach;
        open.set(cure ?? 0, fresh);
      }
    }
  }
  return loads;
}

/** Racks of a large evening against racking color by color. */
export async function* benchRacks(): AsyncGenerator<string> {
  for (const start of [3, 5, 8]) {
    const groups = groupsOf(start);
    const heads = groups.reduce((so, { count }) => so + count, 0);
    const from = performance.now();
    const plan = await rackLoads(groups, MINUTES, RACK, { timeLimitS: 10 });
    const tookS = (performance.now() - from) / 1000;
    const byHand = colorByColor(groups);
    yield [
      `evening ${start}: ${heads} heads in ${GROUPS} colors, ${MINUTES.length} cures`,
      `  racked in ${tookS.toFixed(2)} s, ${plan.optimal ? 'proven the fewest' : 'not proven in time'}`,
      `  ${plan.loads.length} loads against ${byHand} color by color: ratio ${(plan.loads.length / byHand).toFixed(3)}`,
    ].join('\n');
  }
}
