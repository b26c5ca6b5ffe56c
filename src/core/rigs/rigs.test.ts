import fc from 'fast-check';
import { fitTube } from './fit-tube';
import { rateStrength } from './rate-strength';

const mm = fc.double({ min: 0.1, max: 20, noNaN: true });

describe('fitTube', () => {
  it('never fits what it does not go over or does not grip', () => {
    fc.assert(
      fc.property(
        mm,
        fc.double({ min: 1, max: 4, noNaN: true }),
        mm,
        mm,
        (suppliedMm, shrinkRatio, overMm, gripMm) => {
          const verdict = fitTube({ suppliedMm, shrinkRatio, overMm, gripMm });
          if (verdict === 'fits') {
            expect(suppliedMm).toBeGreaterThanOrEqual(overMm * (1 - 1e-6));
            expect(suppliedMm / shrinkRatio).toBeLessThanOrEqual(gripMm * (1 + 1e-6));
          }
          if (verdict === 'too-small') expect(suppliedMm).toBeLessThan(overMm);
          if (verdict === 'too-loose') expect(suppliedMm / shrinkRatio).toBeGreaterThan(gripMm);
        },
      ),
    );
  });
});

describe('rateStrength', () => {
  const link = fc.record({
    name: fc.string({ minLength: 1 }),
    breakKgf: fc.double({ min: 0, max: 200, noNaN: true }),
    efficiency: fc.double({ min: 0, max: 1, noNaN: true }),
  });

  it('is never more than any link holds, and no weaker link makes it stronger', () => {
    fc.assert(
      fc.property(fc.array(link, { minLength: 1, maxLength: 9 }), link, (links, another) => {
        const { kgf, weakest } = rateStrength(links);
        for (const { breakKgf, efficiency } of links) expect(kgf).toBeLessThanOrEqual(breakKgf * efficiency);
        expect(links.map(({ name }) => name)).toContain(weakest);
        expect(rateStrength([...links, another]).kgf).toBeLessThanOrEqual(kgf);
      }),
    );
  });

  it('names the first of equals', () => {
    expect(
      rateStrength([
        { name: 'a', breakKgf: 9 },
        { name: 'b', breakKgf: 9 },
      ]).weakest,
    ).toBe('a');
  });

  it('wants a link', () => {
    expect(() => rateStrength([])).toThrow(/at least one link/);
  });
});
