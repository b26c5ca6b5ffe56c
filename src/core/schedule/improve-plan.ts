import { repeatableRandom } from '../numeric/repeatable-random';
import type { Starts } from './bench-plan';
import { eveningList } from './evening-list';
import { serialPlan } from './serial-plan';
import { SAME_MIN } from './shop';
import type { ShopNetwork } from './shop-network';
import { isBetter, orderEnds, valueOf, type PlanValue } from './value-plan';

export interface ValuedPlan {
  readonly starts: Starts;
  readonly value: PlanValue;
}

/**
 * A list carried out, with what it is worth; null where the hands are not there for all of it.
 *
 * @example valuedPlan(network, [0, 1])?.value.lateMin // 0
 */
function valuedPlan(network: ShopNetwork, list: readonly number[]): ValuedPlan | null {
  const starts = serialPlan(network, list);
  if (!starts) return null;
  return { starts, value: valueOf(network, endsOf(network, { starts })) };
}

function endsOf(network: ShopNetwork, { starts }: Pick<ValuedPlan, 'starts'>): number[] {
  return orderEnds(network, (task) => (starts[task] ?? 0) + (network.tasks[task]?.minutes ?? 0));
}

/** How soon each task is to be planned: the least first, and what it waits for no later than it. */
type Keys = Float64Array;

/** All tasks by their keys, each after all that it waits for: tasks are numbered after all that they wait for. */
function listByKeys({ tasks }: ShopNetwork, keys: Keys): number[] {
  const own = keys.map((key, task) => (tasks[task]?.isHeld ? -Infinity : key));
  for (let at = tasks.length - 1; at >= 0; at -= 1) {
    for (const { task } of tasks[at]?.after ?? [])
      own[task] = Math.min(own[task] ?? Infinity, own[at] ?? Infinity);
  }
  return tasks.map((_, task) => task).sort((a, b) => compare(own[a] ?? 0, own[b] ?? 0) || a - b);
}

const compare = (a: number, b: number) => (a < b ? -1 : a > b ? 1 : 0);

/** Order after order, as a sequence has them; what is of no order goes with the first that waits for it. */
function keysOf({ tasks }: ShopNetwork, sequence: readonly number[]): Keys {
  const ranks = ranksOf(sequence);
  return Float64Array.from(tasks, ({ order }) => ranks[order] ?? sequence.length);
}

function ranksOf(sequence: readonly number[]): number[] {
  const ranks = sequence.map(() => 0);
  for (const [rank, order] of sequence.entries()) ranks[order] = rank;
  return ranks;
}

/** A worse plan is gone on from at first where it is no worse than by so much of all work; at the end hardly any. */
const [FIRST_HEAT, LAST_HEAT] = [0.01, 0.0001];
/** An order is moved by at most so many places. */
const NEAR = 8;
/** Else two of them, anywhere, change places. */
const SWAP_SHARE = 0.4;
/** So much of all tries moves whole orders, or how well an evening is filled; the rest moves single tasks. */
const SEQUENCE_SHARE = 0.7;
const SPARED_SHARE = 0.5;
/** What is first gives way where an evening is filled by more than so much better without it, min. */
const SPARES_MIN = [0, 4, 8, 16, Infinity, Infinity];

/**
 * A plan made better by so many small changes: first orders change places with one another, then single tasks are brought
 * forward or put back. A change for the worse is gone on from less and less often. The same each time it is asked, and
 * never worse than the best of the lists that it began with; null where none of them can be carried out.
 *
 * Source: simulated annealing (Kirkpatrick, Gelatt and Vecchi 1983) over lists that are carried out one task after another.
 *
 * @example improvePlan(network, lists, 200)?.value.lateMin // at most that of the best list
 */
