import fc from 'fast-check';
import { costBill, type BillPart, type StageFacts } from './bill';
import { cheapestRoutes, type RouteNode } from './cheapest-route';
import { openPurse } from './purse';

const leaf = (item: string, qty: number): BillPart => ({
  id: item,
  name: item,
  item,
  qty,
  stage: null,
  parts: [],
});
const made = (id: string, stage: string, parts: readonly BillPart[], qty = 1): BillPart => ({
  id,
  name: id,
  item: null,
  qty,
  stage,
  parts,
});
const STAGE: StageFacts = {
  minutesEach: 2,
  ratePerHour: 12,
  kWhEach: 0.1,
  pricePerKWh: 0.3,
  scrapShare: 0,
  losesParts: true,
  tooling: [{ name: 'vise', cost: 80, lifePieces: 8e3 }],
};

describe('openPurse', () => {
  it('pays lot after lot, and says where it guesses', () => {
    const pay = openPurse((item) =>
      item === 'hook'
        ? {
            lots: [
              { qty: 2, unitCost: 1 },
              { qty: 5, unitCost: 3 },
            ],
            usual: null,
          }
        : { lots: [], usual: null },
    );
    expect(pay('hook', 3)).toEqual({ cost: 5, isGuess: false });
    expect(pay('hook', 4)).toEqual({ cost: 12, isGuess: false });
    expect(pay('hook', 2)).toEqual({ cost: 6, isGuess: true });
    expect(pay('bead', 1)).toEqual({ cost: null, isGuess: true });
  });
});

describe('costBill', () => {
  const bait = made('bait', 'build', [
    leaf('bead', 3),
    made('head', 'pour', [leaf('metal', 10), leaf('hook', 1)]),
  ]);
  const prices: Record<string, number> = { bead: 0.02, metal: 0.005, hook: 0.2 };
  const purse = () =>
    openPurse((item) => ({ lots: [{ qty: 1e6, unitCost: prices[item] ?? 0 }], usual: null }));

  it('adds up by hand: three beads, ten grams, a hook, two stages', () => {
    const cost = costBill(bait, 10, purse(), () => STAGE);
    const stageEach = (2 / 60) * 12 + 80 / 8000 + 0.03;
    expect(cost.each).toBeCloseTo(0.06 + 0.05 + 0.2 + 2 * stageEach, 12);
    expect(cost).toMatchObject({ isGuess: false, labour: 0.8 });
    expect(cost.parts[1]!.each).toBeCloseTo(0.25 + stageEach, 12);
    expect(cost.own.labour).toBeCloseTo(0.4, 12);
  });

  it('takes real prices first in, first out over all of a run', () => {
    const pay = openPurse(() => ({
      lots: [
        { qty: 15, unitCost: 0.1 },
        { qty: 100, unitCost: 0.4 },
      ],
      usual: null,
    }));
    // Ten baits of three beads: fifteen at the old price, fifteen at the new.
    const cost = costBill(made('bait', 'build', [leaf('bead', 3)]), 10, pay, () => null);
    expect(cost.each).toBeCloseTo((15 * 0.1 + 15 * 0.4) / 10, 12);
  });

  it('begins more where some fail: parts too, unless they go back', () => {
    const scrap = { ...STAGE, scrapShare: 0.2 };
    const lost = costBill(made('head', 'pour', [leaf('metal', 10)]), 5, purse(), () => scrap);
    expect(lost.materials).toBeCloseTo((10 * 0.005) / 0.8, 12);
    expect(lost.labour).toBeCloseTo(0.4 / 0.8, 12);
    const kept = costBill(made('head', 'pour', [leaf('metal', 10)]), 5, purse(), () => ({
      ...scrap,
      losesParts: false,
    }));
    expect(kept.materials).toBeCloseTo(0.05, 12);
    expect(kept.labour).toBeCloseTo(lost.labour, 12);
  });

  it('is the sum of its parts and its own work, whatever the bill', () => {
    const bill: fc.Arbitrary<BillPart> = fc.letrec<{ part: BillPart }>((tie) => ({
      part: fc.oneof(
        { maxDepth: 3 },
        fc.integer({ min: 1, max: 9 }).map((qty) => leaf('bead', qty)),
        fc
          .tuple(fc.integer({ min: 1, max: 3 }), fc.array(tie('part'), { maxLength: 3 }))
          .map(([qty, parts]) => made('m', 'build', parts, qty)),
      ),
    })).part;
    fc.assert(
      fc.property(bill, fc.integer({ min: 1, max: 20 }), (part, count) => {
        const cost = costBill(part, count, purse(), () => STAGE);
        const check = (each: typeof cost): void => {
          const own = each.own.labour + each.own.tooling + each.own.energy + each.own.materials;
          const under = each.parts.reduce((so, { each: part }) => so + part, 0);
          if (each.item === null) expect(each.each).toBeCloseTo(own + under, 9);
          expect(each.each).toBeCloseTo(each.materials + each.labour + each.tooling + each.energy, 9);
          each.parts.forEach(check);
        };
        check(cost);
      }),
    );
  });
});

