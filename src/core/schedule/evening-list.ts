import { SAME_MIN } from './shop';
import type { ShopNetwork } from './shop-network';

/** From so much of a window's end on it is looked at what would fill it, min. */
const LOOK_MIN = 100;

/** Which of some lengths fill a room best, whole minutes: the fullest, of those as full the first of the list. */
function fullest(
  lengths: readonly number[],
  roomMin: number,
): { readonly sum: number; readonly picks: number[] } {
  const room = Math.max(0, Math.floor(roomMin + SAME_MIN));
  /** By how much is filled: the last pick that fills it so; -1 where nothing does. */
  const lastOf = new Int16Array(room + 1).fill(-1);
  const sizes = lengths.map((length) => Math.ceil(length - SAME_MIN));
  for (const [nth, size] of sizes.entries()) {
    for (let sum = room; sum >= size; sum -= 1) {
      if (lastOf[sum] === -1 && (sum === size || (lastOf[sum - size] ?? -1) >= 0)) lastOf[sum] = nth;
    }
  }
  let sum = room;
  while (sum > 0 && lastOf[sum] === -1) sum -= 1;
  const picks: number[] = [];
  for (let left = sum; left > 0; left -= sizes[picks.at(-1) ?? 0] ?? left) picks.push(lastOf[left] ?? 0);
  return { sum, picks: picks.reverse() };
}

/**
 * A list of all tasks as one works through the evenings: at each moment what is first by rank of all that can be begun and
 * still fits. Toward the end of a window it gives way to others where they would fill it by more than its `spares` better, min.
 * Null where the windows run out. Places are left to who carries the list out.
 *
 * Source: parallel schedule generation (Kelley 1963), its windows filled as a knapsack.
 *
 * @example eveningList(network, [0, 1], [Infinity]) // [0, 1, 2]
 */
export function eveningList(
  { tasks, windows }: ShopNetwork,
  rankOf: readonly number[],
  spares: readonly number[],
): number[] | null {
  const rank = tasks.map(({ order, isHeld }) => (isHeld ? -1 : (rankOf[order] ?? -1)));
  const waits = tasks.map(({ after }) => after.length);
  const ready = tasks.map(({ fromMin }) => fromMin);
  const lengths = tasks.map((task) => task.minutes);
  const minutes = (task: number) => lengths[task] ?? 0;
  /** What can be begun by hand, the first by rank first. */
  const open: number[] = [];
  const list: number[] = [];
  const finish = (task: number, start: number) => {
    list.push(task);
    for (const later of tasks[task]?.before ?? []) {
      for (const { task: earlier, waitMin } of tasks[later]?.after ?? []) {
        if (earlier === task) ready[later] = Math.max(ready[later] ?? 0, start + minutes(task) + waitMin);
      }
      waits[later] = (waits[later] ?? 0) - 1;
      if (waits[later] === 0) begin(later);
    }
  };
  const begin = (task: number) => {
    if (!tasks[task]?.hands) return finish(task, ready[task] ?? 0);
    const before = (other: number) =>
      (rank[other] ?? 0) < (rank[task] ?? 0) || (rank[other] === rank[task] && other > task);
    let at = open.length;
    while (at > 0 && !before(open[at - 1] ?? 0)) at -= 1;
    open.splice(at, 0, task);
  };
  for (const [task, { after }] of tasks.entries()) if (after.length === 0) begin(task);

  for (const [nth, { fromMin, toMin }] of windows.entries()) {
    const spareMin = spares[nth] ?? Infinity;
    let now = Math.max(0, fromMin);
    while (open.length > 0 && now < toMin) {
      const roomMin = toMin - now;
      const fits = (task: number) =>
        (ready[task] ?? 0) <= now + SAME_MIN && minutes(task) <= roomMin + SAME_MIN;
      const first = open.find(fits);
      if (first === undefined) {
        // Nothing yet: the next that can be begun in this window, if any.
        let next = toMin;
        for (const task of open) {
          const from = ready[task] ?? 0;
          if (from > now + SAME_MIN && from < next && from + minutes(task) <= toMin + SAME_MIN) next = from;
        }
        now = next;
        continue;
      }
      const isSoonOver = roomMin <= LOOK_MIN && spareMin < Infinity;
      const task = isSoonOver ? bestToEnd(open.filter(fits), roomMin, spareMin) : first;
      open.splice(open.indexOf(task), 1);
      finish(task, now);
      now += minutes(task);
    }
  }
  return list.length === tasks.length ? list : null;

  /** The first by rank, unless what is begun without it fills the rest by so much better. */
  function bestToEnd(fits: readonly number[], roomMin: number, spareMin: number): number {
    const [first = 0, ...others] = fits;
    const withFirst = minutes(first) + fullest(others.map(minutes), roomMin - minutes(first)).sum;
    if (roomMin - withFirst <= Math.max(1, spareMin)) return first;
    const { sum, picks } = fullest(fits.map(minutes), roomMin);
    return sum > withFirst + spareMin ? (fits[picks[0] ?? 0] ?? first) : first;
  }
}