export function improvePlan(
  network: ShopNetwork,
  lists: readonly (readonly number[])[],
  tries: number,
): ValuedPlan | null {
  const { tasks, dueMin } = network;
  const random = repeatableRandom(tasks.length + 31 * dueMin.length);
  // By the work alone: a plan does not hang on how long it still is until the first evening.
  const workMin = tasks.reduce((so, { minutes }) => so + minutes, 0);
  const among = (count: number) => Math.floor(random() * count);
  let best: ValuedPlan | null = null;
  let keys: Keys = new Float64Array(tasks.length);
  const take = (plan: ValuedPlan, list: readonly number[]) => {
    if (best && !isBetter(plan.value, best.value)) return;
    best = plan;
    keys = new Float64Array(tasks.length);
    for (const [rank, task] of list.entries()) keys[task] = (rank * dueMin.length) / tasks.length;
  };
  for (const list of lists) {
    const plan = valuedPlan(network, list);
    if (plan) take(plan, list);
  }

  /** Goes on from a state by changes of it, cooling down. */
  const anneal = <State>(
    first: State,
    count: number,
    change: (state: State) => State,
    listFor: (state: State) => readonly number[] | null,
  ) => {
    const planOf = (state: State) => {
      const list = listFor(state);
      const plan = list && valuedPlan(network, list);
      if (plan) take(plan, list);
      return plan;
    };
    let state = first;
    let at = planOf(state);
    for (let nth = 0; nth < count; nth += 1) {
      const next = change(state);
      const plan = planOf(next);
      if (!plan) continue;
      const heat = workMin * FIRST_HEAT * (LAST_HEAT / FIRST_HEAT) ** (nth / count);
      const worse = at ? worseBy(plan.value, at.value) : 0;
      if (worse <= 0 || worse < -heat * Math.log(1 - random())) [state, at] = [next, plan];
    }
  };
  // Orders in the sequence in which the best list so far ends them.
  const ends = best ? endsOf(network, best) : dueMin;
  const byEnd: readonly number[] = dueMin
    .map((_, order) => order)
    .sort((a, b) => (ends[a] ?? 0) - (ends[b] ?? 0));
  const moved = (sequence: readonly number[]): readonly number[] => {
    const from = among(sequence.length);
    const order = sequence[from] ?? 0;
    if (random() < SWAP_SHARE) {
      const other = among(sequence.length);
      return sequence.map((own, nth) =>
        nth === from ? (sequence[other] ?? own) : nth === other ? order : own,
      );
    }
    const others = sequence.filter((other) => other !== order);
    const to = Math.max(0, Math.min(others.length, from + among(2 * NEAR + 1) - NEAR));
    return [...others.slice(0, to), order, ...others.slice(to)];
  };
  if (dueMin.length > 1) {
    // Two pairs of hands go through an evening otherwise: order after order, each as soon as it can be.
    const isOnePair = network.pairs === 1;
    const last = Math.max(1, network.windows.findIndex(({ toMin }) => toMin >= Math.max(...ends)) + 1);
    anneal(
      { sequence: byEnd, spares: network.windows.map(() => Infinity) },
      Math.floor(tries * SEQUENCE_SHARE),
      ({ sequence, spares }) =>
        isOnePair && random() < SPARED_SHARE
          ? { sequence, spares: spares.with(among(last), SPARES_MIN[among(SPARES_MIN.length)] ?? Infinity) }
          : { sequence: moved(sequence), spares },
      ({ sequence, spares }) =>
        isOnePair
          ? eveningList(network, ranksOf(sequence), spares)
          : listByKeys(network, keysOf(network, sequence)),
    );
  }
  anneal(
    keys,
    tries - Math.floor(tries * SEQUENCE_SHARE),
    (own) => {
      const next = own.slice();
      next[among(tasks.length)] = random() * (dueMin.length + 1) - 0.5;
      return next;
    },
    (own) => listByKeys(network, own),
  );
  return best;
}

/** By how much one plan is worse than another: in lateness first, of what is as late in when orders are finished; min. */
function worseBy(one: PlanValue, other: PlanValue): number {
  const late = one.lateMin - other.lateMin;
  const off = Math.abs(late) > SAME_MIN ? late : one.finishMin - other.finishMin;
  return Math.abs(off) > SAME_MIN ? off : 0;
}
