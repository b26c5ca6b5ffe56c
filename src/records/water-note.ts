import { z } from 'zod';
import { id, instant, note, pieces } from './fields';

/** What the water said of a skirt: hours fished with it, fish, baits lost. */
export const waterNote = z.strictObject({
  id,
  at: instant,
  /** The version of the recipe that was fished. */
  skirtId: id,
  /** The maker's own name for it. */
  place: z.string().max(120),
  hours: z.number().min(0).max(1000),
  fish: pieces,
  lost: pieces,
  note,
});

export type WaterNote = z.infer<typeof waterNote>;
