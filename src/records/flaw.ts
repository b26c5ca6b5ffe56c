import { z } from 'zod';
import { CAUSE_IDS, SYMPTOMS } from '@/core/quality/causes/cause';
import { FLAW_KINDS } from '@/core/quality/flaws';
import { id, instant, pieces, ref } from './fields';

export const flawKind = z.enum(FLAW_KINDS);

/**
 * Castings found wrong after the run, at the dressing bench: flawed, or off their weight. Flaws seen at the pour
 * stand with their pour.
 */
export const flaw = z.strictObject({
  id,
  at: instant,
  runId: ref('runs').nullable(),
  batchId: ref('batches').nullable(),
  /** Null for heads from elsewhere. */
  moldId: id.nullable(),
  /** Which cavity of the mold, where it can be told. */
  cavity: z.int().min(0).max(200).nullable(),
  kind: z.enum(SYMPTOMS),
  count: pieces.min(1),
  /** Whether they stay heads, or went back into the pot or the bin. */
  fate: z.enum(['kept', 'scrapped']),
  /** What the maker found it to be; null where nobody said. */
  cause: z.enum(CAUSE_IDS).nullable(),
});

export type Flaw = z.infer<typeof flaw>;
