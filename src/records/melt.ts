import { z } from 'zod';
import { grams, id, instant, name, overZeroGrams, ref, serial } from './fields';

/** Lots melted together and cast into ingots of a new lot. */
export const melt = z.strictObject({
  id,
  no: serial,
  at: instant,
  name,
  picks: z
    .array(z.strictObject({ binId: ref('bins', 'metal'), g: overZeroGrams }))
    .min(1)
    .max(200),
  drossG: grams,
  /** What came out as ingots. */
  madeG: grams,
  intoBinId: ref('bins', 'metal'),
});

export type Melt = z.infer<typeof melt>;
