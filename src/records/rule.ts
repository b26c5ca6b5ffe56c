import { z } from 'zod';
import { day, id, name, note, overZeroGrams, positive, share } from './fields';

/** A rule of the maker's own about metal: which metal is barred, for which castings, where and when. */
export const rule = z.strictObject({
  id,
  name,
  /** The water it holds for; empty where it holds everywhere. */
  place: z.string().max(120),
  /** First and last day, each open where null. */
  from: day.nullable(),
  until: day.nullable(),
  /** The element it is about and the share of the metal from which it counts. */
  element: z.string().min(1).max(2),
  overShare: share,
  /** Bars castings lighter than this; null where mass does not matter. */
  underG: overZeroGrams.nullable(),
  /** Bars castings shorter than this; null where length does not matter. */
  underMm: positive(10_000).nullable(),
  /** Held against tickets; else kept for later. */
  isOn: z.boolean(),
  note,
});

export type Rule = z.infer<typeof rule>;
