import { cheapestRoutes, type RouteNode } from '@/core/cost/cheapest-route';
import type { CostSlice } from '@/core/cost/cost-slice';
import { demoBench } from '@/demo/demo-bench';
import { costOf } from '@/model/cost/cost-facts';
import { sliceOf } from '@/model/cost/cost-slices';
import { stagePays } from '@/model/cost/outlays';
import { costablePieces } from '@/model/cost/pieces';
import { buyNeeds } from '@/model/stock/buying';
import { viewOf } from '../../../tests/support/view-of';
import { payWorking, routeWorking, sliceWorking } from './cost-working';
import { promisedWorking } from './stock-working';

const view = viewOf(demoBench(Date.UTC(2026, 10, 23, 12)));
const money = (step: string) => [...step.matchAll(/€ (-?[\d.]+)/g)].map(([, value]) => Number(value));
const last = <T>(all: readonly T[]): T => all.at(-1)!;

describe('workings of money', () => {
  const whole: RouteNode = {
    id: 'whole',
    ownCost: 0.5,
    ownMinutes: 4,
    partsCost: 0.25,
    buy: { each: 6, postage: 4, leadDays: 5 },
    under: [
      {
        id: 'cast',
        ownCost: 0.2,
        ownMinutes: 1,
        partsCost: 0.3,
        buy: { each: 0.9, postage: 2, leadDays: 3 },
        under: [],
      },
      { id: 'skirt:1', ownCost: 0.6, ownMinutes: 3, partsCost: 0.7, buy: null, under: [] },
    ],
  };

  it('of every way to come by a piece add up to what the way costs', () => {
    const routes = cheapestRoutes({ whole, count: 20, days: null, minutesPerDay: 60 });
    expect(routes).toHaveLength(3);
    for (const route of routes) {
      const { steps } = routeWorking(route, whole, 20, { ...whole, name: 'A bait', parts: [] }, '€');
      const lines = steps.slice(0, -1).flatMap(money);
      expect(lines.reduce((so, each) => so + each, 0)).toBeCloseTo(route.costEach, 2);
      expect(money(last(steps))).toEqual([Number(route.costEach.toFixed(2))]);
    }
  });

  it('of an outlay say from how many pieces on it has paid', () => {
    const [pay] = stagePays(costablePieces(view, 'g'), view).filter(({ pieces }) => pieces !== null);
    const [saved, pieces] = payWorking(pay!, '€').steps;
    const [bought, made, each] = money(saved!);
    expect(bought! - made!).toBeCloseTo(each!, 2);
    expect(pieces).toContain(`= ${pay!.pieces} pieces`);
  });

  it('of what is made list what it is of, down to hands and power', () => {
    const [piece] = costablePieces(view, 'g').filter(({ piece: { kind } }) => kind === 'build');
    const slice = sliceOf(costOf(piece!.piece, 20, view), view, '€');
    const check = ({ slices, each, how, money: text }: CostSlice): void => {
      expect(how.length).toBeGreaterThan(0);
      if (slices.length > 0) {
        expect(how.flatMap(money).reduce((so, value) => so + value, 0)).toBeCloseTo(each, 1);
        expect(how).toHaveLength(slices.length);
      }
      expect(text).toContain('€');
      slices.forEach(check);
    };
    check(slice);
    const hands = slice.slices.find(({ tone }) => tone === 'hands')!;
    const [minutes, , rate] = /([\d.]+) min (.*)× € ([\d.]+) an hour/.exec(hands.how[0]!)!.slice(1);
    // Of 20, none fail in this log: minutes at the rate is what hands cost.
    expect((Number(minutes) * Number(rate)) / 60).toBeCloseTo(hands.each, 1);
    expect(last(sliceWorking(hands).steps)).toBe(`= ${hands.money}`);
  });
});

describe('the working of what is promised', () => {
  it('shares it among tickets, all together as the shelf has it', () => {
    const short = buyNeeds(view, false).filter(({ promised }) => promised > 0);
    expect(short.length).toBeGreaterThan(0);
    for (const { binId, promised } of short) {
      const { steps } = promisedWorking(view.binById.get(binId)!, view, 'g');
      const each = steps.slice(0, -1).map((step) => Number(/: ([\d.]+)$/.exec(step)![1]));
      expect(each.reduce((so, qty) => so + qty, 0)).toBeCloseTo(promised, 6);
    }
  });
});
