import { z } from 'zod';
import { COAT_CAUSE_IDS, COAT_FAULT_IDS } from '@/core/coats/faults';
import { id, instant, pieces, ref } from './fields';

/** Heads whose coat came out wrong. */
export const coatFault = z.strictObject({
  id,
  at: instant,
  rackId: ref('racks'),
  coatId: ref('coats'),
  fault: z.enum(COAT_FAULT_IDS),
  count: pieces.min(1),
  /** What the maker found it to be; null where nobody said. */
  cause: z.enum(COAT_CAUSE_IDS).nullable(),
});

export type CoatFault = z.infer<typeof coatFault>;
