/** What is open on a lattice of cells at a moment: each until its own time. */
export interface OpenCells {
  readonly counts: readonly [across: number, deep: number, high: number];
  /** Those that count, and until when each is open. */
  readonly cells: readonly number[];
  readonly openUntil: (cell: number) => number;
}

/** Cells that are open together. */
interface Pool {
  /** The one open longest. */
  readonly last: number;
  readonly isOut: boolean;
  readonly isIn: boolean;
  readonly cells: number[];
}

/** What was cut off from every outlet while it was still open. */
export interface CutOff {
  /** The cell that is open longest of it, and the one that shut the last way out. */
  readonly last: number;
  readonly by: number;
  /** How long before its own end it was cut off. */
  readonly before: number;
  /** All cells that were still open then. */
  readonly cells: readonly number[];
}

/**
 * What is cut off as a lattice shuts cell by cell: taken from the last to the first, cells that are open together are one
 * pool; a pool that meets the one with an outlet only over a cell that shut earlier was cut off by it. `least` is the shortest
 * time that counts.
 *
 * @example cutOffs({ counts: [5, 1, 1], cells: [0, 1, 2, 3, 4], openUntil: (c) => [9, 3, 1, 4, 5][c] }, (c) => c === 0, 0)
 * // [{ last: 4, by: 2, before: 4, cells: [4, 3] }]
 */
export function cutOffs(
  open: OpenCells,
  isOutlet: (cell: number) => boolean,
  least: number,
): readonly CutOff[] {
  const { openUntil } = open;
  const found: CutOff[] = [];
  const cut = (pool: Pool, by: number) => {
    const before = openUntil(pool.last) - openUntil(by);
    if (before > least) found.push({ last: pool.last, by, before, cells: [...pool.cells] });
  };
  const left = joinFromLast(
    open,
    (cell) => ({ isOut: isOutlet(cell), isIn: false }),
    (a, b, cell) => {
      if (a.isOut !== b.isOut) cut(a.isOut ? b : a, cell);
      return true;
    },
  );
  // What never met an outlet was cut off from the start.
  for (const pool of left) {
    if (!pool.isOut)
      cut(
        pool,
        pool.cells.reduce((a, b) => (openUntil(b) < openUntil(a) ? b : a), pool.last),
      );
  }
  return found.toSorted((a, b) => b.cells.length - a.cells.length);
}

/**
 * Until when some way through a lattice is open from one end to the other: of each way its narrowest, of all ways the best.
 * Null where there is none.
 *
 * @example openWay({ counts: [3, 1, 1], cells: [0, 1, 2], openUntil: (c) => [9, 3, 5][c] }, (c) => c === 0, (c) => c === 2) // 3
 */
export function openWay(
  open: OpenCells,
  isFrom: (cell: number) => boolean,
  isTo: (cell: number) => boolean,
): number | null {
  let until: number | null = null;
  const ends = (cell: number) => ({ isOut: isFrom(cell), isIn: isTo(cell) });
  const single = open.cells.filter((cell) => isFrom(cell) && isTo(cell)).map(open.openUntil);
  joinFromLast(open, ends, (a, b, cell) => {
    if (!((a.isOut && b.isIn) || (a.isIn && b.isOut))) return true;
    until = open.openUntil(cell);
    return false;
  });
  return single.length > 0 ? Math.max(until ?? -Infinity, ...single) : until;
}

/**
 * Cells that touch, together.
 *
 * @example touching([4, 1, 1], [0, 1, 3]) // [[1, 0], [3]]
 */
export function touching(
  counts: OpenCells['counts'],
  cells: readonly number[],
): readonly (readonly number[])[] {
  const open = { counts, cells, openUntil: () => 0 };
  return joinFromLast(
    open,
    () => ({ isOut: false, isIn: false }),
    () => true,
  ).map((pool) => pool.cells);
}

/** Takes cells from the last open to the first and joins what touches, until told to stop; gives the pools there are then. */
function joinFromLast(
  { counts, cells, openUntil }: OpenCells,
  ends: (cell: number) => Pick<Pool, 'isOut' | 'isIn'>,
  onJoin: (a: Pool, b: Pool, cell: number) => boolean,
): readonly Pool[] {
  const [across, deep] = counts;
  const parent = new Map<number, number>();
  const pools = new Map<number, Pool>();
  const rootOf = (cell: number): number => {
    let root = cell;
    for (let up = parent.get(root); up !== undefined && up !== root; up = parent.get(root)) root = up;
    for (let each = cell; each !== root;) {
      const up = parent.get(each) ?? root;
      parent.set(each, root);
      each = up;
    }
    return root;
  };
  const join = (cell: number, next: number): boolean => {
    const [one, other] = [rootOf(cell), rootOf(next)];
    const [a, b] = [pools.get(one), pools.get(other)];
    if (one === other || !a || !b) return true;
    if (!onJoin(a, b, cell)) return false;
    const [root, gone] = a.cells.length >= b.cells.length ? [one, other] : [other, one];
    const [large, small] = root === one ? [a, b] : [b, a];
    for (const each of small.cells) large.cells.push(each);
    parent.set(gone, root);
    pools.delete(gone);
    pools.set(root, {
      last: openUntil(a.last) >= openUntil(b.last) ? a.last : b.last,
      isOut: a.isOut || b.isOut,
      isIn: a.isIn || b.isIn,
      cells: large.cells,
    });
    return true;
  };
  const strides = [1, across, across * deep] as const;
  for (const cell of cells.toSorted((a, b) => openUntil(b) - openUntil(a) || a - b)) {
    parent.set(cell, cell);
    pools.set(cell, { last: cell, ...ends(cell), cells: [cell] });
    const place = [cell % across, Math.floor(cell / across) % deep, Math.floor(cell / (across * deep))];
    for (const [axis, stride] of strides.entries()) {
      const neighbors = [
        (place[axis] ?? 0) > 0 ? cell - stride : -1,
        (place[axis] ?? 0) < (counts[axis] ?? 0) - 1 ? cell + stride : -1,
      ];
      if (!neighbors.every((next) => !parent.has(next) || join(cell, next))) return [...pools.values()];
    }
  }
  return [...pools.values()];
}