describe('cheapestRoutes', () => {
  const node = (id: string, change: Partial<RouteNode> = {}): RouteNode => ({
    id,
    ownCost: 1,
    ownMinutes: 3,
    partsCost: 0.5,
    buy: null,
    under: [],
    ...change,
  });

  it('buys in what is cheaper, and what would be late', () => {
    const whole = node('bait', {
      under: [
        node('head', { buy: { each: 1.2, postage: 3, leadDays: 4 } }),
        node('skirt', { ownMinutes: 6, buy: { each: 2, postage: 2, leadDays: 3 } }),
      ],
    });
    const [best] = cheapestRoutes({ whole, count: 50, days: null, minutesPerDay: 60 });
    // Fifty heads bought: 1.2 and a share of the post against 1.5 made. Skirts at 2 are dearer than 1.5.
    expect(best).toMatchObject({ bought: ['head'], costEach: 1.5 + 1.2 + 0.06 + 1.5 });
    const [hurried] = cheapestRoutes({ whole, count: 50, days: 7, minutesPerDay: 60 });
    expect(hurried).toMatchObject({ bought: ['head', 'skirt'], isInTime: true });
    const [late] = cheapestRoutes({ whole, count: 50, days: 1, minutesPerDay: 60 });
    expect(late?.isInTime).toBe(false);
  });

  it('lets hands wait for what is bought: seven days for the parts and five of work are twelve, not seven', () => {
    const bought = node('head', { ownMinutes: 600, buy: { each: 0.1, postage: 0, leadDays: 7 } });
    const whole = node('bait', { ownMinutes: 6, under: [bought] });
    const routes = cheapestRoutes({ whole, count: 50, days: 10, minutesPerDay: 60 });
    const route = routes.find(({ bought: ids }) => ids.length === 1)!;
    expect(route).toMatchObject({ days: 12, isInTime: false });
    // What needs none of it is done meanwhile.
    const meanwhile = { ...whole, under: [bought, node('skirt', { ownMinutes: 8.4 })] };
    const both = cheapestRoutes({ whole: meanwhile, count: 50, days: null, minutesPerDay: 60 });
    expect(both.find(({ bought: ids }) => ids[0] === 'head')?.days).toBeCloseTo(12, 9);
  });

  it('finds what trying every choice finds', () => {
    const money = fc.integer({ min: 0, max: 40 }).map((cents) => cents / 10);
    const buy = fc.option(
      fc.record({ each: money, postage: money, leadDays: fc.integer({ min: 0, max: 9 }) }),
    );
    const piece = fc.record({
      ownCost: money,
      partsCost: money,
      ownMinutes: fc.integer({ min: 0, max: 9 }),
      buy,
    });
    fc.assert(
      fc.property(
        piece,
        fc.array(piece, { maxLength: 3 }),
        fc.integer({ min: 1, max: 30 }),
        (top, under, count) => {
          const whole = node('top', { ...top, under: under.map((each, nth) => node(`u${nth}`, each)) });
          const days = 6;
          const routes = cheapestRoutes({ whole, count, days, minutesPerDay: 30 });
          // Twin: a bit for every piece under, and the whole bought.
          const twin: { cost: number; late: boolean }[] = top.buy
            ? [{ cost: top.buy.each * count + top.buy.postage, late: top.buy.leadDays > days }]
            : [];
          for (let bits = 0; bits < 2 ** under.length; bits += 1) {
            let [cost, minutes, lead, isOpen] = [
              (top.ownCost + top.partsCost) * count,
              top.ownMinutes * count,
              0,
              true,
            ];
            under.forEach((each, nth) => {
              if (((bits >> nth) & 1) === 0) {
                cost += (each.ownCost + each.partsCost) * count;
                minutes += each.ownMinutes * count;
              } else if (each.buy) {
                cost += each.buy.each * count + each.buy.postage;
                lead = Math.max(lead, each.buy.leadDays);
              } else isOpen = false;
            });
            // What is made under it is done while the bought comes; its own work begins when all is there.
            const own = (top.ownMinutes * count) / 30;
            if (isOpen) twin.push({ cost, late: Math.max(lead, minutes / 30 - own) + own > days });
          }
          const inTime = twin.filter(({ late }) => !late);
          const best = Math.min(...(inTime.length > 0 ? inTime : twin).map(({ cost }) => cost));
          expect(routes).toHaveLength(twin.length);
          expect(routes[0]!.costEach * count).toBeCloseTo(best, 9);
          expect(routes[0]!.isInTime).toBe(inTime.length > 0);
        },
      ),
    );
  });
});
