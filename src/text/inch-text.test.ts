import { parseQuantity } from '@/core/units/parse-quantity';
import { inchMarkText, inchText } from './inch-text';

describe('inchText', () => {
  it.each([
    [12.7, '1/2 in'],
    [25.4, '1 in'],
    [3.96875, '5/32 in'],
    [1.5875, '1/16 in'],
    [34.925, '1 3/8 in'],
    [88.9, '3 1/2 in'],
    [24, '0.94 in'],
    [0.9, '0.035 in'],
    [0, '0 in'],
    [2540, '8 ft 4 in'],
    [3048, '10 ft'],
  ])('writes %d mm', (mm, text) => expect(inchText(mm)).toBe(text));

  it.each([
    [103, '4 1/16 in'],
    [8, '5/16 in'],
    [12, '15/32 in'],
    [25, '31/32 in'],
    [1.2, '0.047 in'],
    [1.190625, '3/64 in'],
    [0.5, '0.020 in'],
    [0.9, '0.035 in'],
    [1.5875, '1/16 in'],
    [600, '23 5/8 in'],
    [0, '0 in'],
  ])('reads %d mm off a rule', (mm, text) => expect(inchMarkText(mm)).toBe(text));

  it('is off by half a mark of the rule at most, and by a fifteenth of the smallest', () => {
    for (let mm = 0.5; mm < 1200; mm += 0.37) {
      const read = parseQuantity(inchMarkText(mm), 'length', 'in');
      const offMm = read.ok ? Math.abs(read.value.value - mm) : Infinity;
      expect(offMm).toBeLessThan(25.4 / 32 + 0.13);
      expect(offMm / mm).toBeLessThan(0.07);
    }
  });

  it('is read back as the length it was, to what a rule shows', () => {
    for (let mm = 0.5; mm < 1200; mm += 0.37) {
      const read = parseQuantity(inchText(mm), 'length', 'in');
      expect(read.ok && Math.abs(read.value.value - mm)).toBeLessThan(0.13);
    }
  });
});
