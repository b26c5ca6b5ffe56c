import type { ShopNetwork } from './shop-network';
import { SAME_MIN } from './shop';

/** Where the tasks of a network lie, as far as they are planned: by their number, NaN where they are not. */
export type Starts = Float64Array;

interface Span {
  readonly task: number;
  readonly from: number;
  readonly to: number;
}

/** When hands are there with nothing to do, of one window. */
interface Gap {
  readonly window: number;
  readonly from: number;
  readonly to: number;
}

/** A plan as it grows: where tasks lie, when hands are still free, and when places are taken, each by beginnings. */
export interface BenchPlan {
  readonly starts: Starts;
  /** Of each pair of hands. */
  readonly gaps: readonly Gap[][];
  /** Which pair each task takes. */
  readonly pairOf: Int8Array;
  readonly places: readonly Span[][];
}

/**
 * Nothing planned yet.
 *
 * @example emptyPlan(network).places // [[]]
 */
export function emptyPlan({ tasks, counts, windows, pairs }: ShopNetwork): BenchPlan {
  const free = windows.map(({ fromMin: from, toMin: to }, window) => ({ window, from, to }));
  return {
    starts: new Float64Array(tasks.length).fill(Number.NaN),
    gaps: Array.from({ length: pairs }, () => [...free]),
    pairOf: new Int8Array(tasks.length),
    places: counts.map(() => []),
  };
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

/** The first gap that is not over by a moment. */
function gapAfter(gaps: readonly Gap[], moment: number): number {
  let [low, high] = [0, gaps.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((gaps[middle]?.to ?? Infinity) <= moment + SAME_MIN) low = middle + 1;
    else high = middle;
  }
  return low;
}

/**
 * Plans a task from a moment on, at which its hands are free.
 *
 * @example putTask(network, plan, 0, 30)
 */
export function putTask({ tasks }: ShopNetwork, plan: BenchPlan, task: number, start: number): void {
  const own = tasks[task];
  if (!own) throw new RangeError(`putTask requires a task of the network, not ${task}`);
  const span = { task, from: start, to: start + own.minutes };
  plan.starts[task] = start;
  const there = plan.places[own.place];
  there?.splice(beganBefore(there, start), 0, span);
  if (own.hands) {
    const pair = plan.gaps.findIndex((gaps) => freeHands(gaps, start, own.minutes) <= start + SAME_MIN);
    const gaps = plan.gaps[pair];
    const at = gaps ? gapAfter(gaps, start) : -1;
    const gap = gaps?.[at];
    if (!gap) throw new RangeError(`putTask requires free hands at ${start}`);
    plan.pairOf[task] = pair;
    const left = [
      { window: gap.window, from: gap.from, to: span.from },
      { window: gap.window, from: span.to, to: gap.to },
    ].filter(({ from, to }) => to - from > SAME_MIN);
    gaps.splice(at, 1, ...left);
  }
}

/**
 * Takes a task out of the plan again.
 *
 * @example takeTask(network, plan, 0)
 */
export function takeTask({ tasks, windows }: ShopNetwork, plan: BenchPlan, task: number): void {
  const own = tasks[task];
  if (!own) throw new RangeError(`takeTask requires a task of the network, not ${task}`);
  const start = plan.starts[task] ?? Number.NaN;
  const end = start + own.minutes;
  const there = plan.places[own.place];
  if (there)
    there.splice(
      there.findIndex((span) => span.task === task),
      1,
    );
  plan.starts[task] = Number.NaN;
  if (!own.hands) return;
  // What was free on either side of it, within its window, is one gap with it again.
  const window = windows.findIndex(({ toMin }) => toMin > start + SAME_MIN);
  const gaps = plan.gaps[plan.pairOf[task] ?? 0] ?? [];
  const after = gapAfter(gaps, start);
  const [earlier, later] = [gaps[after - 1], gaps[after]];
  const joinsEarlier = earlier?.window === window && earlier.to >= start - SAME_MIN;
  const joinsLater = later?.window === window && later.from <= end + SAME_MIN;
  gaps.splice(after - Number(joinsEarlier), Number(joinsEarlier) + Number(joinsLater), {
    window,
    from: joinsEarlier ? earlier.from : start,
    to: joinsLater ? later.to : end,
  });
}

/** The moment by which all that a task waits for is over, of what is planned. */
function readyAt({ tasks }: ShopNetwork, starts: Starts, task: number): number {
  let ready = tasks[task]?.fromMin ?? 0;
  for (const { task: earlier, waitMin } of tasks[task]?.after ?? []) {
    ready = Math.max(ready, (starts[earlier] ?? 0) + (tasks[earlier]?.minutes ?? 0) + waitMin);
  }
  return ready;
}

/** The first moment from `fromMin` on at which hands are there and free for so long in one go; Infinity where they never are. */
function freeHands(gaps: readonly Gap[], fromMin: number, minutes: number): number {
  for (let at = gapAfter(gaps, fromMin); at < gaps.length; at += 1) {
    const gap = gaps[at];
    if (!gap) break;
    const start = Math.max(gap.from, fromMin);
    if (start + minutes <= gap.to + SAME_MIN) return start;
  }
  return Infinity;
}

/** When the first of what fills a place up is over, where it has no room for so long from a moment on; null where it has. */
function fullUntil(there: readonly Span[], start: number, minutes: number, room: number): number | null {
  const beside: Span[] = [];
  const until = beganBefore(there, start + minutes - SAME_MIN);
  for (let at = 0; at < until; at += 1) {
    const span = there[at];
    if (span && span.to > start + SAME_MIN) beside.push(span);
  }
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
  const { minutes, hands, place, untilMin } = own;
  const there = plan.places[place];
  let start = readyAt(network, plan.starts, task);
  for (;;) {
    if (hands) {
      const from = start;
      start = Math.min(...plan.gaps.map((gaps) => freeHands(gaps, from, minutes)));
    }
    if (start === Infinity || start + minutes > untilMin + SAME_MIN) return Infinity;
    const later = there ? fullUntil(there, start, minutes, network.counts[place] ?? 1) : null;
    if (later === null) return start;
    start = later;
  }
}
