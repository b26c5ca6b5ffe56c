import { fitGape } from './fit-gape';

describe('fitGape', () => {
  it('rides over, fouls, stays out, with the bounds on the clear side', () => {
    expect(fitGape(11.5, 10)).toBe('rides-over');
    expect(fitGape(11.4, 10)).toBe('can-foul');
    expect(fitGape(8.6, 10)).toBe('can-foul');
    expect(fitGape(8.5, 10)).toBe('stays-out');
  });

  it('takes the maker’s own margin; with none nothing fouls', () => {
    expect(fitGape(12, 10, 0.25)).toBe('can-foul');
    expect(fitGape(12.5, 10, 0.25)).toBe('rides-over');
    expect([9.999, 10, 10.001].map((gape) => fitGape(gape, 10, 0))).toEqual([
      'stays-out',
      'rides-over',
      'rides-over',
    ]);
  });
});
