import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { countBuildable } from '@/core/stock/count-buildable';
import { defineCalculation } from '../calculation';
import { count, itemAmount, shelfAmount, text } from '../fields';

export const stockBuildable = defineCalculation({
  name: 'stock.buildable',
  summary: 'How many of a recipe the free shelf gives, and what runs out first.',
  sources: ['count = min over items of floor(free / qty)'],
  input: z.strictObject({ recipe: z.array(itemAmount).min(1), shelf: z.array(shelfAmount) }),
  output: z.strictObject({ count, limiting: z.array(text) }),
  example: {
    recipe: [
      { item: 'head', qty: 1 },
      { item: 'tab', qty: 2.5 },
    ],
    shelf: [
      { item: 'head', onHand: 30, reserved: 6 },
      { item: 'tab', onHand: 46, reserved: 0 },
    ],
  },
  run: ({ recipe, shelf }) => {
    const buildable = countBuildable(recipe, shelf);
    return done({ count: buildable.count, limiting: [...buildable.limiting] });
  },
});
