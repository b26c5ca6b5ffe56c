import { repeatableRandom } from '../../numeric/repeatable-random';
import { firstFree, isFree, nextFree } from './find-slot';
import type { RackGroup, RackSize } from './rack-facts';
import { rackLoads } from './rack-loads';
import { rodPatterns } from './rod-patterns';
import { slotsFor } from './slots-for';

/** The fewest loads by trying everything: every set of heads that one load can hold, over and over. */
function fewestByForce(groups: readonly RackGroup[], rack: RackSize): number {
  const cures = [...new Set(groups.flatMap((group) => group.cures))];
  const known = new Map<string, number>();
  const holds = (counts: readonly number[]): boolean => {
    const sizes = counts.flatMap((count, at) => Array.from({ length: count }, () => groups[at]!.slotsEach));
    const place = (at: number, free: readonly number[]): boolean => {
      const size = sizes[at];
      if (size === undefined) return true;
      return free.some(
        (room, rod) =>
          room >= size &&
          free.indexOf(room) === rod &&
          place(
            at + 1,
            free.map((each, index) => (index === rod ? each - size : each)),
          ),
      );
    };
    return place(
      0,
      Array.from({ length: rack.rods }, () => rack.slots),
    );
  };
  const subsets = (counts: readonly number[], at = 0): number[][] => {
    const count = counts[at];
    if (count === undefined) return [[]];
    return Array.from({ length: count + 1 }, (_, take) => take).flatMap((take) =>
      subsets(counts, at + 1).map((rest) => [take, ...rest]),
    );
  };
  const fewest = (left: readonly number[]): number => {
    if (left.every((count) => count === 0)) return 0;
    const key = left.join(' ');
    const before = known.get(key);
    if (before !== undefined) return before;
    let best = Infinity;
    for (const take of subsets(left)) {
      if (take.every((count) => count === 0)) continue;
      const isOneCure = cures.some((cure) =>
        take.every((count, at) => count === 0 || groups[at]!.cures.includes(cure)),
      );
      if (!isOneCure || !holds(take)) continue;
      best = Math.min(best, 1 + fewest(left.map((count, at) => count - take[at]!)));
    }
    known.set(key, best);
    return best;
  };
  return fewest(groups.map(({ count }) => count));
}

function checkHung(
  groups: readonly RackGroup[],
  rack: RackSize,
  loads: Awaited<ReturnType<typeof rackLoads>>['loads'],
) {
  const hungOf = new Map<string, number>();
  for (const { cure, hung } of loads) {
    const taken = new Set<string>();
    for (const { key, rod, slot } of hung) {
      const group = groups.find((each) => each.key === key)!;
      expect(group.cures).toContain(cure);
      expect(rod).toBeLessThan(rack.rods);
      for (let at = slot; at < slot + group.slotsEach; at += 1) {
        expect(at).toBeLessThan(rack.slots);
        expect(taken.has(`${rod} ${at}`)).toBe(false);
        taken.add(`${rod} ${at}`);
      }
      hungOf.set(key, (hungOf.get(key) ?? 0) + 1);
    }
  }
  for (const { key, count } of groups) expect(hungOf.get(key) ?? 0).toBe(count);
}

