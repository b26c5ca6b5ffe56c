import { compareNames } from '../numeric/compare-names';

export interface PullBlock {
  readonly name: string;
  /** Where the block lies. */
  readonly place: string;
  /** Pins, frames and other things cast in or pulled, by name, for one pour. */
  readonly inserts: readonly { readonly name: string; readonly count: number; readonly removed: boolean }[];
  readonly pours: number;
}

export interface PullBin {
  readonly id: string;
  readonly name: string;
  readonly place: string;
  /** Free of other promises. */
  readonly free: number;
  /** What can stand for another: hooks of one size. */
  readonly size: string;
}

export interface PullItem {
  readonly place: string;
  readonly name: string;
  readonly count: number;
  /** Missing from what is free. */
  readonly short: number;
  /** Bins that can stand in for what is short, with what is free in each. */
  readonly instead: readonly { readonly name: string; readonly place: string; readonly free: number }[];
}

/**
 * What to lay out before a session, in the order in which it lies: blocks, hooks with those for castings that will
 * fail, pins and frames. Pins come back and are needed once; frames stay in and are needed for each casting. What is
 * short names what could stand in for it.
 *
 * @example pullList([{ name: 'Block A', place: 'Drawer 1', inserts: [], pours: 3 }], [], new Map())
 * // [{ place: 'Drawer 1', name: 'Block A', count: 1, short: 0, instead: [] }]
 */
export function pullList(
  blocks: readonly PullBlock[],
  hooks: readonly PullBin[],
  needed: ReadonlyMap<string, number>,
): PullItem[] {
  const owned = (place: string, name: string, count: number): PullItem => ({
    place,
    name,
    count,
    short: 0,
    instead: [],
  });
  const items = [
    ...blocks.map(({ place, name }) => owned(place, name, 1)),
    ...blocks.flatMap(({ place, name, inserts, pours }) =>
      inserts.map((insert) =>
        owned(place, `${insert.name}, for ${name}`, insert.count * (insert.removed ? 1 : pours)),
      ),
    ),
    ...hooks
      .filter(({ id }) => (needed.get(id) ?? 0) > 0)
      .map((hook): PullItem => {
        const count = needed.get(hook.id) ?? 0;
        const short = Math.max(0, count - hook.free);
        const spare = ({ id, free }: PullBin) => free - (needed.get(id) ?? 0);
        return {
          place: hook.place,
          name: hook.name,
          count,
          short,
          instead:
            short === 0
              ? []
              : hooks
                  .filter((other) => other.id !== hook.id && other.size === hook.size && spare(other) > 0)
                  .map((other) => ({ name: other.name, place: other.place, free: spare(other) })),
        };
      }),
  ];
  const byPlace = (a: PullItem, b: PullItem) => compareNames(a.place, b.place);
  return items.sort((a, b) => byPlace(a, b) || compareNames(a.name, b.name));
}
