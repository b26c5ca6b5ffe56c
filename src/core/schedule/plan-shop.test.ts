import fc from 'fast-check';
import { repeatableRandom } from '../numeric/repeatable-random';
import { bigShop } from '../../../tests/support/big-shop';
import { handoverGap } from './handover-gap';
import { planShop } from './plan-shop';
import type { Shop, ShopPlan, ShopTask } from './shop';

const planned = (shop: Shop, options = {}): ShopPlan => {
  const plan = planShop(shop, options);
  if (!plan.ok) throw new Error(plan.problem.code);
  return plan.value;
};

/** What a plan breaks, if anything: hands, windows, places, waits, and what its orders say. */
function faultsOf(shop: Shop, plan: ShopPlan): string[] {
  const startOf = new Map(plan.starts.map(({ id, startMin }) => [id, startMin]));
  const span = (task: ShopTask) => {
    const from = startOf.get(task.id)!;
    return { from, to: from + task.minutes };
  };
  const near = 1e-6;
  const overlap = (a: ShopTask, b: ShopTask) =>
    span(a).from < span(b).to - near && span(b).from < span(a).to - near;
  return shop.tasks.flatMap((task, at) => {
    const { from, to } = span(task);
    const isInWindow = shop.windows.some(
      ({ fromMin, toMin }) => from >= fromMin - near && to <= toMin + near,
    );
    const inHand = shop.tasks.filter(({ hands }) => hands);
    const together = shop.tasks.filter(
      (other) =>
        other.place === task.place && span(other).from <= from + near && span(other).to > from + near,
    );
    const room = shop.places.find(({ id }) => id === task.place)?.count ?? Infinity;
    return [
      ...(from < -near ? [`${task.id} begins before all`] : []),
      ...(task.hands && !isInWindow ? [`${task.id} outside`] : []),
      ...(task.hands && inHand.some((other) => other !== task && overlap(task, other))
        ? [`${task.id} two hands`]
        : []),
      ...(task.place !== undefined && together.length > room ? [`${task.place} over full`] : []),
      ...(task.after ?? []).flatMap(({ id, waitMin = 0 }) =>
        from < span(shop.tasks.find((other) => other.id === id)!).to + waitMin - near
          ? [`${at} too soon`]
          : [],
      ),
    ];
  });
}

/** The best there is, by every list of tasks carried out minute by minute: nothing of the search is in it. */
function byHand(shop: Shop): { late: number; finish: number } | null {
  let best: { late: number; finish: number } | null = null;
  const last = Math.max(0, ...shop.windows.map(({ toMin }) => toMin)) + 400;
  const go = (starts: Map<string, number>): void => {
    const left = shop.tasks.filter(({ id }) => !starts.has(id));
    if (left.length === 0) {
      const ends = shop.orders.map(({ id }) =>
        Math.max(
          0,
          ...shop.tasks.flatMap((task) => (task.order === id ? [starts.get(task.id)! + task.minutes] : [])),
        ),
      );
      const late = ends.reduce((so, end, at) => so + Math.max(0, end - shop.orders[at]!.dueMin), 0);
      const finish = ends.reduce((so, end) => so + end, 0);
      if (!best || late < best.late || (late === best.late && finish < best.finish)) best = { late, finish };
      return;
    }
    for (const task of left) {
      if (!(task.after ?? []).every(({ id }) => starts.has(id))) continue;
      for (let from = 0; from <= last; from += 1) {
        const plan = {
          starts: [...starts, [task.id, from] as const].map(([id, startMin]) => ({ id, startMin })),
        };
        const some = { ...shop, tasks: shop.tasks.filter(({ id }) => starts.has(id) || id === task.id) };
        if (faultsOf(some, plan as unknown as ShopPlan).length > 0) continue;
        go(new Map([...starts, [task.id, from]]));
        break;
      }
    }
  };
  go(new Map());
  return best;
}

