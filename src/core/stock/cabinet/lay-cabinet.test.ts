import fc from 'fast-check';
import { firstRoom, hasRoom, layCabinet, sizeTo, stepTo, type LaidDrawer } from './lay-cabinet';

const WIDTH = 12;
const cell = fc.record({
  column: fc.integer({ min: 0, max: 11 }),
  row: fc.integer({ min: 0, max: 5 }),
  columns: fc.integer({ min: 1, max: 6 }),
  rows: fc.integer({ min: 1, max: 3 }),
});
const drawers = fc
  .array(cell, { maxLength: 12 })
  .map((cells) => cells.map((each, nth): LaidDrawer => ({ ...each, id: `d${nth}` })));

/** The cells that drawers take, each once if none stands over another. */
const cellsOf = (laid: readonly LaidDrawer[]) =>
  laid.flatMap(({ column, row, columns, rows }) =>
    Array.from(
      { length: columns * rows },
      (_, nth) => `${column + (nth % columns)} ${row + Math.floor(nth / columns)}`,
    ),
  );

describe('layCabinet', () => {
  it('leaves none out, none over another and none beyond the side, whatever was joined', () => {
    fc.assert(
      fc.property(drawers, (given) => {
        const laid = layCabinet(given, WIDTH);
        expect(laid.map(({ id }) => id).sort()).toEqual(given.map(({ id }) => id).sort());
        const cells = cellsOf(laid);
        expect(new Set(cells).size).toBe(cells.length);
        for (const { column, columns } of laid) expect(column + columns).toBeLessThanOrEqual(WIDTH);
      }),
    );
  });

  it('leaves where it is what stands well', () => {
    fc.assert(
      fc.property(drawers, (given) => {
        const once = layCabinet(given, WIDTH);
        expect(layCabinet(once, WIDTH)).toEqual(once);
      }),
    );
  });
});

describe('stepTo', () => {
  const wall = { column: 4, row: 0, columns: 2, rows: 3 };

  it('goes past what stands between', () => {
    const from = { column: 2, row: 1, columns: 2, rows: 1 };
    expect(stepTo([wall], from, 'right', WIDTH)).toEqual({ ...from, column: 6 });
    expect(stepTo([wall], from, 'left', WIDTH)).toEqual({ ...from, column: 1 });
    expect(stepTo([wall], { ...from, column: 4, row: 3 }, 'up', WIDTH)).toBeNull();
  });

  it('ends at the sides and the top, and never downward', () => {
    fc.assert(
      fc.property(drawers, cell, (given, from) => {
        expect(stepTo(given, from, 'down', WIDTH) === null).toBe(from.column + from.columns > WIDTH);
        const left = stepTo(given, from, 'left', WIDTH);
        if (left) expect(hasRoom(given, left, WIDTH)).toBe(true);
      }),
    );
  });
});

describe('sizeTo', () => {
  const bounds = { width: WIDTH, mostRows: 2 };
  const from = { column: 9, row: 0, columns: 2, rows: 1 };

  it('grows as far as there is room, and shrinks to one cell', () => {
    expect(sizeTo([], from, 'right', bounds)).toEqual({ ...from, columns: 3 });
    expect(sizeTo([], { ...from, columns: 3 }, 'right', bounds)).toBeNull();
    expect(sizeTo([], from, 'left', bounds)).toEqual({ ...from, columns: 1 });
    expect(sizeTo([], { ...from, columns: 1 }, 'left', bounds)).toBeNull();
    expect(sizeTo([], from, 'up', bounds)).toBeNull();
    expect(sizeTo([], { ...from, rows: 2 }, 'down', bounds)).toBeNull();
    expect(sizeTo([{ ...from, row: 1 }], from, 'down', bounds)).toBeNull();
  });
});

describe('firstRoom', () => {
  it('is free, and nothing before it is', () => {
    fc.assert(
      fc.property(drawers, cell, (given, size) => {
        const place = firstRoom(given, size, WIDTH);
        expect(hasRoom(given, place, WIDTH)).toBe(true);
        const before = place.row * WIDTH + place.column;
        for (let at = 0; at < before; at += 1) {
          const earlier = { ...place, column: at % WIDTH, row: Math.floor(at / WIDTH) };
          expect(hasRoom(given, earlier, WIDTH)).toBe(false);
        }
      }),
    );
  });

  it('refuses what is wider than the cabinet', () => {
    expect(() => firstRoom([], { columns: 13, rows: 1 }, WIDTH)).toThrow(RangeError);
  });
});
