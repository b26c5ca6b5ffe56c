import { z } from 'zod';
import { id, instant, name } from './fields';

/** A bench clock: runs to an instant, so that neither a reload nor a sleeping machine loses it. */
export const clock = z.strictObject({
  id,
  name,
  startedAt: instant,
  endsAt: instant,
  /** When its ring was silenced; null while it runs or rings. */
  silencedAt: instant.nullable(),
});

export type Clock = z.infer<typeof clock>;