/** A small shop by chance, all in whole minutes. */
function smallShop(random: () => number): Shop {
  const upTo = (most: number) => Math.floor(random() * (most + 1));
  const count = 2 + upTo(3);
  const orders = [0, 1].slice(0, 1 + upTo(1)).map((nth) => ({ id: `o${nth}`, dueMin: upTo(40) }));
  const tasks = Array.from({ length: count }, (_, at): ShopTask => {
    const earlier = at > 0 && random() < 0.55 ? [{ id: `t${upTo(at - 1)}`, waitMin: upTo(2) * 5 }] : [];
    const place = random() < 0.4 ? 'oven' : undefined;
    const order = random() < 0.85 ? `o${upTo(orders.length - 1)}` : undefined;
    return { id: `t${at}`, minutes: 1 + upTo(7), hands: random() < 0.65, place, after: earlier, order };
  });
  return {
    tasks,
    orders,
    places: [{ id: 'oven', count: 1 + upTo(1) }],
    windows: [
      { fromMin: upTo(3), toMin: 12 + upTo(6) },
      { fromMin: 24, toMin: 36 },
      { fromMin: 40, toMin: 40 + 8 + upTo(20) },
    ],
  };
}

const SHOP: Shop = {
  tasks: [
    { id: 'glue', minutes: 30, hands: true, order: 'a' },
    { id: 'tie', minutes: 20, hands: true, order: 'a', after: [{ id: 'glue', waitMin: 600 }] },
  ],
  places: [],
  windows: [
    { fromMin: 0, toMin: 120 },
    { fromMin: 1440, toMin: 1560 },
  ],
  orders: [{ id: 'a', dueMin: 1500 }],
};

describe('the plan of a small shop', () => {
  it('lets glue dry over night', () => {
    expect(planned(SHOP)).toEqual({
      starts: [
        { id: 'glue', startMin: 0 },
        { id: 'tie', startMin: 1440 },
      ],
      orders: [{ id: 'a', finishMin: 1460, lateMin: 0 }],
      totalLateMin: 0,
      optimal: true,
      boundLateMin: 0,
    });
    expect(planned({ ...SHOP, orders: [{ id: 'a', dueMin: 1400 }] })).toMatchObject({ totalLateMin: 60 });
    expect(planned({ ...SHOP, tasks: [] }).orders).toEqual([{ id: 'a', finishMin: 0, lateMin: 0 }]);
  });

  it('is as good as the best of all lists, on 200 shops by chance', () => {
    const random = repeatableRandom(2026);
    let possible = 0;
    for (let nth = 0; nth < 200; nth += 1) {
      const shop = smallShop(random);
      const best = byHand(shop);
      const plan = planShop(shop);
      expect(plan.ok).toBe(best !== null);
      if (!plan.ok || !best) continue;
      possible += 1;
      expect(plan.value.optimal).toBe(true);
      expect(faultsOf(shop, plan.value)).toEqual([]);
      expect(plan.value.totalLateMin).toBeCloseTo(best.late, 9);
      expect(plan.value.orders.reduce((so, { finishMin }) => so + finishMin, 0)).toBeCloseTo(best.finish, 9);
    }
    expect(possible).toBeGreaterThan(120);
  });

  it('breaks nothing, is under its bound by nothing, and never worse than first due first served', () => {
    const random = repeatableRandom(7);
    for (let nth = 0; nth < 12; nth += 1) {
      const shop = week(random, 10 + 4 * nth);
      const plan = planned(shop, { tries: 40, steps: 400 });
      expect(faultsOf(shop, plan)).toEqual([]);
      expect(plan.totalLateMin).toBeLessThanOrEqual(firstDueFirst(shop) + 1e-6);
      expect(plan.boundLateMin).toBeLessThanOrEqual(plan.totalLateMin + 1e-9);
      expect(planned(shop, { tries: 40, steps: 400 })).toEqual(plan);
    }
  });

  it('says what is wrong with what it was asked', () => {
    const problemOf = (change: Partial<Shop>) => {
      const plan = planShop({ ...SHOP, ...change });
      return plan.ok ? null : [plan.problem.code, plan.problem.path];
    };
    const [glue, tie] = SHOP.tasks as [ShopTask, ShopTask];
    expect(problemOf({ tasks: [glue, { ...tie, id: 'glue' }] })).toEqual([
      'shop.same-id-twice',
      ['tasks', 1, 'id'],
    ]);
    expect(problemOf({ tasks: [{ ...glue, place: 'oven' }] })).toEqual([
      'shop.unknown-id',
      ['tasks', 0, 'place'],
    ]);
    expect(problemOf({ tasks: [{ ...glue, order: 'b' }] })).toEqual([
      'shop.unknown-id',
      ['tasks', 0, 'order'],
    ]);
    expect(problemOf({ tasks: [tie] })).toEqual(['shop.unknown-id', ['tasks', 0, 'after', 0, 'id']]);
    expect(problemOf({ tasks: [{ ...glue, after: [{ id: 'tie' }] }, tie] })).toEqual([
      'shop.circle',
      ['tasks', 0, 'after'],
    ]);
    expect(
      problemOf({
        windows: [
          { fromMin: 0, toMin: 60 },
          { fromMin: 50, toMin: 90 },
        ],
      })?.[0],
    ).toBe('shop.windows-overlap');
    expect(problemOf({ windows: [{ fromMin: 60, toMin: 60 }] })?.[0]).toBe('shop.windows-overlap');
    // Touching windows are two: nothing runs over from one into the other.
    const touching = [
      { fromMin: 0, toMin: 20 },
      { fromMin: 20, toMin: 45 },
    ];
    expect(problemOf({ tasks: [glue], windows: touching })).toEqual(['shop.too-long', ['tasks', 0]]);
    expect(problemOf({ tasks: [{ ...glue, minutes: 25 }], windows: touching })).toBeNull();
    expect(problemOf({ windows: SHOP.windows.slice(0, 1) })).toEqual(['shop.no-window', ['windows']]);
    expect(problemOf({ windows: [] })?.[0]).toBe('shop.too-long');
  });

  it('has never fewer than all at a place, whatever its count', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 6 }), (count, racks) => {
        const tasks = Array.from({ length: racks }, (_, at) => ({
          id: `r${at}`,
          minutes: 30,
          hands: false,
          place: 'oven',
          order: 'a',
        }));
        const plan = planned({ ...SHOP, tasks, places: [{ id: 'oven', count }] });
        expect(plan.orders[0]?.finishMin).toBe(30 * Math.ceil(racks / count));
      }),
    );
  });
});

