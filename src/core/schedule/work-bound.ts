import { leastEnds } from './least-ends';
import { SAME_MIN } from './shop';
import type { ShopNetwork } from './shop-network';

export interface WorkBound {
  /** How late all orders are together at the least, min. */
  readonly lateMin: number;
  /** The sequence of orders that is as late by its work alone; null where not all of them were gone through. */
  readonly sequence: readonly number[] | null;
}

/** An order by its work: what its own tasks take by hand, and which tasks it shares with others. */
interface Job {
  readonly order: number;
  readonly ownMin: number;
  readonly shared: ReadonlySet<number>;
  /** By when it is due, or finished at the soonest where that is later. */
  readonly dueMin: number;
}

/** Some orders done: at the least so late, after so much work. */
interface State {
  readonly done: bigint;
  readonly lateMin: number;
  readonly workMin: number;
  readonly last: Job | null;
  readonly before: State | null;
}

/** No more sets of orders than this are held at once. */
const MOST_SETS = 12_000;

/**
 * How late all orders are together at the least, by their work by hand and by what each takes alone: orders one after the
 * other, cut over the evenings at will, in the best sequence of all. A task that several wait for is done with the first of
 * them. Sets of orders are gone through by their number; of two orders the one with less work that is due no later comes
 * first. Where there are too many sets, those that remain are bounded each by the smallest works against the soonest dues.
 *
 * `upTo` is how late a plan is that was found: what must be later than that is left out. `mostSets` of orders are held at once.
 *
 * Source: dynamic programming over sets (Held and Karp 1962) with the dominance of Emmons (1969), which holds for any time
 * that passes with work; the rest by Chu (1992).
 *
 * @example workBound(network, Infinity) // { lateMin: 60, sequence: [0, 1] }, for two orders of an hour, both due after the first
 */
export function workBound(network: ShopNetwork, upTo: number, mostSets = MOST_SETS): WorkBound {
  const { jobs, minutesOf, baseMin } = jobsOf(network);
  const clock = clockOf(network);
  const first = jobs.map((job, at) =>
    jobs.flatMap((other, nth) => (nth !== at && comesFirst(other, job, nth < at) ? [nth] : [])),
  );
  let layer: State[] = [{ done: 0n, lateMin: baseMin, workMin: 0, last: null, before: null }];
  for (let depth = 0; depth < jobs.length; depth += 1) {
    const next = new Map<bigint, State>();
    for (const state of layer) {
      for (const [at, job] of jobs.entries()) {
        if (has(state.done, at) || first[at]?.some((nth) => !has(state.done, nth))) continue;
        const workMin = state.workMin + job.ownMin + newlyShared(state, job, minutesOf);
        const lateMin = state.lateMin + Math.max(0, clock(workMin) - job.dueMin);
        const done = state.done | (1n << BigInt(at));
        const known = next.get(done);
        if (lateMin > upTo + SAME_MIN || (known && known.lateMin <= lateMin)) continue;
        next.set(done, { done, lateMin, workMin, last: job, before: state });
      }
    }
    // None is left that is no later than the plan that was found.
    if (next.size === 0) return { lateMin: upTo, sequence: null };
    layer = [...next.values()];
    if (next.size > mostSets) {
      const least = layer.map((state) => state.lateMin + restBound(state, jobs, clock));
      return { lateMin: Math.min(upTo, ...least), sequence: null };
    }
  }
  const [end] = layer;
  return { lateMin: Math.min(upTo, end?.lateMin ?? 0), sequence: end ? sequenceOf(end) : [] };
}

const has = (done: bigint, at: number) => ((done >> BigInt(at)) & 1n) === 1n;

