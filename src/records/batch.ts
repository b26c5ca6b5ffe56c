import { z } from 'zod';
import { DRESS_STEP_IDS } from '@/core/dress/dress-steps';
import { id, instant, name, overZeroGrams, pieces } from './fields';

/** Heads of one kind on the dressing bench, and how far each step has come. */
export const batch = z.strictObject({
  id,
  title: name,
  /** The run they were cast in; null for heads from elsewhere. */
  runId: id.nullable(),
  moldId: id.nullable(),
  style: z.string().min(1),
  nominalG: overZeroGrams,
  hookBinId: id.nullable(),
  metalBinId: id,
  count: pieces.min(1),
  /** Pieces that one tap counts. */
  tray: pieces.min(1),
  steps: z
    .array(
      z.strictObject({
        step: z.enum(DRESS_STEP_IDS),
        done: pieces,
        /** Time spent on it so far. */
        seconds: z.number().min(0),
      }),
    )
    .max(20),
  /** The step in hand, since when; null while the batch rests. */
  inHand: z.strictObject({ step: z.enum(DRESS_STEP_IDS), since: instant }).nullable(),
  startedAt: instant,
  endedAt: instant.nullable(),
});

export type Batch = z.infer<typeof batch>;
