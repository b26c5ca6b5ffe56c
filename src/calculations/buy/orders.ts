import { z } from 'zod';
import { done, fail } from '@/core/problems/problem';
import { planOrders } from '@/core/stock/plan-orders';
import { defineCalculation } from '../calculation';
import { count, notNegative, positive, text } from '../fields';

export const buyOrders = defineCalculation({
  name: 'buy.orders',
  summary: 'The cheapest orders that cover all, with post, free post and price breaks.',
  sources: [
    'an integer program solved to proof by branch and cut (HiGHS), its answer checked again in whole packs',
  ],
  input: z.strictObject({
    needs: z.array(z.strictObject({ item: text, qty: notNegative })).min(1),
    sellers: z.array(
      z.strictObject({
        id: text,
        postage: notNegative,
        freeFrom: notNegative.nullable().optional().describe('goods from which the post is free'),
      }),
    ),
    offers: z.array(
      z.strictObject({
        sellerId: text,
        item: text,
        packId: text,
        packQty: positive,
        price: notNegative.describe('of one pack'),
        breaks: z
          .array(z.strictObject({ from: z.int().min(1), price: notNegative }))
          .optional()
          .describe('the price of all packs of the offer from so many on'),
        maxPacks: count.optional().describe('as many as there are; no bound where absent'),
      }),
    ),
  }),
  output: z.strictObject({
    orders: z.array(
      z.strictObject({
        sellerId: z.string(),
        packs: z.array(z.strictObject({ packId: z.string(), packs: count })),
        goods: notNegative,
        postage: notNegative,
      }),
    ),
    cost: notNegative,
    optimal: z.boolean(),
  }),
  example: {
    needs: [{ item: 'hook', qty: 60 }],
    sellers: [{ id: 'harbor', postage: 5, freeFrom: 30 }],
    offers: [{ sellerId: 'harbor', item: 'hook', packId: 'hooks 10', packQty: 10, price: 4.8 }],
  },
  run: async ({ needs, sellers, offers }, options) => {
    const again = sellers.findIndex(({ id }, at) => sellers.findIndex((each) => each.id === id) !== at);
    const twice = sellers[again];
    if (twice) return fail('buy.same-seller-twice', { sellerId: twice.id }, ['sellers', again, 'id']);
    const lost = offers.findIndex(({ sellerId }) => !sellers.some(({ id }) => id === sellerId));
    const stray = offers[lost];
    if (stray)
      return fail('buy.unknown-seller', { sellerId: stray.sellerId, packId: stray.packId }, [
        'offers',
        lost,
        'sellerId',
      ]);
    const double = offers.findIndex(
      (offer, at) =>
        offers.findIndex((each) => each.packId === offer.packId && each.sellerId === offer.sellerId) !== at,
    );
    const same = offers[double];
    if (same)
      return fail('buy.same-pack-twice', { packId: same.packId, item: same.item }, [
        'offers',
        double,
        'packId',
      ]);
    const planned = await planOrders(
      needs,
      offers.map(({ breaks = [], ...offer }) => ({ ...offer, breaks })),
      sellers.map(({ id, postage, freeFrom = null }) => ({ sellerId: id, postage, freeFrom })),
      options,
    );
    if (!planned.ok) return planned;
    const { orders, cost, optimal } = planned.value;
    return done({
      orders: orders.map(({ sellerId, lines, goods, postage }) => ({
        sellerId,
        packs: lines.map(({ packId, packs }) => ({ packId, packs })),
        goods,
        postage,
      })),
      cost,
      optimal,
    });
  },
});