describe('rackLoads', () => {
  it('uses as few loads as trying everything does, on small cases', async () => {
    const next = repeatableRandom(11);
    const whole = (least: number, most: number) => least + Math.floor(next() * (most - least + 1));
    for (let round = 0; round < 60; round += 1) {
      const rack = { rods: whole(1, 2), slots: whole(2, 4) };
      const groups = Array.from({ length: whole(1, 3) }, (_, at): RackGroup => {
        const cures = [0, 1, 2].filter(() => next() < 0.5);
        return {
          key: `g${at}`,
          count: whole(1, 4),
          slotsEach: whole(1, 2),
          cures: cures.length > 0 ? cures : [whole(0, 2)],
          order: at,
        };
      });
      const plan = await rackLoads(groups, [15, 20, 10], rack);
      expect(plan.optimal).toBe(true);
      expect({ round, loads: plan.loads.length }).toEqual({ round, loads: fewestByForce(groups, rack) });
      checkHung(groups, rack, plan.loads);
    }
  });

  it('hangs light before dark, and takes the shorter cure among plans alike', async () => {
    const group = (key: string, order: number): RackGroup => ({
      key,
      count: 4,
      slotsEach: 1,
      cures: [0, 1],
      order,
    });
    const groups = [group('night', 2), group('pale', 0), group('straw', 1)];
    const plan = await rackLoads(groups, [20, 12], { rods: 2, slots: 3 });
    expect(plan.loads.map(({ cure }) => cure)).toEqual([1, 1]);
    const line = plan.loads.flatMap(({ hung }) => hung.map(({ key }) => key));
    expect(line).toEqual([...Array(4).fill('pale'), ...Array(4).fill('straw'), ...Array(4).fill('night')]);
  });

  it('refuses what no cure suits and what fits on no rod, and hangs the rest', async () => {
    const groups: RackGroup[] = [
      { key: 'weak', count: 3, slotsEach: 1, cures: [], order: 0 },
      { key: 'wide', count: 3, slotsEach: 5, cures: [0], order: 0 },
      { key: 'long', count: 1, slotsEach: 0, cures: [0], order: 0 },
      { key: 'fine', count: 3, slotsEach: 1, cures: [0], order: 0 },
    ];
    const plan = await rackLoads(groups, [15], { rods: 1, slots: 4 });
    expect(plan.refused).toEqual(['weak', 'wide', 'long']);
    expect(plan.loads).toHaveLength(1);
    expect(await rackLoads([], [15], { rods: 1, slots: 4 })).toEqual({
      loads: [],
      optimal: true,
      refused: [],
    });
  });
});

describe('rodPatterns', () => {
  it('are full: nothing more goes on, and every way is among them', () => {
    const patterns = rodPatterns([1, 2, 3], 6);
    for (const pattern of patterns) {
      expect(pattern.reduce((so, count, at) => so + count * [1, 2, 3][at]!, 0)).toBe(6);
    }
    expect(patterns).toHaveLength(7);
    expect(rodPatterns([2], 5)).toEqual([[2]]);
    expect(rodPatterns([9], 5)).toEqual([]);
  });
});

describe('places on a rack', () => {
  const size = { rods: 2, slots: 5 };
  const hung = [
    { rod: 0, slot: 0, slotsEach: 2 },
    { rod: 0, slot: 3, slotsEach: 1 },
  ];

  it('are free where nothing hangs and nothing sticks out', () => {
    expect(isFree(hung, size, { rod: 0, slot: 2 }, 1)).toBe(true);
    expect(isFree(hung, size, { rod: 0, slot: 2 }, 2)).toBe(false);
    expect(isFree(hung, size, { rod: 1, slot: 3 }, 2)).toBe(true);
    expect(isFree(hung, size, { rod: 1, slot: 4 }, 2)).toBe(false);
    expect(isFree(hung, size, { rod: 2, slot: 0 }, 1)).toBe(false);
    expect(firstFree(hung, size, 1)).toEqual({ rod: 0, slot: 2 });
    expect(firstFree(hung, size, 2)).toEqual({ rod: 1, slot: 0 });
    expect(firstFree(hung, size, 6)).toBeNull();
  });

  it('are found in a direction past what hangs there', () => {
    expect(nextFree(hung, 1, size, { rod: 0, slot: -1 })).toEqual({ rod: 0, slot: 2 });
    expect(nextFree([...hung, { rod: 0, slot: 2, slotsEach: 1 }], 1, size, { rod: 0, slot: -1 })).toBeNull();
    expect(nextFree(hung, 0, size, { rod: 1, slot: 0 })).toEqual({ rod: 1, slot: 0 });
    expect(nextFree(hung, 0, size, { rod: -1, slot: 0 })).toBeNull();
    expect(nextFree(hung, 9, size, { rod: 1, slot: 0 })).toBeNull();
  });
});

describe('slotsFor', () => {
  it('leaves air between heads, and takes none that would not hang free', () => {
    const rack = { slotMm: 15, dropMm: 60 };
    expect(slotsFor({ acrossMm: 11, longMm: 30 }, rack)).toBe(1);
    expect(slotsFor({ acrossMm: 11.1, longMm: 30 }, rack)).toBe(2);
    expect(slotsFor({ acrossMm: 5, longMm: 61 }, rack)).toBe(0);
  });
});
