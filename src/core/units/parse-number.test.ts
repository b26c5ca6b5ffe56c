import fc from 'fast-check';
import { parseNumber } from './parse-number';

describe('parseNumber', () => {
  it.each([
    ['12', 12],
    ['0.5', 0.5],
    ['0,5', 0.5],
    ['.5', 0.5],
    ['3.', 3],
    ['1/2', 0.5],
    ['2 1/2', 2.5],
    ['2-1/2', 2.5],
    [' 7 ', 7],
    ['$4.99', 4.99],
    ['€ 3', 3],
  ])('reads %j as %d', (text, value) => expect(parseNumber(text)).toBe(value));

  it.each(['', 'a', '12 mm', '1,250.00', '1/0', '-3', '1 2', '5/'])('reads no number in %j', (text) =>
    expect(parseNumber(text)).toBeNull(),
  );

  it('reads back every number that is written plainly', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e6 }), fc.integer({ min: 0, max: 999 }), (whole, part) => {
        const text = `${whole}.${String(part).padStart(3, '0')}`;
        return parseNumber(text) === Number(text);
      }),
    );
  });
});
