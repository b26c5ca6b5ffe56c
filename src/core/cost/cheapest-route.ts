import { sum } from '../numeric/sum';

/** A piece of a piece that can be made or bought in. */
export interface RouteNode {
  readonly id: string;
  /** Its own work for one, without the nodes under it: money and minutes. */
  readonly ownCost: number;
  readonly ownMinutes: number;
  /** Parts that are taken from the shelf and are no nodes themselves, for one. */
  readonly partsCost: number;
  /** Bought in, ready made; null where nobody sells it. */
  readonly buy: { readonly each: number; readonly postage: number; readonly leadDays: number } | null;
  readonly under: readonly RouteNode[];
}

export interface RouteQuestion {
  readonly whole: RouteNode;
  readonly count: number;
  /** From now to the day; null where there is no hurry. */
  readonly days: number | null;
  /** Hands on the bench a day, on the average. */
  readonly minutesPerDay: number;
}

export interface Route {
  /** What is bought in; all else is made. */
  readonly bought: readonly string[];
  readonly costEach: number;
  readonly minutes: number;
  /** When the last is done. */
  readonly days: number;
  /** Whether that is in time. */
  readonly isInTime: boolean;
}

/** Work on one node, which begins when what it is made of has come. */
interface Task {
  readonly fromDays: number;
  readonly minutes: number;
}

interface Way {
  readonly bought: readonly string[];
  /** For all. */
  readonly cost: number;
  /** What is under a node before the node itself. */
  readonly tasks: readonly Task[];
  /** When the last that is bought for it has come. */
  readonly hereDays: number;
}

/** Every way to come by a node: bought, or made of every way to come by what is under it. */
function waysOf(node: RouteNode, count: number): Way[] {
  const bought: Way[] = node.buy
    ? [
        {
          bought: [node.id],
          cost: node.buy.each * count + node.buy.postage,
          tasks: [],
          hereDays: node.buy.leadDays,
        },
      ]
    : [];
  const parts = node.under.reduce<Way[]>(
    (ways, under) =>
      ways.flatMap((way) =>
        waysOf(under, count).map((more) => ({
          bought: [...way.bought, ...more.bought],
          cost: way.cost + more.cost,
          tasks: [...way.tasks, ...more.tasks],
          hereDays: Math.max(way.hereDays, more.hereDays),
        })),
      ),
    [{ bought: [], cost: (node.ownCost + node.partsCost) * count, tasks: [], hereDays: 0 }],
  );
  const made = parts.map((way): Way => {
    const own: Task = { fromDays: way.hereDays, minutes: node.ownMinutes * count };
    return { ...way, tasks: own.minutes > 0 ? [...way.tasks, own] : way.tasks };
  });
  return [...made, ...bought];
}

/**
 * When one pair of hands has done all tasks, days: what can be begun soonest first, which is the soonest that all can be done;
 * a part is never begun later than what it goes into.
 */
function daysOf({ tasks, hereDays }: Way, minutesPerDay: number): number {
  const inOrder = [...tasks].sort((a, b) => a.fromDays - b.fromDays);
  const done = inOrder.reduce(
    (so, { fromDays, minutes }) =>
      Math.max(so, fromDays) + (minutesPerDay > 0 ? minutes / minutesPerDay : Infinity),
    0,
  );
  return Math.max(done, hereDays);
}

/**
 * Every way to come by so many pieces, the cheapest that is in time first, then what is late. Work waits
 * for what it is done on: hands are on other parts while that is on its way, and on it once it has come.
 *
 * @example cheapestRoutes({ whole, count: 50, days: 10, minutesPerDay: 60 })[0]?.bought // ['skirt']
 */
export function cheapestRoutes({ whole, count, days, minutesPerDay }: RouteQuestion): Route[] {
  return waysOf(whole, count)
    .map((way): Route => {
      const { bought, cost } = way;
      const takes = daysOf(way, minutesPerDay);
      return {
        bought,
        costEach: cost / count,
        minutes: sum(way.tasks.map(({ minutes }) => minutes)),
        days: takes,
        isInTime: days === null || takes <= days,
      };
    })
    .sort((a, b) => Number(b.isInTime) - Number(a.isInTime) || a.costEach - b.costEach || a.days - b.days);
}
