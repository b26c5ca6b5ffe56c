import { cutOffs, openWay, touching } from './cut-off';

const open = (until: readonly number[]) => ({
  counts: [until.length, 1, 1] as const,
  cells: [...until.keys()],
  openUntil: (cell: number) => until[cell]!,
});

const row = (until: readonly number[], outlets: readonly number[]) =>
  cutOffs(open(until), (cell) => outlets.includes(cell), 0).map(({ cells, ...cut }) => ({
    ...cut,
    cells: [...cells].sort((a, b) => a - b),
  }));

describe('cutOffs', () => {
  it('finds what lies behind a neck that shuts first', () => {
    expect(row([9, 3, 1, 4, 5], [0])).toEqual([{ last: 4, by: 2, before: 4, cells: [3, 4] }]);
  });

  it('finds nothing where all shuts toward the outlet', () => {
    expect(row([9, 8, 5, 3, 1], [0])).toEqual([]);
  });

  it('leaves out what has an outlet of its own, and names what has none from its start', () => {
    expect(row([9, 1, 7], [0, 2])).toEqual([]);
    expect(row([2, 6, 3], [])).toEqual([{ last: 1, by: 0, before: 4, cells: [0, 1, 2] }]);
  });

  it('tells a pool that is fed by another which is cut off itself as one', () => {
    // Behind the neck at 1 two thick places feed each other before they are cut off together.
    expect(row([9, 1, 7, 5, 8], [0])).toEqual([{ last: 4, by: 1, before: 7, cells: [2, 3, 4] }]);
  });
});

describe('openWay', () => {
  it('is open as long as its narrowest place, and by the best of two ways', () => {
    const ends = [(cell: number) => cell === 0, (cell: number) => cell === 3] as const;
    expect(openWay(open([9, 4, 6, 8]), ...ends)).toBe(4);
    // Two ways round: 0 1 / 2 3, over 1 or over 2.
    const ring = { ...open([9, 2, 5, 8]), counts: [2, 2, 1] as const };
    expect(openWay(ring, ...ends)).toBe(5);
    expect(openWay({ ...open([9, 4, 6, 8]), cells: [0, 1, 3] }, ...ends)).toBeNull();
    expect(
      openWay(
        open([7]),
        (cell) => cell === 0,
        (cell) => cell === 0,
      ),
    ).toBe(7);
  });
});

describe('touching', () => {
  it('parts what does not touch, at the end of a row too', () => {
    // Two rows of three: the last of the first and the first of the second do not touch.
    const groups = touching([3, 2, 1], [0, 2, 3]).map((group) => [...group].sort((a, b) => a - b));
    expect(groups.sort((a, b) => a[0]! - b[0]!)).toEqual([[0, 3], [2]]);
  });
});
