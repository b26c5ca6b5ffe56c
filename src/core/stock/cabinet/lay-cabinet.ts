/** Where a drawer stands in the cabinet and how large it is, in cells; row 0 is the top one. */
export interface Cell {
  readonly column: number;
  readonly row: number;
  readonly columns: number;
  readonly rows: number;
}

export interface LaidDrawer extends Cell {
  readonly id: string;
}

export type Direction = 'left' | 'right' | 'up' | 'down';

const STEPS: Readonly<Record<Direction, readonly [columns: number, rows: number]>> = {
  left: [-1, 0],
  right: [1, 0],
  up: [0, -1],
  down: [0, 1],
};

const isOver = (a: Cell, b: Cell) =>
  a.column < b.column + b.columns &&
  b.column < a.column + a.columns &&
  a.row < b.row + b.rows &&
  b.row < a.row + a.rows;

/**
 * Whether a place is within the cabinet and free. A drawer is not in its own way: leave it out of `others`.
 *
 * @example hasRoom([{ column: 0, row: 0, columns: 4, rows: 1 }], { column: 3, row: 0, columns: 2, rows: 1 }, 12) // false
 */
export function hasRoom(others: readonly Cell[], place: Cell, width: number): boolean {
  const isWithin = place.column >= 0 && place.row >= 0 && place.column + place.columns <= width;
  return isWithin && !others.some((other) => isOver(other, place));
}

/**
 * The first free place for a drawer of a size, row by row from the top.
 *
 * @throws RangeError where the drawer is wider than the cabinet.
 * @example firstRoom([{ column: 0, row: 0, columns: 10, rows: 1 }], { columns: 4, rows: 1 }, 12).row // 1
 */
export function firstRoom(
  others: readonly Cell[],
  size: Pick<Cell, 'columns' | 'rows'>,
  width: number,
): Cell {
  if (size.columns > width) throw new RangeError(`firstRoom requires at most ${width} columns`);
  for (let row = 0; ; row += 1) {
    for (let column = 0; column + size.columns <= width; column += 1) {
      const place = { ...size, column, row };
      if (hasRoom(others, place, width)) return place;
    }
  }
}

/**
 * The nearest free place for a drawer in a direction, over whatever stands between; null where there is none. Downward
 * there always is one.
 *
 * @example stepTo([], { column: 2, row: 0, columns: 2, rows: 1 }, 'left', 12)?.column // 1
 */
export function stepTo(others: readonly Cell[], from: Cell, to: Direction, width: number): Cell | null {
  const [columns, rows] = STEPS[to];
  const isThere = ({ column, row }: Cell) => column >= 0 && row >= 0 && column + from.columns <= width;
  for (let nth = 1; ; nth += 1) {
    const place = { ...from, column: from.column + nth * columns, row: from.row + nth * rows };
    if (!isThere(place)) return null;
    if (hasRoom(others, place, width)) return place;
  }
}

/**
 * A drawer wider or narrower, higher or lower by a cell at its right or lower side; null where there is no room, or
 * nothing would be left of it.
 *
 * @example sizeTo([], { column: 0, row: 0, columns: 2, rows: 1 }, 'right', { width: 12, mostRows: 8 })?.columns // 3
 */
export function sizeTo(
  others: readonly Cell[],
  from: Cell,
  to: Direction,
  { width, mostRows }: { readonly width: number; readonly mostRows: number },
): Cell | null {
  const [columns, rows] = STEPS[to];
  const place = { ...from, columns: from.columns + columns, rows: from.rows + rows };
  const isSize = place.columns >= 1 && place.rows >= 1 && place.rows <= mostRows;
  return isSize && hasRoom(others, place, width) ? place : null;
}

/**
 * The drawers as they can be drawn: those that stand over an earlier one, or beyond the side, as after two devices
 * were joined, at the next free place.
 *
 * @example layCabinet(drawers, 12).length === drawers.length
 */
export function layCabinet<Each extends LaidDrawer>(drawers: readonly Each[], width: number): Each[] {
  const laid: Each[] = [];
  const pushed: Each[] = [];
  for (const drawer of drawers) {
    if (hasRoom(laid, drawer, width)) laid.push(drawer);
    else pushed.push({ ...drawer, columns: Math.min(drawer.columns, width) });
  }
  for (const drawer of pushed) laid.push({ ...drawer, ...firstRoom(laid, drawer, width) });
  return laid;
}
