import { keepEqual } from './keep-equal';

describe('keepEqual', () => {
  it('gives the last one again while the next says the same', () => {
    const keep = keepEqual<ReadonlyMap<string, number>>();
    const first = keep(new Map([['a', 1]]));
    expect(keep(new Map([['a', 1]]))).toBe(first);
    const second = keep(new Map([['a', 2]]));
    expect(second).not.toBe(first);
    expect(second).toEqual(new Map([['a', 2]]));
    expect(keep(new Map([['a', 1]]))).not.toBe(first);
  });
});
