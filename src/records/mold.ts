import { z } from 'zod';
import { basis, grams, id, name, note, overZeroGrams, share } from './fields';

const cavity = z.strictObject({
  style: z.string().min(1),
  /** The weight marked on the block. */
  nominalG: overZeroGrams,
  volumeCm3: z.number().gt(0).max(10_000),
  volumeBasis: basis,
  standardErrorCm3: z.number().min(0).nullable(),
  weighedCount: z.int().min(0),
  /** Hook sizes it takes; none for a sinker without a hook. */
  hookSizes: z.array(z.string()),
  /** Share of the hook that lies in the metal. */
  hookShare: share,
  /** A pin that is pulled after casting and leaves a hole. */
  pinCm3: z.number().min(0),
});

export const mold = z.strictObject({
  id,
  name,
  /** A bar block opens like a book; a spun disc fills every cavity on each pour. */
  kind: z.enum(['bar', 'spun']),
  place: z.string().max(120),
  note,
  secondsPerPour: z.number().gt(0).max(36_000),
  setupSeconds: z.number().min(0).max(86_400),
  spruePerPourG: grams,
  cavities: z.array(cavity).min(1).max(60),
});

export type Cavity = z.infer<typeof cavity>;
export type Mold = z.infer<typeof mold>;
