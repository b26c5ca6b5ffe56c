import fc from 'fast-check';
import { coverRow } from './cover-row';

describe('packs that cover an amount', () => {
  it('are counted in the largest step of which all are whole numbers', () => {
    expect(coverRow([10, 25], 60)).toEqual({ coefficients: [2, 5], lower: 11.5, isExact: true });
    expect(coverRow([0.1, 0.3], 0.7)).toEqual({ coefficients: [1, 3], lower: 6.5, isExact: true });
    expect(coverRow([250, 453.59237], 900).isExact).toBe(false);
  });

  it('are enough if and only if their whole number is, whatever a solver forgives', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 400 }), { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 1, max: 5000 }),
        fc.double({ min: 1e-3, max: 1e3, noNaN: true }),
        fc.array(fc.integer({ min: 0, max: 60 }), { minLength: 4, maxLength: 4 }),
        (sizes, whole, unit, counts) => {
          const row = coverRow(
            sizes.map((each) => each * unit),
            whole * unit,
          );
          const got = sizes.reduce((so, each, at) => so + each * counts[at]!, 0);
          const left = row.coefficients.reduce((so, each, at) => so + each * counts[at]!, 0) - row.lower;
          expect(row.isExact).toBe(true);
          expect(left > 0).toBe(got >= whole);
          expect(Math.abs(left)).toBeGreaterThan(0.4);
        },
      ),
    );
  });

  it('ask for a little more where they can only be measured', () => {
    const packs = [Math.PI, Math.E];
    expect(coverRow(packs, 10, true).lower).toBeGreaterThan(coverRow(packs, 10).lower);
  });
});
