import { planPours } from '../pours/plan-pours';
import { budgetSession } from './budget-session';
import { castFromCavity } from './cast-from-cavity';
import type { CavityFacts, LineWant, MoldFacts } from './facts';
import { headKey } from './head-key';
import { judgeCavity } from './judge-cavity';
import { layOutSession } from './lay-out-session';
import { promiseStock } from './promise-stock';

const METAL = { id: 'lot', densityGcm3: 10, shrinkLinear: 0 };
const HOOK = { id: 'hook', size: '2/0', massG: 0.785 };
const HOOKS = new Map([
  [HOOK.id, HOOK],
  ['long', { id: 'long', size: '3/0', massG: 1.57 }],
]);

const cavity = (nominalG: number, change: Partial<CavityFacts> = {}): CavityFacts => ({
  style: 'round',
  nominalG,
  // Its mark holds: the metal and the hook of 2/0 together weigh it.
  volumeCm3: (nominalG - 0.785) / 10 + 0.05,
  hookSizes: ['2/0'],
  hookShare: 0.5,
  inserts: [],
  ...change,
});

const mold = (id: string, cavities: CavityFacts[], change: Partial<MoldFacts> = {}): MoldFacts => ({
  id,
  kind: 'bar',
  secondsPerPour: 40,
  setupSeconds: 600,
  spruePerPourG: 5,
  copies: 1,
  maxPours: null,
  cavities,
  ...change,
});

const want = (lineId: string, nominalG: number, left: number, change: Partial<LineWant> = {}): LineWant => ({
  ticketId: 'ticket',
  lineId,
  style: 'round',
  nominalG,
  hookBinId: 'hook',
  metalBinId: 'lot',
  left,
  dueOn: null,
  toleranceShare: 0.05,
  ...change,
});

describe('castFromCavity', () => {
  it('takes the hook and the pin out of the metal, and adds the hook', () => {
    const cast = castFromCavity(
      cavity(10, { inserts: [{ name: 'pin', massG: 0, volumeCm3: 0.1, removed: true }] }),
      METAL,
      HOOK,
    );
    expect(cast.ok && cast.value.finishedG).toBeCloseTo(9, 9);
    expect(cast.ok && cast.value.metalG).toBeCloseTo(8.215, 9);
  });
});

describe('judgeCavity', () => {
  it('goes by the true weight, not by the mark', () => {
    expect(judgeCavity(cavity(10), want('l', 10, 1), METAL, HOOK, 0.05)).toMatchObject({ fits: true });
    expect(judgeCavity(cavity(10), want('l', 10.4, 1), METAL, HOOK, 0.05)).toMatchObject({ fits: true });
    const light = judgeCavity(cavity(10), want('l', 10, 1), { ...METAL, densityGcm3: 7 }, HOOK, 0.05);
    expect(light).toMatchObject({ fits: false, why: 'weight' });
    expect(!light.fits && light.why === 'weight' && light.offShare).toBeLessThan(-0.2);
  });

  it('takes a cavity that nobody weighed at its mark in lead, and as much lighter as another metal is', () => {
    // Guessed a tenth too large: weighed so, it would be refused.
    const guessed = cavity(10, { volumeCm3: 1.1, volumeBasis: 'guess' });
    expect(
      judgeCavity({ ...guessed, volumeBasis: 'weighed' }, want('l', 10, 1), METAL, HOOK, 0.05),
    ).toMatchObject({ fits: false });
    const lead = { ...METAL, densityGcm3: 11.34, shrinkLinear: 0.0089 };
    const onMark = judgeCavity(guessed, want('l', 10, 1), lead, HOOK, 0.01);
    expect(onMark).toMatchObject({ fits: true, finishedG: 10 });
    const pewter = judgeCavity(guessed, want('l', 10, 1), { ...lead, densityGcm3: 7.3 }, HOOK, 0.05);
    expect(pewter).toMatchObject({ fits: false, why: 'weight' });
    expect(!pewter.fits && pewter.why === 'weight' && pewter.finishedG).toBeLessThan(7.2);
  });

  it('asks for the style, the hook and room', () => {
    expect(judgeCavity(cavity(10), want('l', 10, 1, { style: 'egg' }), METAL, HOOK, 0.05)).toMatchObject({
      why: 'style',
    });
    expect(judgeCavity(cavity(10), want('l', 10, 1), METAL, HOOKS.get('long')!, 0.05)).toMatchObject({
      why: 'hook',
      hookSizes: ['2/0'],
    });
    expect(judgeCavity(cavity(10), want('l', 10, 1), METAL, null, 0.05)).toMatchObject({ why: 'hook' });
    expect(judgeCavity(cavity(10, { volumeCm3: 0.04 }), want('l', 10, 1), METAL, HOOK, 0.05)).toMatchObject({
      why: 'no-room',
    });
  });
});

