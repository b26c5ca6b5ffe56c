import { z } from 'zod';
import { grams, id, instant, name, overZeroGrams, ref } from './fields';

/** Lots melted together and cast into ingots of a new lot. */
export const melt = z.strictObject({
  id,
  no: z.int().min(1),
  at: instant,
  name,
  picks: z.array(z.strictObject({ binId: ref('bins'), g: overZeroGrams })).min(1),
  drossG: grams,
  /** What came out as ingots. */
  madeG: grams,
  intoBinId: ref('bins'),
});

export type Melt = z.infer<typeof melt>;
