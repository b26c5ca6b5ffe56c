import fc from 'fast-check';
import { parseQuantity } from '@/core/units/parse-quantity';
import { CM3_PER_TEASPOON } from '@/core/units/quantities';
import { kitchenText } from './kitchen-text';

describe('kitchenText', () => {
  it.each([
    [120, '1/2 cup 3/8 tsp'],
    [236.5882365, '1 cup'],
    [610, '2 1/2 cups 1 tbsp 3/4 tsp'],
    [14.78676478125, '1 tbsp'],
    [0.31, '1/16 tsp'],
    [0.154, '1/32 tsp'],
    [0.01, '0.002 tsp'],
  ])('%d ml is %s', (cm3, says) => {
    expect(kitchenText(cm3)).toBe(says);
  });

  it('is read back to within half the finest spoon', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 5000, noNaN: true }), (cm3) => {
        const read = parseQuantity(kitchenText(cm3), 'volume');
        const half = CM3_PER_TEASPOON / (cm3 < CM3_PER_TEASPOON ? 64 : 16);
        return read.ok && Math.abs(read.value.value - cm3) <= half + 1e-6;
      }),
    );
  });
});
