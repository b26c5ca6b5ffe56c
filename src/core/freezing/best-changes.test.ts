import fc from 'fast-check';
import { bestChanges, type Change } from './best-changes';

const change = (lever: string, what: number, effort = 1): Change<number> => ({
  lever,
  sort: lever,
  effort,
  what,
});

describe('bestChanges', () => {
  it('comes to what trying all pairs comes to, where it may try them all', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom('gate', 'heat', 'vent', 'gap'), fc.integer({ min: 0, max: 9 })), {
          minLength: 1,
          maxLength: 7,
        }),
        fc.array(fc.integer({ min: -4, max: 4 }), { minLength: 64, maxLength: 64 }),
        (levers, crossed) => {
          const changes = levers.map(([lever, gain], nth) => change(lever, gain * 8 + nth));
          const score = (made: readonly Change<number>[]) => {
            const gain = made.reduce((so, { what }) => so + Math.floor(what / 8), 0);
            const [a, b] = made.map(({ what }) => what % 8);
            return 20 - gain + (a === undefined || b === undefined ? 0 : (crossed[a * 8 + b] ?? 0));
          };
          const [best] = bestChanges(changes, (made) => ({ told: null, score: score(made) }), 20, {
            most: 1000,
            give: 3,
          });
          let least = Infinity;
          for (const [nth, one] of changes.entries()) {
            least = Math.min(least, score([one]));
            for (const other of changes.slice(nth + 1)) {
              if (other.lever !== one.lever) least = Math.min(least, score([one, other]));
            }
          }
          expect(best?.score ?? 20).toBe(least < 19.75 ? least : 20);
        },
      ),
    );
  });

  it('prefers less work for the same, tells no lever twice, and tries no more than it may', () => {
    let tried = 0;
    const found = bestChanges(
      [change('gate', 5, 3), change('heat', 5, 1), change('vent', 0, 1)],
      (made) => {
        tried += 1;
        return { told: made.length, score: 10 - Math.max(...made.map(({ what }) => what)) };
      },
      10,
      { most: 4, give: 3 },
    );
    expect(tried).toBe(4);
    expect(found.map(({ changes }) => changes.map(({ lever }) => lever))).toEqual([['heat'], ['gate']]);
  });

  it('gives nothing where nothing helps', () => {
    expect(
      bestChanges([change('gate', 0)], () => ({ told: null, score: 7 }), 7, { most: 9, give: 3 }),
    ).toEqual([]);
  });
});
