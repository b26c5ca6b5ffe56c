import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { findShortages } from '@/core/stock/find-shortages';
import { defineCalculation } from '../calculation';
import { itemAmount, notNegative, positive, shelfAmount, text } from '../fields';

export const stockShortages = defineCalculation({
  name: 'stock.shortages',
  summary: 'What the shelf lacks of what is needed.',
  sources: ['free = max(0, on hand - reserved); short = needed - free'],
  input: z.strictObject({ needs: z.array(itemAmount).min(1), shelf: z.array(shelfAmount) }),
  output: z.strictObject({
    short: z.array(z.strictObject({ item: text, needed: positive, free: notNegative, short: positive })),
  }),
  example: { needs: [{ item: 'hook 3/0', qty: 24 }], shelf: [{ item: 'hook 3/0', onHand: 21, reserved: 2 }] },
  run: ({ needs, shelf }) => done({ short: findShortages(needs, shelf) }),
});
