import { readSet, usualSet } from './weight-set';

const OUNCE = 28.349523125;

describe('a set of weights', () => {
  it('is written by the gram, or by the quarter ounce', () => {
    expect(usualSet(30, 'g')).toBe('20, 30, 45');
    expect(usualSet(OUNCE, 'oz-fraction')).toBe('3/4 oz, 1 oz, 1 1/2 oz');
  });

  it.each([
    ['20, 30, 45', 'g', [20, 30, 45]],
    ['20 30; 45', 'g', null],
    ['20 30 45', 'g', [20, 30, 45]],
    ['1 oz, 1 1/2 oz', 'g', [OUNCE, 1.5 * OUNCE]],
    ['1, 1 1/2', 'oz', [OUNCE, 1.5 * OUNCE]],
    ['30 g, 1', 'oz', [30, OUNCE]],
    ['20, 20', 'g', [20]],
    ['20, nine', 'g', null],
    ['0', 'g', null],
    ['900', 'g', null],
    ['1,2,3,4,5,6,7,8,9', 'g', null],
    ['', 'g', null],
  ] as const)('%j in %s is %j', (text, mass, grams) => expect(readSet(text, mass)).toEqual(grams));

  it('is read back as it was written', () => {
    for (const grams of [10, 15, 30, 60, 120]) {
      expect(readSet(usualSet(grams, 'g'), 'g')).toHaveLength(3);
      expect(readSet(usualSet(grams, 'oz-fraction'), 'oz-fraction')).toHaveLength(3);
    }
  });
});
