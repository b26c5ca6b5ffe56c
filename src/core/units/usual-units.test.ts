import { usualUnits } from './usual-units';

describe('usualUnits', () => {
  it.each([
    ['en-US', 'oz-fraction', 'in', 'F', 'letter', '$'],
    ['en', 'oz-fraction', 'in', 'F', 'letter', '$'],
    ['en-CA', 'g', 'mm', 'C', 'letter', '$'],
    ['en-GB', 'g', 'mm', 'C', 'a4', '£'],
    ['de-DE', 'g', 'mm', 'C', 'a4', '€'],
    ['sv', 'g', 'mm', 'C', 'a4', 'kr'],
    ['not a tag', 'g', 'mm', 'C', 'a4', '€'],
  ])('guesses for %s', (language, mass, length, temperature, paper, sign) => {
    expect(usualUnits(language)).toEqual({ mass, length, temperature, paper, sign });
  });
});
