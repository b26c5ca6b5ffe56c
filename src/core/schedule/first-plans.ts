import type { NetworkTask, ShopNetwork } from './shop-network';

/** A way to choose what is planned next, of all that can be: the least goes first. */
type Rule = (task: number) => number;

/** Due when nobody waits: after all else. */
const NEVER = Number.MAX_SAFE_INTEGER;

/**
 * Lists of all tasks by rules that makers go by: first due first served, what is due first after all that still follows
 * it, the longest way still to go, what is soonest finished, and order by order as a sequence has them where there is one.
 * The first is first due first served, order by order.
 *
 * @example firstLists(network)[0] // [0, 1, 2]
 */
export function firstLists(network: ShopNetwork, sequence: readonly number[] | null = null): number[][] {
  const { tasks, dueMin } = network;
  const tails = tailsOf(tasks);
  const work = dueMin.map(() => 0);
  for (const { order, minutes } of tasks) if (order >= 0) work[order] = (work[order] ?? 0) + minutes;
  const soonest = duesOf(network);
  const due = (task: number) => soonest[task] ?? NEVER;
  const rules: Rule[] = [
    due,
    (task) => due(task) - (tails[task] ?? 0),
    (task) => -(tails[task] ?? 0),
    (task) => work[tasks[task]?.order ?? -1] ?? 0,
    (task) => tasks[task]?.minutes ?? 0,
  ];
  if (sequence) {
    const rankOf = new Map(sequence.map((order, rank) => [order, rank]));
    rules.push((task) => rankOf.get(tasks[task]?.order ?? -1) ?? -1);
  }
  return rules.map((rule) => listBy(network, rule));
}

/** By when each task's order is due, or the soonest of those that wait for it. */
function duesOf({ tasks, dueMin }: ShopNetwork): number[] {
  const dues = tasks.map(({ order }) => (order >= 0 ? (dueMin[order] ?? NEVER) : NEVER));
  for (let at = tasks.length - 1; at >= 0; at -= 1) {
    for (const { task } of tasks[at]?.after ?? []) {
      dues[task] = Math.min(dues[task] ?? NEVER, dues[at] ?? NEVER);
    }
  }
  return dues;
}

/** How long it takes from each task's beginning to the end of all that follows it, at the least. */
function tailsOf(tasks: readonly NetworkTask[]): number[] {
  const tails = tasks.map(({ minutes }) => minutes);
  for (let at = tasks.length - 1; at >= 0; at -= 1) {
    for (const { task, waitMin } of tasks[at]?.after ?? []) {
      const through = (tasks[task]?.minutes ?? 0) + waitMin + (tails[at] ?? 0);
      tails[task] = Math.max(tails[task] ?? 0, through);
    }
  }
  return tails;
}

/**
 * A list of all tasks by a rule, each after all that it waits for; what is alike by the rule goes as it was given.
 *
 * @example listBy(network, (task) => task) // [0, 1, 2]
 */
function listBy({ tasks, given }: Pick<ShopNetwork, 'tasks' | 'given'>, rule: Rule): number[] {
  const isHeld = (task: number) => tasks[task]?.isHeld ?? false;
  const waits = tasks.map(({ after }) => new Set(after.map(({ task }) => task)).size);
  const list: number[] = [];
  const ready = new Set(tasks.flatMap((_, task) => (waits[task] === 0 ? [task] : [])));
  while (ready.size > 0) {
    const next = [...ready].reduce((least, task) => {
      const [held, leastHeld] = [isHeld(task), isHeld(least)];
      if (held !== leastHeld) return held ? task : least;
      const off = rule(task) - rule(least);
      return off < 0 || (off === 0 && (given[task] ?? 0) < (given[least] ?? 0)) ? task : least;
    });
    ready.delete(next);
    list.push(next);
    for (const later of new Set(tasks[next]?.before)) {
      waits[later] = (waits[later] ?? 0) - 1;
      if (waits[later] === 0) ready.add(later);
    }
  }
  return list;
}
