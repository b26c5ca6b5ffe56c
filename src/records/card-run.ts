import { z } from 'zod';
import { id, instant, pieces, ref, seconds, serial } from './fields';

const amount = z.strictObject({ binId: ref('bins'), qty: z.number().min(0).max(1e6) });

/** What every run with a step card keeps: what was pulled, where the card stands, what came of it. */
export const cardRun = {
  id,
  no: serial,
  count: pieces.min(1),
  /** One piece at a time, or one step for all of them. */
  way: z.enum(['one-by-one', 'by-station']),
  taken: z.array(amount).max(80),
  putBack: z.array(amount).max(80),
  card: z.strictObject({
    step: z.int().min(0).max(200),
    piece: z.int().min(0).max(100_000),
    counted: z.int().min(0).max(999),
  }),
  /** All steps of all pieces done. */
  isThrough: z.boolean(),
  passed: pieces,
  failed: z.array(z.strictObject({ reason: z.string().min(1).max(60), count: pieces.min(1) })).max(20),
  startedAt: instant,
  /** Hands on it since; null while it rests. */
  inHand: instant.nullable(),
  seconds,
  endedAt: instant.nullable(),
};
