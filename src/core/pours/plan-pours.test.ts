import { repeatableRandom } from '../numeric/repeatable-random';
import { planPours } from './plan-pours';
import type { KeyCount, PlanMold, PourPlan } from './pour-plan';

async function planOf(demand: KeyCount[], molds: PlanMold[]): Promise<PourPlan> {
  const planned = await planPours(demand, molds);
  if (!planned.ok) throw new Error(planned.problem.code);
  return planned.value;
}

function castBy(plan: PourPlan): Map<string, number> {
  const cast = new Map<string, number>();
  for (const { key, count } of plan.runs.flatMap((run) => run.fills.flatMap((fill) => fill.filled))) {
    cast.set(key, (cast.get(key) ?? 0) + count);
  }
  return cast;
}

/** Whether pours of each mold cover the demand, by trying every way to share cavities out. Slow and plain. */
function covers(demand: readonly KeyCount[], molds: readonly PlanMold[], pours: readonly number[]): boolean {
  const slots = molds.flatMap((mold, index) =>
    mold.cavities.map((keys) => ({ keys, left: (pours[index] ?? 0) * (mold.copies ?? 1) })),
  );
  const give = (line: number, need: number, from: number): boolean => {
    if (line === demand.length) return true;
    if (need === 0) return give(line + 1, demand[line + 1]?.count ?? 0, 0);
    for (let index = from; index < slots.length; index += 1) {
      const slot = slots[index]!;
      if (!slot.keys.includes(demand[line]!.key) || slot.left === 0) continue;
      for (let take = Math.min(need, slot.left); take >= 1; take -= 1) {
        slot.left -= take;
        if (give(line, need - take, index + 1)) {
          slot.left += take;
          return true;
        }
        slot.left += take;
      }
    }
    return false;
  };
  return give(0, demand[0]?.count ?? 0, 0);
}

/** The twin: tries every number of pours of every mold. */
function bruteSeconds(demand: readonly KeyCount[], molds: readonly PlanMold[]): number {
  const most = demand.reduce((total, { count }) => total + count, 0);
  let best = Infinity;
  const walk = (pours: number[], seconds: number): void => {
    if (seconds >= best) return;
    if (pours.length === molds.length) {
      if (covers(demand, molds, pours)) best = seconds;
      return;
    }
    const mold = molds[pours.length]!;
    for (let count = 0; count <= Math.min(most, mold.maxPours ?? most); count += 1) {
      walk([...pours, count], seconds + (count > 0 ? mold.setupSeconds + count * mold.secondsPerPour : 0));
    }
  };
  walk([], 0);
  return best;
}

