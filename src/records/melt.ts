import { z } from 'zod';
import { grams, id, instant, name, overZeroGrams } from './fields';

/** Lots melted together and cast into ingots of a new lot. */
export const melt = z.strictObject({
  id,
  no: z.int().min(1),
  at: instant,
  name,
  picks: z.array(z.strictObject({ binId: id, g: overZeroGrams })).min(1),
  drossG: grams,
  /** What came out as ingots. */
  madeG: grams,
  intoBinId: id,
});

export type Melt = z.infer<typeof melt>;
