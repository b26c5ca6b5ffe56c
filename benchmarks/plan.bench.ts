import { performance } from 'node:perf_hooks';
import { planPours } from '@/core/pours/plan-pours';
import type { KeyCount, PlanMold } from '@/core/pours/pour-plan';
import { bigSession } from '../tests/support/big-bench';

/** Enough sessions that one lucky one does not speak for all; the last is larger than any bench's. */
const SESSIONS = [
  { start: 7, lines: 40, blocks: 25 },
  { start: 11, lines: 40, blocks: 25 },
  { start: 23, lines: 40, blocks: 25 },
  { start: 7, lines: 200, blocks: 80 },
];
/** As long as the page searches before it shows what it has. */
const LIMIT_S = 5;

/**
 * How most people plan by hand: take the mold that gives most of what is still wanted on a pour, pour it until it
 * gives nothing more that is wanted, go on to the next.
 */
function largestMoldFirst(demand: readonly KeyCount[], molds: readonly PlanMold[]): number {
  const left = new Map(demand.map(({ key, count }) => [key, count]));
  const unused = new Set(molds);
  let seconds = 0;
  const wantedIn = (mold: PlanMold) => mold.cavities.flat().filter((key) => (left.get(key) ?? 0) > 0).length;
  for (;;) {
    const [mold] = [...unused].sort((a, b) => wantedIn(b) - wantedIn(a));
    if (!mold || wantedIn(mold) === 0) return seconds;
    unused.delete(mold);
    seconds += mold.setupSeconds;
    while (wantedIn(mold) > 0) {
      seconds += mold.secondsPerPour;
      for (const key of mold.cavities.flat()) left.set(key, Math.max(0, (left.get(key) ?? 0) - 1));
    }
  }
}

async function measure({ start, lines, blocks }: (typeof SESSIONS)[number]): Promise<string> {
  const session = bigSession(start, lines, blocks);
  const demand = session.counts.map((count, index) => ({ key: `line ${index}`, count }));
  const molds = session.blocks.map((block, index): PlanMold => ({
    ...block,
    id: `block ${index}`,
    cavities: block.cavities.map((weight) => [`line ${weight}`]),
  }));
  const from = performance.now();
  const planned = await planPours(demand, molds, { timeLimitS: LIMIT_S });
  const tookMs = performance.now() - from;
  if (!planned.ok) throw new Error(planned.problem.code);
  const byHand = largestMoldFirst(demand, molds);
  const { totalSeconds, optimal, boundSeconds } = planned.value;
  const gap = ((1 - boundSeconds / totalSeconds) * 100).toFixed(2);
  return [
    `session ${start}: ${lines} lines, ${blocks} molds of 8 cavities`,
    `  planned in ${(tookMs / 1000).toFixed(2)} s, ${optimal ? 'proven the shortest' : `proven within ${gap} % of the shortest`}`,
    `  ${totalSeconds} s against ${byHand} s by hand, largest mold first: ratio ${(totalSeconds / byHand).toFixed(3)}`,
  ].join('\n');
}

/** Plans of large sessions against planning by hand, one session after the other. */
export async function* benchPlans(): AsyncGenerator<string> {
  for (const start of SESSIONS) yield await measure(start);
}
