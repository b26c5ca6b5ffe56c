import { catchRate } from './catch-rate';

describe('catchRate', () => {
  it('holds the known quantiles of shapes that have a closed form', () => {
    const { perHour, low, high } = catchRate(0, 4, 1, 1);
    expect(perHour).toBeCloseTo(0.2, 12);
    expect(low).toBeCloseTo(-Math.log(0.95) / 5, 10);
    expect(high).toBeCloseTo(-Math.log(0.05) / 5, 10);
  });

  it('closes round the plain rate as hours grow, and is wide where little is known', () => {
    const [few, many] = [catchRate(2, 2), catchRate(2000, 2000)];
    expect(many.perHour).toBeCloseTo(1, 2);
    expect(many.high - many.low).toBeLessThan((few.high - few.low) / 20);
    expect(few.low).toBeLessThan(few.perHour);
    expect(few.high).toBeGreaterThan(few.perHour);
  });

  it('runs on smoothly to numbers that no season has', () => {
    const [under, over] = [catchRate(9_999, 100, 0.5, 1), catchRate(10_001, 100, 0.5, 1)];
    expect(over.low / under.low - 1).toBeCloseTo(2 / 10_000, 5);
    expect(over.high / under.high - 1).toBeCloseTo(2 / 10_000, 5);
    const many = catchRate(1e9, 1e9);
    expect(many.low).toBeLessThan(many.perHour);
    // Nine in ten of so many lie within 1.645 of the root of their number.
    expect((many.high - many.low) / 2).toBeCloseTo(1.645 / Math.sqrt(1e9), 7);
  });
});
