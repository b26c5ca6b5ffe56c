/** What somebody was promised of an item, in the order in which they are served. */
export interface Promised {
  readonly forWhom: string;
  readonly item: string;
  readonly qty: number;
}

export interface HeldUp {
  readonly forWhom: string;
  readonly item: string;
  readonly needed: number;
  /** What those before left of it. */
  readonly got: number;
  readonly short: number;
}

const NOTHING = 1e-9;

/**
 * What holds whom up: what is on hand goes to those who are served first, and who comes too late is short. Amounts in
 * each item's own unit; the same item twice for one is summed.
 *
 * @example allotPromises([{ forWhom: 'a', item: 'hook', qty: 6 }, { forWhom: 'b', item: 'hook', qty: 6 }],
 *   new Map([['hook', 10]])) // [{ forWhom: 'b', item: 'hook', needed: 6, got: 4, short: 2 }]
 */
export function allotPromises(promised: readonly Promised[], onHand: ReadonlyMap<string, number>): HeldUp[] {
  const left = new Map<string, number>();
  const heldUp = new Map<string, HeldUp>();
  for (const { forWhom, item, qty } of promised) {
    const there = left.get(item) ?? Math.max(0, onHand.get(item) ?? 0);
    const got = Math.min(there, qty);
    left.set(item, there - got);
    const key = `${forWhom} ${item}`;
    const before = heldUp.get(key);
    heldUp.set(key, {
      forWhom,
      item,
      needed: (before?.needed ?? 0) + qty,
      got: (before?.got ?? 0) + got,
      short: (before?.short ?? 0) + qty - got,
    });
  }
  return [...heldUp.values()].filter(({ short }) => short > NOTHING);
}
