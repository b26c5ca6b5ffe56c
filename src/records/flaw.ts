import { z } from 'zod';
import { FLAW_KINDS } from '@/core/quality/flaws';
import { id, instant, pieces } from './fields';

export const flawKind = z.enum(FLAW_KINDS);

/** Flawed castings found after the run, at the dressing bench. Those seen at the pour stand with their pour. */
export const flaw = z.strictObject({
  id,
  at: instant,
  runId: id.nullable(),
  moldId: id,
  /** Which cavity of the mold, where it can be told. */
  cavity: z.int().min(0).nullable(),
  kind: flawKind,
  count: pieces.min(1),
});

export type Flaw = z.infer<typeof flaw>;