/** Orders that take the hands, and by how much all are late whatever the sequence. */
function jobsOf(network: ShopNetwork) {
  const { tasks, dueMin } = network;
  const waiting = tasks.map(({ order }) => new Set(order >= 0 ? [order] : []));
  for (let at = tasks.length - 1; at >= 0; at -= 1) {
    for (const { task } of tasks[at]?.after ?? []) {
      for (const order of waiting[at] ?? []) waiting[task]?.add(order);
    }
  }
  const ends = leastEnds(network, new Float64Array(tasks.length).fill(Number.NaN), 0);
  const [ownMin, shared] = [dueMin.map(() => 0), dueMin.map(() => new Set<number>())];
  for (const [task, { hands, minutes }] of tasks.entries()) {
    const orders = [...(waiting[task] ?? [])];
    const [only] = orders;
    if (!hands || only === undefined) continue;
    if (orders.length === 1) ownMin[only] = (ownMin[only] ?? 0) + minutes;
    else for (const order of orders) shared[order]?.add(task);
  }
  const jobs = dueMin
    .map((due, order): Job => ({
      order,
      ownMin: ownMin[order] ?? 0,
      shared: shared[order] ?? new Set(),
      dueMin: Math.max(due, ends[order] ?? 0),
    }))
    .filter(({ ownMin: own, shared: among }) => own > 0 || among.size > 0)
    .sort((a, b) => a.dueMin - b.dueMin || a.ownMin - b.ownMin);
  return {
    jobs,
    minutesOf: (task: number) => tasks[task]?.minutes ?? 0,
    baseMin: dueMin.reduce((so, due, order) => so + Math.max(0, (ends[order] ?? 0) - due), 0),
  };
}

/** Whether one order comes before another in some best sequence: less work of its own, none shared besides, due no later. */
function comesFirst(one: Job, other: Job, isBefore: boolean): boolean {
  if (one.ownMin > other.ownMin || one.dueMin > other.dueMin) return false;
  if ([...one.shared].some((task) => !other.shared.has(task))) return false;
  const isAlike =
    one.ownMin === other.ownMin && one.dueMin === other.dueMin && one.shared.size === other.shared.size;
  return !isAlike || isBefore;
}

/** The shared work of an order that none before it has done, min. */
function newlyShared(state: State, { shared }: Job, minutesOf: (task: number) => number): number {
  let newMin = 0;
  for (const task of shared) {
    let isDone = false;
    for (let at: State | null = state; at && !isDone; at = at.before)
      isDone = at.last?.shared.has(task) ?? false;
    if (!isDone) newMin += minutesOf(task);
  }
  return newMin;
}

/** When so much work by hand is done at the soonest, min; Infinity where the hands are not there for all of it. */
function clockOf({ windows, pairs }: ShopNetwork): (workMin: number) => number {
  const there = windows
    .filter(({ toMin }) => toMin > 0)
    .map(({ fromMin, toMin }) => ({ fromMin: Math.max(0, fromMin), toMin }));
  const until: number[] = [];
  for (const { fromMin, toMin } of there) until.push((until.at(-1) ?? 0) + (toMin - fromMin) * pairs);
  return (workMin) => {
    if (workMin <= 0) return 0;
    let [low, high] = [0, there.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((until[middle] ?? 0) < workMin - SAME_MIN) low = middle + 1;
      else high = middle;
    }
    const window = there[low];
    if (!window) return Infinity;
    return window.toMin - ((until[low] ?? 0) - workMin) / pairs;
  };
}

/** How late the orders that remain are at the least: so many of them are not done before the smallest works are. */
function restBound(
  { done, workMin }: State,
  jobs: readonly Job[],
  clock: (workMin: number) => number,
): number {
  const rest = jobs.filter((_, at) => !has(done, at));
  const works = rest.map(({ ownMin }) => ownMin).sort((a, b) => a - b);
  let [lateMin, work] = [0, workMin];
  // Jobs stand by when they are due.
  for (const [nth, { dueMin }] of rest.entries()) {
    work += works[nth] ?? 0;
    lateMin += Math.max(0, clock(work) - dueMin);
  }
  return lateMin;
}

function sequenceOf(end: State): number[] {
  const orders: number[] = [];
  for (let at: State | null = end; at?.last; at = at.before) orders.unshift(at.last.order);
  return orders;
}