describe('what a shop can ask besides', () => {
  const evenings = [0, 1, 2].map((day) => ({ fromMin: 1440 * day, toMin: 1440 * day + 60 }));
  const task = (id: string, minutes: number, more: Partial<ShopTask> = {}): ShopTask => ({
    id,
    minutes,
    hands: true,
    order: id,
    ...more,
  });
  const orders = [
    { id: 'a', dueMin: 60 },
    { id: 'b', dueMin: 60 },
  ];
  const startOf = (shop: Shop, id: string) => planned(shop).starts.find((start) => start.id === id)?.startMin;

  it('keeps a task to the time that it is held to, before what is held to nothing', () => {
    const held = { fromMin: 1440, untilMin: 1500 };
    const shop = { tasks: [task('a', 40, held), task('b', 40)], places: [], windows: evenings, orders };
    expect(startOf(shop, 'a')).toBe(1440);
    expect(startOf(shop, 'b')).toBe(0);
    const both = { ...shop, tasks: [task('a', 40, held), task('b', 40, held)] };
    expect(planShop(both).ok).toBe(false);
  });

  it('plans what a held task waits for before the rest', () => {
    const shop = {
      tasks: [
        task('b', 50),
        task('first', 50, { order: 'a' }),
        task('a', 50, { after: [{ id: 'first' }], untilMin: 1500 }),
      ],
      places: [],
      windows: evenings,
      orders,
    };
    expect(startOf(shop, 'first')).toBe(0);
    expect(startOf(shop, 'a')).toBe(1440);
    expect(startOf(shop, 'b')).toBe(2880);
  });

  it('lets two pairs of hands work side by side, never a third', () => {
    const tasks = ['a', 'b', 'c'].map((id) => task(id, 50));
    const three = [...orders, { id: 'c', dueMin: 60 }];
    const plan = planned({ tasks, places: [], windows: evenings, orders: three, pairs: 2 });
    expect(plan.starts.map(({ startMin }) => startMin).sort((x, y) => x - y)).toEqual([0, 0, 1440]);
    expect(plan.totalLateMin).toBe(1430);
  });

  it('is bounded by its work alone where hands are what is short', () => {
    const tasks = ['a', 'b'].map((id) => task(id, 60));
    const plan = planned({ tasks, places: [], windows: evenings, orders });
    expect(plan.totalLateMin).toBe(1440);
    expect(plan.boundLateMin).toBe(1440);
  });
});

