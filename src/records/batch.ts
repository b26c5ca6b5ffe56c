import { z } from 'zod';
import { DRESS_STEP_IDS } from '@/core/dress/dress-steps';
import { id, instant, name, overZeroGrams, pieces, positive, ref, seconds, style } from './fields';
import { type DressStepId } from '@/core/dress/dress-steps';

/** Heads of one kind on the dressing bench, and how far each step has come. */
export const batch = z.strictObject({
  id,
  title: name,
  /** The run they were cast in; null for heads from elsewhere. */
  runId: ref('runs').nullable(),
  moldId: id.nullable(),
  style,
  nominalG: overZeroGrams,
  hookBinId: ref('bins', 'hook').nullable(),
  /** Null for heads from elsewhere. */
  metalBinId: ref('bins', 'metal').nullable(),
  /** Where they lie on the shelf. */
  headBinId: ref('bins', 'head').nullable(),
  /** What is left of it: scrapped pieces are off. */
  count: pieces,
  /** Pieces that one tap counts. */
  tray: pieces.min(1),
  /** How far from the wanted weight still counts as on it. */
  toleranceShare: positive(0.5),
  steps: z
    .array(
      z.strictObject({
        step: z.enum(DRESS_STEP_IDS),
        done: pieces,
        /** Time spent on it so far. */
        seconds,
      }),
    )
    .max(20),
  /** The step in hand, since when; null while the batch rests. */
  inHand: z.strictObject({ step: z.enum(DRESS_STEP_IDS), since: instant }).nullable(),
  /** Pieces that went to a bin of their true weight. */
  sortedOut: z.array(z.strictObject({ nominalG: overZeroGrams, count: pieces })).max(100),
  startedAt: instant,
  endedAt: instant.nullable(),
});

export type Batch = z.infer<typeof batch>;

export type NewBatch = Omit<Batch, 'id' | 'steps' | 'inHand' | 'startedAt' | 'endedAt' | 'sortedOut'> & {
  readonly steps: readonly DressStepId[];
};
