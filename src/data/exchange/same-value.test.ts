import fc from 'fast-check';
import { sameValue } from './same-value';

/** The same, with the keys of each of its objects in another order. */
function turned(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(turned);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .toReversed()
      .map(([key, each]) => [key, turned(each)]),
  );
}

describe('sameValue', () => {
  it('holds for whatever a file is written and read of, its keys turned about', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        expect(sameValue(value, turned(JSON.parse(JSON.stringify(value))))).toBe(true);
      }),
    );
  });

  it('does not hold where anything is said otherwise', () => {
    expect(sameValue({ a: 1, b: undefined }, { a: 1 })).toBe(true);
    expect(sameValue({ a: [1, 2] }, { a: [2, 1] })).toBe(false);
    expect(sameValue({ a: null }, {})).toBe(false);
    expect(sameValue({ a: { b: 1 } }, { a: { b: 2 } })).toBe(false);
    expect(sameValue('1', 1)).toBe(false);
  });
});
