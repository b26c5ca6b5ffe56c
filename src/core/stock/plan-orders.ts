import { forgivingCeil } from '../numeric/forgiving-ceil';
import { RELATIVE_SLACK } from '../numeric/relative-slack';
import {
  solveIntegerProgram,
  type ProgramOptions,
  type ProgramRow,
  type ProgramVariable,
} from '../numeric/integer-program';
import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';
import { coverRow } from './cover-row';
import { tallyByItem, type ItemAmount } from './tally-by-item';

/** A pack as a seller sells it, cheaper from so many on. */
export interface SellerPack {
  readonly item: string;
  readonly packId: string;
  readonly sellerId: string;
  readonly packQty: number;
  readonly price: number;
  /** Prices of each from so many packs on, rising counts. */
  readonly breaks: readonly { readonly from: number; readonly price: number }[];
  /** As many as there are; no bound where left out. */
  readonly maxPacks?: number | undefined;
}

/** What a seller takes for the post of one order. */
export interface SellerPost {
  readonly sellerId: string;
  readonly postage: number;
  /** No post from this much on; null where it always costs. */
  readonly freeFrom: number | null;
}

export interface OrderLine {
  readonly packId: string;
  readonly packs: number;
  readonly priceEach: number;
}

export interface OrderPlan {
  readonly orders: readonly {
    readonly sellerId: string;
    readonly lines: readonly OrderLine[];
    readonly goods: number;
    readonly postage: number;
  }[];
  readonly cost: number;
  /** Proven: no other orders cost less. */
  readonly optimal: boolean;
}

/** Goods this close under free post are at it; the solver is asked for a little more, for what it forgives itself. */
const MONEY_SLACK = 1e-9;
const FREE_SLACK = MONEY_SLACK / 2;

interface Tier {
  readonly pack: SellerPack;
  readonly from: number;
  readonly to: number;
  readonly price: number;
}

/** The prices of a pack, each with the counts for which it holds, no more packs than could ever be wanted. */
function tiersOf(pack: SellerPack, most: number): Tier[] {
  const steps = [{ from: 1, price: pack.price }, ...[...pack.breaks].sort((a, b) => a.from - b.from)];
  return steps.flatMap(({ from, price }, nth) => {
    const to = Math.min(most, (steps[nth + 1]?.from ?? Infinity) - 1);
    return from <= to ? [{ pack, from, to, price }] : [];
  });
}

/**
 * The cheapest orders that cover everything that is short: whole packs from several sellers, each with its post, free
 * from some sum on, and prices that fall with the count. Proven by an integer program.
 *
 * Problems: `buy.no-offers`; `buy.not-sold` where nobody sells an item; `plan.unfinished` where the time limit passed
 * with nothing in hand.
 *
 * @example (await planOrders([{ item: 'hook', qty: 60 }], packs, posts)).value.cost // 12.4
 */
