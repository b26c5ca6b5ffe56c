import { RELATIVE_SLACK } from '../numeric/relative-slack';
import {
  solveIntegerProgram,
  type ProgramOptions,
  type ProgramRow,
  type ProgramVariable,
} from '../numeric/integer-program';
import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';
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
  for (const [item, qty] of needs) {
    if (!packs.some((pack) => pack.item === item)) return fail('buy.not-sold', { item, short: qty, most: 0 });
  }
  // A price break may make more packs than are needed the cheaper buy.
  const mostOf = (pack: SellerPack) =>
    Math.max(
      Math.ceil((wanted.get(pack.item) ?? 0) / pack.packQty - RELATIVE_SLACK),
      ...pack.breaks.map(({ from }) => from),
    );
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
  const rows: ProgramRow[] = [
    ...needs.map(([item, qty]): ProgramRow => ({
      terms: tiers.flatMap(({ pack }, at) =>
        pack.item === item ? [[packsAt(at), pack.packQty / qty] as const] : [],
      ),
      lower: 1 - RELATIVE_SLACK,
      upper: Infinity,
    })),
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
                [freeAt(at), -freeFrom] as const,
              ],
              lower: 0,
              upper: Infinity,
            },
          ]),
    ]),
  ];
  const answer = await solveIntegerProgram(variables, rows, options);
  if (answer.status !== 'optimal' && answer.status !== 'feasible') {
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
    const isFree = freeFrom !== null && goods >= freeFrom - 1e-9;
    return [{ sellerId, lines, goods, postage: isFree ? 0 : postage }];
  });
  const cost = sum(orders.flatMap(({ goods, postage }) => [goods, postage]));
  return done({ orders, cost, optimal: answer.status === 'optimal' });
}
