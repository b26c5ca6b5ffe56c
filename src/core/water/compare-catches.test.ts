import { compareCatches, type CatchGroup } from './compare-catches';

const of = (groups: readonly CatchGroup[]) => {
  const found = compareCatches(groups);
  if (!found.ok) throw new Error(found.problem.code);
  return found.value;
};
const outings = (...each: (readonly [catches: number, hours: number])[]) =>
  each.map(([catches, hours]) => ({ catches, hours }));

describe('what caught more', () => {
  it('is said where outings agree, and not where one lucky hour made it', () => {
    const steady = of([
      { id: 'a', outings: outings([3, 1], [3, 1], [2, 1], [4, 1]) },
      { id: 'b', outings: outings([0, 1], [1, 1], [0, 1], [1, 1]) },
    ]);
    expect(steady.dispersion).toBe(1);
    expect(steady.winner).toBe('a');
    const lucky = of([
      { id: 'a', outings: outings([12, 1], [0, 1], [0, 1], [0, 1]) },
      { id: 'b', outings: outings([0, 1], [1, 1], [0, 1], [1, 1]) },
    ]);
    // Pearson by hand: (9^2 + 3 x 3^2)/3 + 4 x 0.5^2/0.5, over 8 - 2.
    expect(lucky.dispersion).toBeCloseTo((108 / 3 + 2) / 6, 12);
    expect(lucky.winner).toBeNull();
    expect(lucky.groups[0]?.perHour).toBeCloseTo(12.5 / 5, 12);
  });

  it('lets what tells nothing of clumps out: groups that caught nothing, outings of no hours', () => {
    const { dispersion } = of([
      { id: 'a', outings: outings([4, 1], [0, 1], [0, 0]) },
      { id: 'b', outings: outings([0, 1], [0, 1], [0, 1]) },
    ]);
    expect(dispersion).toBeCloseTo((2 ** 2 / 2 + 2 ** 2 / 2) / (2 - 1), 12);
    expect(of([{ id: 'a', outings: outings([4, 2]) }]).dispersion).toBe(1);
    expect(of([{ id: 'a', outings: outings([0, 0]) }]).groups[0]).toMatchObject({ perHour: 0.5 });
  });

  it('has no winner of one, and asks for the hours of a catch', () => {
    expect(of([{ id: 'a', outings: outings([40, 2]) }]).winner).toBeNull();
    expect(compareCatches([{ id: 'a', outings: outings([1, 1], [2, 0]) }])).toMatchObject({
      problem: { code: 'catch.no-hours', path: ['groups', 0, 'outings', 1, 'hours'] },
    });
  });

  it('widens with the confidence', () => {
    const groups = [{ id: 'a', outings: outings([4, 2]) }];
    const [near, far] = [compareCatches(groups, 0.5), compareCatches(groups, 0.99)];
    if (!near.ok || !far.ok) throw new Error('both are well put');
    expect(far.value.groups[0]!.low).toBeLessThan(near.value.groups[0]!.low);
    expect(far.value.groups[0]!.high).toBeGreaterThan(near.value.groups[0]!.high);
  });
});
