import type { ShopNetwork } from './shop-network';
import { SAME_MIN } from './shop';

/** Where the tasks of a network lie, as far as they are planned: by their number, NaN where they are not. */
export type Starts = Float64Array;

interface Span {
  readonly task: number;
  readonly from: number;
  readonly to: number;
}

/** A plan as it grows: where tasks lie, and when hands and places are taken, by beginnings. */
export interface BenchPlan {
  readonly starts: Starts;
  readonly hands: Span[];
  readonly places: readonly Span[][];
}

/**
 * Nothing planned yet.
 *
 * @example emptyPlan(network).hands // []
 */
export function emptyPlan({ tasks, counts }: ShopNetwork): BenchPlan {
  return { starts: new Float64Array(tasks.length).fill(Number.NaN), hands: [], places: counts.map(() => []) };
}

/** How many of some spans begin before a moment. */
function beganBefore(spans: readonly Span[], moment: number): number {
  let [low, high] = [0, spans.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((spans[middle]?.from ?? Infinity) < moment) low = middle + 1;
    else high = middle;
  }
  return low;
}

/**
 * Plans a task from a moment on.
 *
 * @example putTask(network, plan, 0, 30)
 */
export function putTask({ tasks }: ShopNetwork, plan: BenchPlan, task: number, start: number): void {
  const own = tasks[task];
  if (!own) throw new RangeError(`putTask requires a task of the network, not ${task}`);
  const span = { task, from: start, to: start + own.minutes };
  plan.starts[task] = start;
  for (const spans of spansOf(plan, own)) spans.splice(beganBefore(spans, start), 0, span);
}

/**
 * Takes a task out of the plan again.
 *
 * @example takeTask(network, plan, 0)
 */
export function takeTask({ tasks }: ShopNetwork, plan: BenchPlan, task: number): void {
  const own = tasks[task];
  if (!own) throw new RangeError(`takeTask requires a task of the network, not ${task}`);
  for (const spans of spansOf(plan, own)) {
    spans.splice(
      spans.findIndex((span) => span.task === task),
      1,
    );
  }
  plan.starts[task] = Number.NaN;
}

function spansOf({ hands, places }: BenchPlan, own: { hands: boolean; place: number }): Span[][] {
  const place = places[own.place];
  return [...(own.hands ? [hands] : []), ...(place ? [place] : [])];
}

/** The moment by which all that a task waits for is over, of what is planned. */
function readyAt({ tasks }: ShopNetwork, starts: Starts, task: number): number {
  let ready = 0;
  for (const { task: earlier, waitMin } of tasks[task]?.after ?? []) {
    ready = Math.max(ready, (starts[earlier] ?? 0) + (tasks[earlier]?.minutes ?? 0) + waitMin);
  }
  return ready;
}

/** The first moment from `fromMin` on at which hands are there and free for so long in one go; Infinity where they never are. */
function freeHands(
  { windows }: ShopNetwork,
  busy: readonly Span[],
  fromMin: number,
  minutes: number,
): number {
  let at = 0;
  for (const window of windows) {
    let start = Math.max(window.fromMin, fromMin);
    if (start + minutes > window.toMin + SAME_MIN) continue;
    // Hands do one thing at a time: what began first is over first.
    while (at < busy.length && (busy[at]?.to ?? 0) <= start + SAME_MIN) at += 1;
    for (let next = at; next < busy.length; next += 1) {
      const span = busy[next];
      if (!span || span.from >= start + minutes - SAME_MIN) break;
      start = Math.max(start, span.to);
    }
    if (start + minutes <= window.toMin + SAME_MIN) return start;
  }
  return Infinity;
}

/** When the first of what fills a place up is over, where it has no room for so long from a moment on; null where it has. */
function fullUntil(there: readonly Span[], start: number, minutes: number, room: number): number | null {
  const end = start + minutes;
  const beside = there.slice(0, beganBefore(there, end - SAME_MIN)).filter(({ to }) => to > start + SAME_MIN);
  if (beside.length < room) return null;
  const isCrowded = (moment: number) =>
    beside.filter(({ from, to }) => from <= moment + SAME_MIN && to > moment + SAME_MIN).length >= room;
  return [start, ...beside.map(({ from }) => Math.max(from, start))].some(isCrowded)
    ? Math.min(...beside.map(({ to }) => to))
    : null;
}

/**
 * The first moment at which a task can begin beside what is planned: all that it waits for is over, the hands are there and
 * free, and its place has room all along. Infinity where the hands are never there for so long.
 *
 * @example firstStart(network, plan, 0) // 0
 */
export function firstStart(network: ShopNetwork, plan: BenchPlan, task: number): number {
  const own = network.tasks[task];
  if (!own) throw new RangeError(`firstStart requires a task of the network, not ${task}`);
  const { minutes, hands, place } = own;
  const there = plan.places[place];
  let start = readyAt(network, plan.starts, task);
  for (;;) {
    if (hands) start = freeHands(network, plan.hands, start, minutes);
    if (start === Infinity || !there) return start;
    const later = fullUntil(there, start, minutes, network.counts[place] ?? 1);
    if (later === null) return start;
    start = later;
  }
}
