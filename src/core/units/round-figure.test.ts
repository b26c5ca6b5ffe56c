import fc from 'fast-check';
import {
  roundDepth,
  roundLength,
  roundMass,
  roundSpeed,
  roundStrength,
  roundTemperature,
} from './round-figure';

describe('usual figures in a system of units', () => {
  it('are round in it', () => {
    const inches = (mm: number) => Number((roundLength(mm, 'in') / 25.4).toFixed(6));
    expect([60, 150, 12, 8, 240, 600, 900].map(inches)).toEqual([2.25, 6, 0.5, 0.3125, 9.5, 24, 36]);
    const ounces = (g: number) => roundMass(g, 'oz-fraction') / 28.349523125;
    expect([5, 10, 30, 60].map(ounces).map((oz) => Number(oz.toFixed(4)))).toEqual([0.1875, 0.375, 1, 2]);
    const pounds = (kg: number) => roundStrength(kg, 'oz') / 0.45359237;
    expect([12, 20, 4, 3, 80].map(pounds).map(Math.round)).toEqual([25, 45, 9, 7, 180]);
    const degrees = (celsius: number) => Math.round(roundTemperature(celsius, 'F') * 1.8 + 32);
    expect([177, 18, 20, 204].map(degrees)).toEqual([350, 65, 70, 400]);
  });

  it('stay as they are in the system that they were written in', () => {
    expect(roundLength(61.3, 'mm')).toBe(61.3);
    expect(roundMass(7.7, 'g')).toBe(7.7);
    expect(roundStrength(7.7, 'g')).toBe(7.7);
    expect(roundTemperature(19, 'C')).toBe(19);
  });

  it('stay near: an eighth off at the most, and no larger figure becomes the smaller one', () => {
    const sizes = fc.double({ min: 0.5, max: 5000, noNaN: true });
    fc.assert(
      fc.property(sizes, sizes, (a, b) => {
        expect(Math.abs(roundLength(a, 'in') / a - 1)).toBeLessThan(0.4);
        if (a > 5) expect(Math.abs(roundLength(a, 'in') / a - 1)).toBeLessThan(0.13);
        if (a < b) expect(roundLength(a, 'in')).toBeLessThanOrEqual(roundLength(b, 'in') * (1 + 1e-9));
        if (a < b) expect(roundMass(a, 'oz')).toBeLessThanOrEqual(roundMass(b, 'oz') * (1 + 1e-9));
      }),
    );
  });
});

it('sets a usual water in full feet, and a speed in tenths of what it is told in', () => {
  const feet = [4, 6, 20, 40].map((m) => Number((roundDepth(m, 'ft') / 0.3048).toFixed(6)));
  expect(feet).toEqual([13, 20, 65, 130]);
  expect(roundDepth(4.3, 'm')).toBe(4.3);
  expect(roundSpeed(0.3, 'ft/s')).toBeCloseTo(0.3048, 9);
  expect(roundSpeed(0.3, 'mph')).toBeCloseTo(0.7 * 0.44704, 9);
  // What is slower than a tenth stays as it is.
  expect(roundSpeed(0.01, 'mph')).toBeCloseTo(0.01, 9);
  expect(roundSpeed(0, 'm/s')).toBe(0);
});
