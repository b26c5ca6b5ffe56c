import fc from 'fast-check';
import { parseNumber } from './parse-number';
import { writeFraction } from './write-fraction';

describe('writeFraction', () => {
  it.each([
    [22, 16, '1 3/8'],
    [8, 16, '1/2'],
    [32, 16, '2'],
    [0, 8, '0'],
    [1, 64, '1/64'],
  ])('%d of %d is %s', (parts, of, says) => {
    expect(writeFraction(parts, of)).toBe(says);
  });

  it('is read back to what it was', () => {
    fc.assert(
      fc.property(fc.nat(5000), fc.constantFrom(2, 4, 8, 16, 32, 64), (parts, of) => {
        expect(parseNumber(writeFraction(parts, of))).toBeCloseTo(parts / of, 9);
      }),
    );
  });
});
