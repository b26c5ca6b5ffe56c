import { z } from 'zod';

/** The fields that calculations share. Descriptions show on the reference page and in the JSON Schemas. */

export const notNegative = z.number().min(0);
export const positive = z.number().gt(0);
/** A temperature in C, not under absolute zero. */
export const celsius = z.number().min(-273.15);
export const count = z.int().min(0);
export const share = z.number().min(0).max(1);
/** A share that a formula divides the rest by. */
export const shareUnderOne = z.number().min(0).lt(1);
export const text = z.string().min(1);

export const elementShares = z
  .strictObject({
    Pb: share.optional(),
    Sn: share.optional(),
    Sb: share.optional(),
    Bi: share.optional(),
    Zn: share.optional(),
    Cu: share.optional(),
    Ag: share.optional(),
    As: share.optional(),
    W: share.optional(),
    Fe: share.optional(),
  })
  .describe('mass shares of the elements, sum 1');

/** The shares that were given, by element. */
export function sharesOf(composition: z.output<typeof elementShares>): Record<string, number> {
  return Object.fromEntries(
    Object.entries(composition).filter((entry): entry is [string, number] => entry[1] !== undefined),
  );
}

export const castMetal = z.strictObject({
  densityGcm3: positive.describe('density at 20 C, g/cm3'),
  shrinkLinear: z
    .number()
    .min(-0.02)
    .max(0.05)
    .describe('linear shrink from cavity to cold casting, a share'),
});

export const embeddedPart = z.strictObject({
  name: text,
  count: count.optional().describe('1 where absent'),
  massG: notNegative,
  volumeCm3: notNegative,
  embeddedShare: share.optional().describe('share of its volume in the cavity, 1 where absent'),
  removed: z.boolean().optional().describe('a pin pulled after casting: a hole and no mass'),
});

export const itemAmount = z.strictObject({
  item: text,
  qty: positive.describe('in the unit of the item: pieces, grams'),
});

export const shelfAmount = z.strictObject({
  item: text,
  onHand: notNegative,
  reserved: notNegative.describe('of what is on hand, spoken for'),
});

export const keyCount = z.strictObject({ key: text, count });

/** A chance that is asked for: neither never nor surely. */
export const confidence = z.number().gt(0).lt(1);

export const rightAngle = z.number().min(0).max(90);

export const castingSample = z.strictObject({
  weighedG: notNegative.describe('all of them together'),
  count: z.int().min(1).describe('finished castings on the scale'),
  metal: castMetal,
  embedded: z.array(embeddedPart),
});

/** What falls, and on what line. */
export const fallingBait = {
  massG: positive,
  volumeCm3: positive,
  lineMm: notNegative,
  depthM: positive,
  waterGcm3: positive.optional().describe('1 where absent'),
  lineFriction: notNegative.optional().describe('of the line’s surface; 0.01 where absent'),
};
