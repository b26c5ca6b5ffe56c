import * as fc from 'fast-check';
import type { Session } from '../tickets/lay-out-session';
import { countRun } from './count-run';
import { mergePlan } from './merge-plan';
import { nextPour } from './next-pour';
import { planPours } from './plan-pours';
import type { PourPlan } from './pour-plan';
import { sessionLeft } from './session-left';

const KEYS = ['a', 'b', 'c'];
const block = () => ({ fillAll: false, spruePerPourG: 5, copies: 1 });

function sessionFor(counts: Readonly<Record<string, number>>): Session {
  const cavities = { left: [['a'], ['a', 'b']], right: [['b'], ['c']], spare: [['a', 'b', 'c']] };
  const molds = Object.entries(cavities).map(([id, keys]) => ({
    id,
    cavities: keys,
    secondsPerPour: 40,
    setupSeconds: 300,
  }));
  return {
    demand: Object.entries(counts)
      .map(([key, count]) => ({ key, count }))
      .filter(({ count }) => count > 0),
    molds,
    cells: molds.flatMap((mold) =>
      mold.cavities.flatMap((keys, cavity) =>
        keys.map((key) => ({ moldId: mold.id, cavity, key, metalG: 9, finishedG: 10 })),
      ),
    ),
    heads: KEYS.map((key) => ({ key, style: key, nominalG: 10, hookBinId: null })),
    wants: Object.entries(counts).map(([key, count]) => ({ key, ticketId: 't', lineId: key, count })),
    unmade: [],
  };
}

type Pours = {
  moldId: string;
  isWarmUp: boolean;
  castings: { cavity: number; key: string; good: boolean }[];
}[];

function begin(session: Session, plan: PourPlan) {
  return {
    metalBinId: 'lot',
    chargedG: 5000,
    topUps: [],
    blocks: plan.runs.map(({ moldId, pours, fills }) => ({ moldId, ...block(), plannedPours: pours, fills })),
    heads: session.heads,
    cells: session.cells,
    wants: session.wants,
  };
}

/** Pours one block after another, so many pours in all; every seventh casting fails. */
function pour(run: ReturnType<typeof begin>, pours: Pours, most: number): Pours {
  const all = [...pours];
  for (const { moldId, fills, fillAll, copies } of run.blocks) {
    for (;;) {
      const cast = all.filter((each) => each.moldId === moldId).flatMap(({ castings }) => castings);
      const next = nextPour(fills, cast, fillAll, copies);
      if (next.length === 0 || all.length - pours.length >= most) break;
      const before = all.reduce((so, { castings }) => so + castings.length, 0);
      const castings = next.map((slot, index) => ({ ...slot, good: (before + index) % 7 !== 6 }));
      all.push({ moldId, isWarmUp: false, castings });
    }
  }
  return all;
}

const planOf = async (session: Session): Promise<PourPlan> => {
  if (session.demand.length === 0) {
    return { totalSeconds: 0, pours: 0, runs: [], overPour: [], optimal: true, boundSeconds: 0 };
  }
  const planned = await planPours(session.demand, session.molds);
  if (!planned.ok) throw new Error(planned.problem.code);
  return planned.value;
};

const goodOf = (pours: Pours) => {
  const good = new Map<string, number>();
  for (const { key, good: isGood } of pours.flatMap(({ castings }) => castings)) {
    if (isGood) good.set(key, (good.get(key) ?? 0) + 1);
  }
  return good;
};

describe('a run planned anew', () => {
  it('casts all that is asked, whatever was cast before, whatever came and whichever block fell out', async () => {
    const count = fc.integer({ min: 0, max: 12 });
    await fc.assert(
      fc.asyncProperty(
        fc.record({ a: count, b: count, c: fc.integer({ min: 1, max: 12 }) }),
        fc.record({ a: count, b: count, c: count }),
        fc.integer({ min: 0, max: 8 }),
        fc.constantFrom('left', 'right', ''),
        async (first, more, poured, fallen) => {
          const session = sessionFor(first);
          const run = begin(session, await planOf(session));
          const early = pour(run, [], poured);
          const wanted = { a: first.a + more.a, b: first.b + more.b, c: first.c + more.c };
          const { session: left, stranded } = sessionLeft(sessionFor(wanted), early, new Set([fallen]));
          expect(stranded).toEqual([]);
          const merged = mergePlan(run, early, left, await planOf(left), block);
          const onward = { ...run, ...merged, blocks: [...merged.blocks] };
          const all = pour(onward, early, 1000);
          const good = goodOf(all);
          for (const key of KEYS) {
            expect(good.get(key) ?? 0).toBe(Math.max(wanted[key as 'a'], goodOf(early).get(key) ?? 0));
          }
          expect(all.slice(early.length).every(({ moldId }) => moldId !== fallen)).toBe(true);
          expect(countRun(onward, all).ahead).toBe(0);
        },
      ),
      { numRuns: 25 },
    );
  });

  it('keeps what a casting took when it was poured, and a warm block needs no warming', async () => {
    const session = sessionFor({ a: 6, b: 0, c: 2 });
    const run = begin(session, await planOf(session));
    const early = pour(run, [], 1);
    const heavier = { ...session, cells: session.cells.map((cell) => ({ ...cell, metalG: 11 })) };
    const { session: left } = sessionLeft(heavier, early, new Set());
    expect(left.molds.find(({ id }) => id === early[0]!.moldId)!.setupSeconds).toBe(0);
    const merged = mergePlan(run, early, left, await planOf(left), block);
    expect(merged.cells.every(({ metalG }) => metalG === 9)).toBe(true);
    expect(merged.heads).toEqual(run.heads);
  });

  it('counts a block that may be poured so often less what it was, and leaves out one never poured', () => {
    const session = sessionFor({ a: 4, b: 0, c: 0 });
    const molds = session.molds.map((mold) => ({ ...mold, maxPours: 2 }));
    const once = { moldId: 'left', isWarmUp: false, castings: [{ cavity: 0, key: 'a', good: true }] };
    expect(sessionLeft({ ...session, molds }, [once], new Set()).session.molds[0]!.maxPours).toBe(1);
    expect(
      sessionLeft({ ...session, molds }, [once, once], new Set()).session.molds.map(({ id }) => id),
    ).toEqual(['right', 'spare']);
    const none = { totalSeconds: 0, pours: 0, runs: [], overPour: [], optimal: true, boundSeconds: 0 };
    const blocks = ['left', 'right'].map((moldId) => ({ moldId, ...block(), plannedPours: 2, fills: [] }));
    const merged = mergePlan({ ...begin(session, none), blocks }, [once], session, none, block);
    expect(merged.blocks.map(({ moldId, plannedPours }) => [moldId, plannedPours])).toEqual([['left', 1]]);
  });

  it('strands what only a block laid aside could cast, less what it has cast', () => {
    const session = sessionFor({ a: 2, b: 0, c: 5 });
    const cast = { moldId: 'right', isWarmUp: false, castings: [{ cavity: 1, key: 'c', good: true }] };
    const left = sessionLeft(session, [cast], new Set(['right', 'spare']));
    expect(left.stranded).toEqual([{ key: 'c', count: 4 }]);
    expect(left.session.demand).toEqual([{ key: 'a', count: 2 }]);
  });
});
