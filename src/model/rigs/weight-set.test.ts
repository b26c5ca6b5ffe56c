import { readCounts, readSet, setWords, usualCounts, usualSet } from './weight-set';

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

  it('is written by counts of shot as well', () => {
    expect(usualCounts(6)).toBe('5, 6, 7');
    expect(usualCounts(1)).toBe('1, 2, 3');
    expect(readCounts('5 6,7')).toEqual([5, 6, 7]);
    for (const wrong of ['5, six', '0', '5.5', '500', '']) expect(readCounts(wrong)).toBeNull();
    const words = setWords({ by: 'count' }, { shots: 6 }, 'oz');
    const set = words.read(words.usual, { shotG: 4, shotMm: 9, sealMm: 8, besideG: 1 })!;
    expect(set.map(({ shots, massG, cordMm }) => [shots, massG, cordMm])).toEqual([
      [5, 21, 61],
      [6, 25, 70],
      [7, 29, 79],
    ]);
    expect(set.map(words.called)).toEqual(['5 shot', '6 shot', '7 shot']);
  });

  it('is read back as it was written', () => {
    for (const grams of [10, 15, 30, 60, 120]) {
      expect(readSet(usualSet(grams, 'g'), 'g')).toHaveLength(3);
      expect(readSet(usualSet(grams, 'oz-fraction'), 'oz-fraction')).toHaveLength(3);
    }
  });
});
