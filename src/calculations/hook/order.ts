import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { orderHooks } from '@/core/units/order-hooks';
import { defineCalculation } from '../calculation';

export const hookOrder = defineCalculation({
  name: 'hook.order',
  summary: 'Puts hook sizes in order, smallest hook first.',
  sources: ['Trade usage: #n hooks grow as n falls, n/0 hooks grow with n'],
  input: z.strictObject({ sizes: z.array(z.string()) }),
  output: z.strictObject({ sorted: z.array(z.string()) }),
  example: { sizes: ['3/0', '6', '1/0', '#10', '#1'] },
  run: ({ sizes }) => {
    const ordered = orderHooks(sizes);
    return ordered.ok ? done({ sorted: ordered.value }) : ordered;
  },
});
