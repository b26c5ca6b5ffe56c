import fc from 'fast-check';
import { cutBar, openSheet } from './cost-bar';

describe('cutBar', () => {
  it('fills the bar from end to end, dearest first, whatever the costs', () => {
    const cost = fc.double({ min: 0, max: 100, noNaN: true });
    fc.assert(
      fc.property(fc.array(cost, { minLength: 1, maxLength: 12 }), (costs) => {
        const segments = cutBar(costs.map((each, nth) => ({ id: String(nth), each })));
        const total = costs.reduce((so, each) => so + each, 0);
        if (total === 0) return expect(segments).toEqual([]);
        let at = 0;
        for (const [nth, { id, from, wide }] of segments.entries()) {
          expect(from).toBeCloseTo(at, 9);
          expect(wide).toBeCloseTo(costs[Number(id)]! / total, 9);
          if (nth > 0) expect(wide).toBeLessThanOrEqual(segments[nth - 1]!.wide + 1e-12);
          at += wide;
        }
        expect(at).toBeCloseTo(1, 9);
      }),
    );
  });

  it('opens a sheet from a segment to the whole bar below', () => {
    expect(openSheet({ id: 'a', from: 0.2, wide: 0.3 }, 10)).toBe('M20 0H50L100 10H0Z');
  });
});
