import fc from 'fast-check';
import { trailerSuits } from './trailer-length';

describe('how long a trailer suits a head', () => {
  it('is as is commonly put on, and between the marks in proportion', () => {
    expect(trailerSuits(10.6, 76)).toEqual({ fromMm: 70, toMm: 89, is: 'common' });
    const { fromMm, toMm } = trailerSuits(17.5, null);
    expect([fromMm, toMm]).toEqual([82.5, 108]);
    expect(trailerSuits(17.5, null).is).toBeNull();
  });

  it('says of one whether it is short or long for it', () => {
    expect([trailerSuits(14, 60).is, trailerSuits(14, 120).is]).toEqual(['short', 'long']);
    expect([trailerSuits(14, 76).is, trailerSuits(14, 102).is]).toEqual(['common', 'common']);
  });

  it('never asks for a shorter one behind a heavier head, at any weight', () => {
    const grams = fc.double({ min: 0.1, max: 200, noNaN: true });
    fc.assert(
      fc.property(grams, grams, (one, other) => {
        const [light, heavy] = [
          trailerSuits(Math.min(one, other), null),
          trailerSuits(Math.max(one, other), null),
        ];
        expect(light.fromMm).toBeLessThanOrEqual(heavy.fromMm + 1e-9);
        expect(light.toMm).toBeLessThanOrEqual(heavy.toMm + 1e-9);
        expect(light.fromMm).toBeLessThan(light.toMm);
      }),
    );
  });
});
