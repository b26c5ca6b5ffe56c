import { z } from 'zod';
import { notNegative, positive } from '../fields';

const placement = {
  sign: z
    .union([z.literal(1), z.literal(-1)])
    .optional()
    .describe('-1 cuts; 1 where absent'),
  count: z.int().min(1).optional().describe('how many alike; 1 where absent'),
  zMm: z.number().optional().describe('where its foot stands on the axis; 0 where absent'),
};

const profile = z
  .array(z.tuple([notNegative.describe('from the axis, mm'), z.number().describe('up the axis, mm')]))
  .min(2);

const sizes = { xMm: positive, yMm: positive, zSizeMm: positive };

const part = z.discriminatedUnion('shape', [
  z.strictObject({ shape: z.literal('cylinder'), diameterMm: positive, heightMm: positive, ...placement }),
  z.strictObject({
    shape: z.literal('frustum'),
    bottomDiameterMm: notNegative,
    topDiameterMm: notNegative,
    heightMm: positive,
    ...placement,
  }),
  z.strictObject({ shape: z.literal('sphere'), diameterMm: positive, ...placement }),
  z.strictObject({ shape: z.literal('hemisphere'), diameterMm: positive, ...placement }),
  z.strictObject({ shape: z.literal('ellipsoid'), ...sizes, ...placement }),
  z.strictObject({ shape: z.literal('box'), ...sizes, ...placement }),
  z.strictObject({ shape: z.literal('revolve'), profile, ...placement }),
  z.strictObject({
    shape: z.literal('loft'),
    section: z.enum(['round', 'square', 'half']),
    depth: positive.describe('how many times as wide across as the profile'),
    profile,
    ...placement,
  }),
]);

export const solid = z
  .strictObject({ parts: z.array(part).min(1) })
  .describe('parts standing along one axis that do not overlap');
