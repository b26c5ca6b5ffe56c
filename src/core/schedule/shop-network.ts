import { SAME_MIN, type Shop, type ShopTask, type ShopWindow } from './shop';

/** A task by its number, with all that it waits for and that waits for it by theirs. */
export interface NetworkTask {
  readonly minutes: number;
  readonly hands: boolean;
  /** The place's number; -1 for nowhere in particular. */
  readonly place: number;
  readonly order: number;
  readonly after: readonly { readonly task: number; readonly waitMin: number }[];
  readonly before: readonly number[];
  readonly fromMin: number;
  readonly untilMin: number;
  /** It, or what waits for it, has to be over by a time: it is planned before what has not. */
  readonly isHeld: boolean;
}

/** A shop in numbers: tasks after all that they wait for, windows from the first. */
export interface ShopNetwork {
  readonly ids: readonly string[];
  /** Where each stood in the list that was given: what is alike by a rule goes as it was given. */
  readonly given: readonly number[];
  readonly tasks: readonly NetworkTask[];
  readonly counts: readonly number[];
  readonly windows: readonly ShopWindow[];
  readonly pairs: number;
  readonly dueMin: readonly number[];
}

/**
 * A shop in numbers, for those who go over it many times.
 *
 * @example shopNetwork(shop, sorted).tasks[0]?.after // []
 */
export function shopNetwork(
  { tasks: given, places, windows, orders, pairs = 1 }: Shop,
  sorted: readonly ShopTask[],
): ShopNetwork {
  const [taskAt, placeAt, orderAt] = [sorted, places, orders].map(
    (list) => new Map(list.map(({ id }, at) => [id, at])),
  ) as [Map<string, number>, Map<string, number>, Map<string, number>];
  const before = sorted.map((): number[] => []);
  const held = new Set<string>();
  for (const { id, untilMin, after = [] } of [...sorted].reverse()) {
    if (untilMin !== undefined) held.add(id);
    if (held.has(id)) for (const { id: earlier } of after) held.add(earlier);
  }
  const tasks = sorted.map((task, at): NetworkTask => {
    const { minutes, hands, place, order, after = [], fromMin = 0, untilMin = Infinity } = task;
    for (const { id } of after) before[taskAt.get(id) ?? 0]?.push(at);
    return {
      minutes,
      hands,
      place: place === undefined ? -1 : (placeAt.get(place) ?? -1),
      order: order === undefined ? -1 : (orderAt.get(order) ?? -1),
      after: after.map(({ id, waitMin = 0 }) => ({ task: taskAt.get(id) ?? 0, waitMin })),
      before: before[at] ?? [],
      fromMin: Math.max(0, fromMin),
      untilMin,
      isHeld: held.has(task.id),
    };
  });
  return {
    ids: sorted.map(({ id }) => id),
    given: sorted.map((task) => given.indexOf(task)),
    tasks,
    counts: places.map(({ count }) => count),
    windows: [...windows].sort((a, b) => a.fromMin - b.fromMin),
    pairs,
    dueMin: orders.map(({ dueMin }) => dueMin),
  };
}

/**
 * The first moment from `fromMin` on at which hands are there for so long in one go; Infinity where they never are.
 *
 * @example handsFrom([{ fromMin: 0, toMin: 60 }, { fromMin: 100, toMin: 200 }], 30, 40) // 100
 */
export function handsFrom(windows: readonly ShopWindow[], fromMin: number, minutes: number): number {
  for (const window of windows) {
    const start = Math.max(window.fromMin, fromMin);
    if (start + minutes <= window.toMin + SAME_MIN) return start;
  }
  return Infinity;
}