describe('layOutSession', () => {
  it('gives like heads one key, and serves who is due first', () => {
    const session = layOutSession(
      [
        want('late', 10, 5, { dueOn: '2027-01-09' }),
        want('soon', 10, 7, { dueOn: '2027-01-02' }),
        want('never', 10, 1),
      ],
      [mold('A', [cavity(10)])],
      METAL,
      HOOKS,
    );
    expect(session.demand).toEqual([{ key: 'round|10|hook', count: 13 }]);
    expect(session.wants.map(({ lineId }) => lineId)).toEqual(['soon', 'late', 'never']);
  });

  it('leaves out other metals, what is cast, and molds of no use', () => {
    const session = layOutSession(
      [want('a', 10, 4), want('b', 10, 3, { metalBinId: 'other' }), want('c', 14, 0)],
      [mold('A', [cavity(10), cavity(14)]), mold('B', [cavity(21)])],
      METAL,
      HOOKS,
    );
    expect(session.demand).toEqual([{ key: headKey(want('a', 10, 4)), count: 4 }]);
    expect(session.molds).toEqual([
      { id: 'A', cavities: [['round|10|hook'], []], secondsPerPour: 40, setupSeconds: 600, fillAll: false },
    ]);
  });

  it('brings back a line nobody makes with what came nearest', () => {
    const session = layOutSession(
      [want('a', 12, 4)],
      [mold('A', [cavity(10), cavity(21, { style: 'dart' })])],
      METAL,
      HOOKS,
    );
    expect(session.demand).toEqual([]);
    expect(session.unmade).toMatchObject([
      { want: { lineId: 'a' }, nearest: { moldId: 'A', cavity: 0, verdict: { why: 'weight' } } },
    ]);
  });

  it('lets a cavity that takes two hooks serve two lines', async () => {
    const both = cavity(10, { hookSizes: ['2/0', '3/0'] });
    const session = layOutSession(
      [want('a', 10, 4), want('b', 10, 3, { hookBinId: 'long', toleranceShare: 0.2 })],
      [mold('A', [both])],
      METAL,
      HOOKS,
    );
    expect(session.molds[0]!.cavities).toEqual([['round|10|hook', 'round|10|long']]);
    const plan = await planPours(session.demand, session.molds);
    expect(plan.ok && plan.value.pours).toBe(7);
  });

  it('gives every cavity of a spun disc a head, wanted or not', () => {
    const sinker = (nominalG: number) =>
      cavity(nominalG, { style: 'egg', hookSizes: [], volumeCm3: nominalG / 10 });
    const session = layOutSession(
      [want('a', 8, 4, { style: 'egg', hookBinId: null })],
      [mold('disc', [sinker(8), sinker(15)], { kind: 'spun' })],
      METAL,
      HOOKS,
    );
    expect(session.molds[0]).toMatchObject({ fillAll: true, cavities: [['egg|8|-'], ['egg|15|-']] });
    expect(session.heads.map(({ key }) => key)).toEqual(['egg|8|-', 'egg|15|-']);
    expect(session.cells).toHaveLength(2);
  });
});

describe('budgetSession', () => {
  const pot = { capacityG: 4500, heelG: 100, drossShare: 0, scrapShare: 0.1 };

  it('adds up the metal and the hooks of a plan', async () => {
    const molds = [mold('A', [cavity(10), cavity(14)])];
    const session = layOutSession([want('a', 10, 18), want('b', 14, 9)], molds, METAL, HOOKS);
    const plan = await planPours(session.demand, session.molds);
    const budget = plan.ok ? budgetSession(session, plan.value, molds, pot) : null;
    if (!budget?.ok) throw new Error('no budget');
    // Of 22 at nine in ten good, 18 are good nine times in ten; of 11, 9 are. 18 pours for 27 are 22 for 33.
    expect(budget.value.castPieces).toEqual([22, 11]);
    expect(budget.value.poursOf).toEqual(new Map([['A', 22]]));
    expect(budget.value.chargeG).toBeCloseTo(22 * 9.215 + 11 * 13.215 + 22 * 5 + 100, 9);
    expect(budget.value.hooks).toEqual(new Map([['hook', 33]]));
    expect(budget.value.finishedG).toBeCloseTo(18 * 10 + 9 * 14, 9);
  });

  it('charges what warms the blocks too, which goes back and is not used up', async () => {
    const facts = mold('A', [cavity(10), cavity(14)]);
    const session = layOutSession([want('a', 10, 18), want('b', 14, 9)], [facts], METAL, HOOKS);
    const plan = await planPours(session.demand, session.molds);
    if (!plan.ok) throw new Error('no plan');
    const of = (warmUpPours: number) => {
      const budget = budgetSession(session, plan.value, [{ ...facts, warmUpPours }], pot);
      if (!budget.ok) throw new Error('no budget');
      return budget.value;
    };
    const [cold, warm] = [of(0), of(2)];
    // Two pours as they mostly are, 18 castings and 9 on 18 of them, each with its sprue.
    const each = (18 * 9.215 + 9 * 13.215) / 18 + 5;
    expect(warm.warmUpG).toBeCloseTo(2 * each, 9);
    expect(warm.chargeG - cold.chargeG).toBeCloseTo(2 * each, 9);
    expect(warm.sprueG).toBeCloseTo(cold.sprueG, 9);
    expect(warm.consumedG).toBeCloseTo(cold.consumedG, 9);
  });

  it('takes nothing for nothing', () => {
    const session = layOutSession([], [], METAL, HOOKS);
    const plan = { totalSeconds: 0, pours: 0, runs: [], overPour: [], optimal: true, boundSeconds: 0 };
    expect(budgetSession(session, plan, [], pot)).toMatchObject({
      ok: true,
      value: { chargeG: 0, potFills: 0 },
    });
  });
});

describe('promiseStock', () => {
  it('promises hooks and metal for what is to be cast, and heads that wait for their order', () => {
    const promised = promiseStock(
      [
        { ...want('a', 10, 6), metalEachG: 9 },
        { ...want('b', 10, 4, { hookBinId: null }), metalEachG: 10 },
        { ...want('c', 10, 0), metalEachG: 10 },
        // Bought heads come with their hooks, and are cast of nothing here.
        { ...want('d', 10, 7), metalBinId: null, metalEachG: 10 },
      ],
      [{ binId: 'heads', count: 12 }],
    );
    expect(promised).toEqual(
      new Map([
        ['lot', 94],
        ['hook', 6],
        ['heads', 12],
      ]),
    );
  });
});
