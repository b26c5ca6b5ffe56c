import { z } from 'zod';

/** The card's steps in the maker's own order and words; left out where it is used as it comes. */
export const ownSteps = z
  .array(z.strictObject({ id: z.string().min(1).max(80), says: z.string().max(160).optional() }))
  .max(120)
  .optional();