describe('planPours', () => {
  it('leaves a cavity empty once its share is cast', async () => {
    const plan = await planOf(
      [
        { key: 'a', count: 5 },
        { key: 'b', count: 3 },
      ],
      [{ id: 'A', cavities: [['a'], ['b']], secondsPerPour: 30, setupSeconds: 600 }],
    );
    expect(plan).toMatchObject({ totalSeconds: 750, pours: 5, overPour: [], optimal: true });
    expect(castBy(plan)).toEqual(
      new Map([
        ['a', 5],
        ['b', 3],
      ]),
    );
  });

  it('counts what a mold that fills all gives too much', async () => {
    const plan = await planOf(
      [{ key: 'a', count: 5 }],
      [
        {
          id: 'disc',
          cavities: [['a'], ['a'], ['b'], []],
          secondsPerPour: 90,
          setupSeconds: 0,
          fillAll: true,
        },
      ],
    );
    expect(plan.pours).toBe(3);
    expect(castBy(plan)).toEqual(
      new Map([
        ['a', 6],
        ['b', 3],
      ]),
    );
    expect(plan.overPour).toEqual([
      { key: 'a', count: 1 },
      { key: 'b', count: 3 },
    ]);
  });

  it('lets molds that leave cavities empty stop where one that fills all gives the rest', async () => {
    const plan = await planOf(
      [
        { key: 'a', count: 7 },
        { key: 'b', count: 4 },
      ],
      [
        { id: 'bar', cavities: [['a']], secondsPerPour: 10, setupSeconds: 0 },
        { id: 'disc', cavities: [['a'], ['b']], secondsPerPour: 5, setupSeconds: 0, fillAll: true },
      ],
    );
    // Seven discs at 5 s beat any mix with the bar.
    expect(plan.totalSeconds).toBe(35);
    expect(plan.overPour).toEqual([{ key: 'b', count: 3 }]);
  });

  it('pours copies as one, for the same seconds', async () => {
    const mold = { id: 'A', cavities: [['a']], secondsPerPour: 30, setupSeconds: 100 };
    expect((await planOf([{ key: 'a', count: 9 }], [{ ...mold, copies: 2 }])).totalSeconds).toBe(
      100 + 5 * 30,
    );
  });

  it('pays a setup once a mold and not at all where it is not poured', async () => {
    const plan = await planOf(
      [{ key: 'a', count: 10 }],
      [
        { id: 'slow', cavities: [['a']], secondsPerPour: 60, setupSeconds: 0 },
        { id: 'quick', cavities: [['a'], ['a']], secondsPerPour: 30, setupSeconds: 500 },
      ],
    );
    expect(plan.runs.map((run) => run.moldId)).toEqual(['slow']);
    expect(plan.totalSeconds).toBe(600);
  });

  it('sums a key that is asked twice, and asks nothing for a count of 0', async () => {
    const mold = { id: 'A', cavities: [['a'], ['b']], secondsPerPour: 10, setupSeconds: 0 };
    const plan = await planOf(
      [
        { key: 'a', count: 2 },
        { key: 'a', count: 3 },
        { key: 'c', count: 0 },
      ],
      [mold],
    );
    expect(plan.pours).toBe(5);
    expect((await planOf([{ key: 'a', count: 0 }], [mold])).runs).toEqual([]);
  });

  it('makes no more pours than needed where pours cost nothing', async () => {
    const plan = await planOf(
      [{ key: 'a', count: 4 }],
      [{ id: 'A', cavities: [['a'], ['a']], secondsPerPour: 0, setupSeconds: 5 }],
    );
    expect(plan).toMatchObject({ pours: 2, totalSeconds: 5 });
  });

  it('names what no mold makes, and what the pours allowed do not reach', async () => {
    const mold = { id: 'A', cavities: [['a']], secondsPerPour: 10, setupSeconds: 0, maxPours: 3 };
    expect(await planPours([{ key: 'b', count: 1 }], [mold])).toMatchObject({
      problem: { code: 'plan.nobody-makes', facts: { keys: ['b'] } },
    });
    expect(await planPours([{ key: 'a', count: 4 }], [mold])).toMatchObject({
      problem: { code: 'plan.too-few-pours', facts: { keys: ['a'] } },
    });
    const shared = { ...mold, cavities: [['a', 'b']] };
    expect(
      await planPours(
        [
          { key: 'a', count: 2 },
          { key: 'b', count: 2 },
        ],
        [shared],
      ),
    ).toMatchObject({ problem: { code: 'plan.too-few-pours' } });
    expect(await planPours([{ key: 'a', count: 1 }], [])).toMatchObject({
      problem: { code: 'plan.no-molds' },
    });
    expect(await planPours([{ key: 'a', count: 1 }], [mold, mold])).toMatchObject({
      problem: { code: 'plan.same-mold-twice', facts: { id: 'A' } },
    });
  });

  it('is as short as the best of all plans, on small cases', async () => {
    const next = repeatableRandom(41);
    const whole = (low: number, high: number) => low + Math.floor(next() * (high - low + 1));
    const keys = ['a', 'b', 'c'];
    for (let round = 0; round < 40; round += 1) {
      const demand = keys.slice(0, whole(1, 3)).map((key) => ({ key, count: whole(1, 4) }));
      const molds = Array.from({ length: whole(1, 3) }, (_, index): PlanMold => ({
        id: `M${index}`,
        cavities: Array.from({ length: whole(1, 3) }, () => keys.filter(() => next() < 0.45)),
        secondsPerPour: whole(10, 60),
        setupSeconds: whole(0, 2) * 90,
        copies: whole(1, 2),
        ...(next() < 0.3 ? { maxPours: whole(1, 4) } : {}),
      }));
      const best = bruteSeconds(demand, molds);
      const planned = await planPours(demand, molds);
      const found = planned.ok ? planned.value.totalSeconds : Infinity;
      expect({ round, found }).toEqual({ round, found: best });
      if (planned.ok) {
        const cast = castBy(planned.value);
        for (const { key, count } of demand) expect(cast.get(key)).toBe(count);
      }
    }
  });
});
