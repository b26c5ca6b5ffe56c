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

interface Way {
  readonly bought: readonly string[];
  /** For all. */
  readonly cost: number;
  readonly minutes: number;
  readonly leadDays: number;
}

/** Every way to come by a node: bought, or made of every way to come by what is under it. */
function waysOf(node: RouteNode, count: number): Way[] {
  const bought: Way[] = node.buy
    ? [
        {
          bought: [node.id],
          cost: node.buy.each * count + node.buy.postage,
          minutes: 0,
          leadDays: node.buy.leadDays,
        },
      ]
    : [];
  const made = node.under.reduce<Way[]>(
    (ways, under) =>
      ways.flatMap((way) =>
        waysOf(under, count).map((more) => ({
          bought: [...way.bought, ...more.bought],
          cost: way.cost + more.cost,
          minutes: way.minutes + more.minutes,
          leadDays: Math.max(way.leadDays, more.leadDays),
        })),
      ),
    [
      {
        bought: [],
        cost: (node.ownCost + node.partsCost) * count,
        minutes: node.ownMinutes * count,
        leadDays: 0,
      },
    ],
  );
  return [...made, ...bought];
}

/**
 * Every way to come by so many pieces, the cheapest that is in time first, then what is late. What is bought in must
 * come before work on it can end; hands work while it is on its way.
 *
 * @example cheapestRoutes({ whole, count: 50, days: 10, minutesPerDay: 60 })[0]?.bought // ['skirt']
 */
export function cheapestRoutes({ whole, count, days, minutesPerDay }: RouteQuestion): Route[] {
  return waysOf(whole, count)
    .map(({ bought, cost, minutes, leadDays }): Route => {
      const handDays = minutesPerDay > 0 ? minutes / minutesPerDay : minutes > 0 ? Infinity : 0;
      // Work that waits for parts can at best fill the wait.
      const takes = Math.max(leadDays, handDays);
      return {
        bought,
        costEach: cost / count,
        minutes,
        days: takes,
        isInTime: days === null || takes <= days,
      };
    })
    .sort((a, b) => Number(b.isInTime) - Number(a.isInTime) || a.costEach - b.costEach || a.days - b.days);
}
