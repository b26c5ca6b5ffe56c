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
    expect(usualUnits(language)).toMatchObject({ mass, length, temperature, paper, sign });
  });

  it('reads pounds and feet where inches are read', () => {
    expect(usualUnits('en-US')).toMatchObject({
      strength: 'lb',
      volume: 'fl oz',
      speed: 'ft/s',
      depth: 'ft',
    });
    expect(usualUnits('fr')).toMatchObject({ strength: 'kg', volume: 'ml', speed: 'm/s', depth: 'm' });
  });

  it.each([
    ['en-US', 'month-first', '12'],
    ['en-GB', 'day-first', '24'],
    ['de-DE', 'day-first', '24'],
    ['en-AU', 'day-first', '12'],
    ['ja', 'month-first', '24'],
    ['not a tag', 'day-first', '24'],
  ])('says days and hours as they are said in %s', (language, dates, clock) => {
    expect(usualUnits(language)).toMatchObject({ dates, clock });
  });
});
