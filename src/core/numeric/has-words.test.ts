import { hasWords } from './has-words';

describe('hasWords', () => {
  it('wants each word, in any order and case', () => {
    expect(hasWords('Quay tandem, spinnerbait', 'spin QUAY')).toBe(true);
    expect(hasWords('Quay tandem, spinnerbait', 'quay buzz')).toBe(false);
  });

  it('is held by any text where nothing is looked for', () => {
    expect(hasWords('', '')).toBe(true);
    expect(hasWords('Quay', '  ')).toBe(true);
  });
});
