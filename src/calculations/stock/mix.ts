import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { mixStock } from '@/core/stock/mix-stock';
import { defineCalculation } from '../calculation';
import { count, itemAmount, notNegative, shelfAmount, text } from '../fields';

export const stockMix = defineCalculation({
  name: 'stock.mix',
  summary: 'The whole numbers of each recipe that are worth most from what is on the shelf.',
  sources: ['an integer program solved to proof by branch and cut (HiGHS)'],
  input: z.strictObject({
    recipes: z
      .array(
        z.strictObject({
          id: text,
          uses: z.array(itemAmount).min(1),
          value: notNegative,
          max: count.optional().describe('how many are wanted at most'),
        }),
      )
      .min(1),
    shelf: z.array(shelfAmount),
  }),
  output: z.strictObject({
    make: z.array(z.strictObject({ id: text, count })),
    value: notNegative,
    optimal: z.boolean(),
  }),
  example: {
    recipes: [
      {
        id: 'two blades',
        uses: [
          { item: 'blade', qty: 2 },
          { item: 'frame', qty: 1 },
        ],
        value: 5,
      },
      {
        id: 'one blade',
        uses: [
          { item: 'blade', qty: 1 },
          { item: 'frame', qty: 1 },
        ],
        value: 3,
      },
    ],
    shelf: [
      { item: 'blade', onHand: 7, reserved: 0 },
      { item: 'frame', onHand: 5, reserved: 0 },
    ],
  },
  run: async ({ recipes, shelf }, options) => {
    const mixed = await mixStock(
      recipes.map(({ max, ...recipe }) => (max === undefined ? recipe : { ...recipe, max })),
      shelf,
      options,
    );
    return mixed.ok ? done({ ...mixed.value, make: [...mixed.value.make] }) : mixed;
  },
});