export async function planOrders(
  short: readonly ItemAmount[],
  packs: readonly SellerPack[],
  posts: readonly SellerPost[],
  options: ProgramOptions = {},
): Promise<Outcome<OrderPlan>> {
  const needs = [...tallyByItem(short)].filter(([, qty]) => qty > 0);
  if (needs.length === 0) return done({ orders: [], cost: 0, optimal: true });
  if (packs.length === 0) return fail('buy.no-offers', {});
  const wanted = new Map(needs);
  const freeFromOf = new Map(posts.map(({ sellerId, freeFrom }) => [sellerId, freeFrom]));
  // A price break may make more packs than are needed the cheaper buy, and so may free post; past all three none does.
  const mostOf = (pack: SellerPack) => {
    const cheapest = Math.min(pack.price, ...pack.breaks.map(({ price }) => price));
    const freeFrom = freeFromOf.get(pack.sellerId) ?? null;
    const most = Math.max(
      forgivingCeil((wanted.get(pack.item) ?? 0) / pack.packQty),
      freeFrom === null || cheapest === 0 ? 0 : forgivingCeil(freeFrom / cheapest),
      ...pack.breaks.map(({ from }) => from),
    );
    return Math.min(pack.maxPacks ?? Infinity, most);
  };
  for (const [item, qty] of needs) {
    const most = sum(packs.map((pack) => (pack.item === item ? pack.packQty * mostOf(pack) : 0)));
    if (most < qty * (1 - RELATIVE_SLACK)) return fail('buy.not-sold', { item, short: qty, most });
  }
  const tiers = packs.filter(({ item }) => wanted.has(item)).flatMap((pack) => tiersOf(pack, mostOf(pack)));
  const sellers = [...new Set(tiers.map(({ pack }) => pack.sellerId))].map(
    (id) => posts.find(({ sellerId }) => sellerId === id) ?? { sellerId: id, postage: 0, freeFrom: null },
  );
  const count = tiers.length;
  // Packs of each price, whether that price is used, whether a seller is asked, whether its post is free.
  const packsAt = (tier: number) => tier;
  const usedAt = (tier: number) => count + tier;
  const askedAt = (seller: number) => 2 * count + seller;
  const freeAt = (seller: number) => 2 * count + sellers.length + seller;
  const binary = (cost: number): ProgramVariable => ({ cost, lower: 0, upper: 1, whole: true });
  const variables: ProgramVariable[] = [
    ...tiers.map(({ price, to }) => ({ cost: price, lower: 0, upper: to, whole: true })),
    ...tiers.map(() => binary(0)),
    ...sellers.map(({ postage }) => binary(postage)),
    ...sellers.map(({ postage, freeFrom }) => ({
      ...binary(-postage),
      upper: freeFrom === null || postage === 0 ? 0 : 1,
    })),
  ];
  const coverRows = (isRaised: boolean) =>
    needs.map(([item, qty]) => {
      const own = tiers.flatMap(({ pack }, at) =>
        pack.item === item ? [{ at, packQty: pack.packQty }] : [],
      );
      const { coefficients, lower } = coverRow(
        own.map(({ packQty }) => packQty),
        qty,
        isRaised,
      );
      const terms = own.map(({ at }, nth) => [packsAt(at), coefficients[nth] ?? 0] as const);
      return { terms, lower, upper: Infinity };
    });
  const rows: ProgramRow[] = [
    ...tiers.flatMap(({ from, to, pack }, at): ProgramRow[] => [
      {
        terms: [
          [packsAt(at), 1],
          [usedAt(at), -to],
        ],
        lower: -Infinity,
        upper: 0,
      },
      {
        terms: [
          [packsAt(at), 1],
          [usedAt(at), -from],
        ],
        lower: 0,
        upper: Infinity,
      },
      {
        terms: [
          [usedAt(at), 1],
          [askedAt(sellers.findIndex(({ sellerId }) => sellerId === pack.sellerId)), -1],
        ],
        lower: -Infinity,
        upper: 0,
      },
    ]),
    ...[...new Set(tiers.map(({ pack }) => pack))].map((pack): ProgramRow => ({
      terms: tiers.flatMap((tier, at) => (tier.pack === pack ? [[usedAt(at), 1] as const] : [])),
      lower: 0,
      upper: 1,
    })),
    ...sellers.flatMap(({ sellerId, freeFrom }, at): ProgramRow[] => [
      {
        terms: [
          [freeAt(at), 1],
          [askedAt(at), -1],
        ],
        lower: -Infinity,
        upper: 0,
      },
      ...(freeFrom === null
        ? []
        : [
            {
              terms: [
                ...tiers.flatMap(({ pack, price }, tier) =>
                  pack.sellerId === sellerId && price > 0 ? [[packsAt(tier), price] as const] : [],
                ),
                [freeAt(at), -(freeFrom - FREE_SLACK)] as const,
              ],
              lower: 0,
              upper: Infinity,
            },
          ]),
    ]),
  ];
  const covers = (values: readonly number[]) =>
    needs.every(([item, qty]) => {
      const got = sum(
        tiers.map(({ pack }, at) =>
          pack.item === item ? pack.packQty * Math.round(values[packsAt(at)] ?? 0) : 0,
        ),
      );
      return got >= qty * (1 - RELATIVE_SLACK);
    });
  let answer = await solveIntegerProgram(variables, [...coverRows(false), ...rows], options);
  let isProven = true;
  if (answer.values.length > 0 && !covers(answer.values)) {
    // A hair short by the solver's own tolerance: a hair more is asked for, and nothing is called proven.
    isProven = false;
    answer = await solveIntegerProgram(variables, [...coverRows(true), ...rows], options);
  }
  if ((answer.status !== 'optimal' && answer.status !== 'feasible') || !covers(answer.values)) {
    return fail('plan.unfinished', { seconds: options.timeLimitS ?? 0 });
  }
  const packsOf = tiers.map((_, at) => Math.round(answer.values[packsAt(at)] ?? 0));
  const orders = sellers.flatMap(({ sellerId, postage, freeFrom }) => {
    const lines = tiers.flatMap(({ pack, price }, at): OrderLine[] => {
      const many = packsOf[at] ?? 0;
      return pack.sellerId === sellerId && many > 0
        ? [{ packId: pack.packId, packs: many, priceEach: price }]
        : [];
    });
    if (lines.length === 0) return [];
    const goods = sum(lines.map(({ packs: many, priceEach }) => many * priceEach));
    const isFree = freeFrom !== null && goods >= freeFrom - MONEY_SLACK;
    return [{ sellerId, lines, goods, postage: isFree ? 0 : postage }];
  });
  const cost = sum(orders.flatMap(({ goods, postage }) => [goods, postage]));
  return done({ orders, cost, optimal: isProven && answer.status === 'optimal' });
}
