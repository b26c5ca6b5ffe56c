import { z } from 'zod';
import { id, instant, overZeroGrams, pieces, ref } from './fields';

/** Finished castings of one cavity put on the scale together; or heads of which nobody knows the cavity. */
export const weighing = z.strictObject({
  id,
  at: instant,
  /** Null where heads of several cavities lie mixed, or were bought. */
  moldId: ref('molds').nullable(),
  cavityId: id.nullable(),
  metalBinId: ref('bins', 'metal').nullable(),
  /** The hook cast in; null for a bare casting. */
  hookBinId: ref('bins', 'hook').nullable(),
  count: pieces.min(1),
  /** All of them together. */
  weighedG: overZeroGrams,
  /** Where the reading came from. */
  scale: z.enum(['typed', 'stand-in', 'serial']),
  /** The run it was cast in, where that is known. */
  runId: id.nullable(),
  /** The batch on the dressing bench that it was weighed of. */
  batchId: id.nullable(),
  /** Whether the cavity's volume is found from it; else it only checks the prediction. */
  calibrates: z.boolean(),
});

export type Weighing = z.infer<typeof weighing>;
