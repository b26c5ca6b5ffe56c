import { z } from 'zod';
import { STEP_IDS } from '@/core/pours/beat/school';
import { id, instant } from './fields';

/** Where each block of a run stands in its beat. One a run, under the run's id, while it lasts. */
export const beat = z.strictObject({
  id,
  /** The block worked last, by its place in the run. */
  held: z.int().min(0).max(200),
  blocks: z.array(
    z.strictObject({
      moldId: id,
      /** Worked now, beside the others that are. */
      isIn: z.boolean(),
      step: z.enum(STEP_IDS),
      /** When this step began. */
      since: instant,
    }),
  ),
});

export type Beat = z.infer<typeof beat>;