/** Evenings of two hours, orders of a few tasks with a cure in the middle. */
function week(random: () => number, count: number): Shop {
  const orders = Array.from({ length: Math.ceil(count / 5) }, (_, nth) => ({
    id: `o${nth}`,
    dueMin: 1440 * (1 + Math.floor(6 * random())),
  }));
  const tasks = Array.from({ length: count }, (_, at): ShopTask => {
    const order = `o${Math.floor(at / 5)}`;
    const isCure = at % 5 === 2;
    return {
      id: `t${at}`,
      minutes: 5 + Math.floor(40 * random()),
      hands: !isCure,
      place: isCure ? 'oven' : undefined,
      after: at % 5 === 0 ? [] : [{ id: `t${at - 1}`, waitMin: random() < 0.2 ? 480 : 0 }],
      order,
    };
  });
  const windows = Array.from({ length: 90 }, (_, day) => ({ fromMin: 1440 * day, toMin: 1440 * day + 120 }));
  return { tasks, orders, windows, places: [{ id: 'oven', count: 1 }] };
}

/** How late orders are where each task is done as soon as it can be, in the order in which its order is due. */
function firstDueFirst(shop: Shop): number {
  const due = new Map(shop.orders.map(({ id, dueMin }) => [id, dueMin]));
  const starts = new Map<string, number>();
  const left = [...shop.tasks].sort((a, b) => due.get(a.order!)! - due.get(b.order!)!);
  while (left.length > 0) {
    const at = left.findIndex(({ after = [] }) => after.every(({ id }) => starts.has(id)));
    const [task] = left.splice(at, 1) as [ShopTask];
    const some = (from: number) => ({
      shop: { ...shop, tasks: shop.tasks.filter(({ id }) => starts.has(id) || id === task.id) },
      plan: { starts: [...starts, [task.id, from] as const].map(([id, startMin]) => ({ id, startMin })) },
    });
    const ends = shop.tasks.flatMap(({ id, minutes }) => (starts.has(id) ? [starts.get(id)! + minutes] : []));
    const waits = (task.after ?? []).map(
      ({ id, waitMin = 0 }) =>
        starts.get(id)! + shop.tasks.find((other) => other.id === id)!.minutes + waitMin,
    );
    const moments = [0, ...ends, ...waits, ...shop.windows.map(({ fromMin }) => fromMin)].sort(
      (a, b) => a - b,
    );
    const from = moments.find((moment) => {
      const { shop: part, plan } = some(moment);
      return faultsOf(part, plan as unknown as ShopPlan).length === 0;
    });
    starts.set(task.id, from!);
  }
  return shop.orders.reduce((so, { id, dueMin }) => {
    const end = Math.max(
      0,
      ...shop.tasks.flatMap((task) => (task.order === id ? [starts.get(task.id)! + task.minutes] : [])),
    );
    return so + Math.max(0, end - dueMin);
  }, 0);
}

describe('a shop of three hundred tasks', () => {
  it.each([1, 1.5])(
    'breaks nothing, and hands all over at most 5 %% later than any plan, its evenings %d times full',
    (load) => {
      const shop = bigShop(1, load);
      const plan = planned(shop);
      expect(faultsOf(shop, plan)).toEqual([]);
      const dueMin = shop.orders.map((order) => order.dueMin);
      expect(handoverGap(dueMin, plan)).toBeLessThan(0.05);
    },
  );
});
