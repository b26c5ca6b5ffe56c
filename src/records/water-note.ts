import { z } from 'zod';
import { id, instant, note, pieces, positive } from './fields';

export const WATER_LEVELS = ['low', 'normal', 'high'] as const;
export const CLARITIES = ['clear', 'stained', 'muddy'] as const;
export const SKIES = ['sun', 'cloud', 'rain', 'dark'] as const;
export const BOTTOMS = ['mud', 'sand', 'gravel', 'rock', 'weed', 'wood'] as const;
export const LOSSES = ['snag', 'fish', 'knot', 'other'] as const;
export const FEELS = ['too-light', 'right', 'too-heavy'] as const;

const measure = (least: number, most: number) => z.number().min(least).max(most).nullable();

/** Notes from the water of one thing that was fished: hours, fish, baits lost, and under what conditions. */
export const waterNote = z.strictObject({
  id,
  at: instant,
  /** The version that was fished, or the bin of a bare head; null where nobody kept it. */
  of: z.strictObject({ kind: z.enum(['skirt', 'build', 'rig', 'head']), id }).nullable(),
  /** What it weighed, ready to fish, g; null where nobody said. */
  weightG: positive(10_000).nullable(),
  /** The maker's own name for it. */
  place: z.string().max(120),
  hours: z.number().min(0).max(1000),
  fish: pieces,
  /** Of those that were measured. */
  fishMm: z.array(positive(5000)).max(200),
  lost: pieces,
  /** How they went, as far as that was seen; together no more than were lost. */
  lostTo: z.array(z.strictObject({ how: z.enum(LOSSES), count: pieces.min(1) })).max(LOSSES.length),
  depthM: measure(0, 500),
  currentMs: measure(0, 10),
  castM: measure(0, 300),
  lineMm: positive(5).nullable(),
  waterC: measure(-3, 45),
  level: z.enum(WATER_LEVELS).nullable(),
  clarity: z.enum(CLARITIES).nullable(),
  sky: z.enum(SKIES).nullable(),
  bottom: z.enum(BOTTOMS).nullable(),
  feel: z.enum(FEELS).nullable(),
  /** For the next version of it. */
  next: note,
  photoIds: z.array(id).max(6),
  note,
});

export type WaterNote = z.infer<typeof waterNote>;

/** What a note says that nobody filled in. */
export const PLAIN_NOTE = {
  of: null,
  weightG: null,
  place: '',
  hours: 0,
  fish: 0,
  fishMm: [],
  lost: 0,
  lostTo: [],
  depthM: null,
  currentMs: null,
  castM: null,
  lineMm: null,
  waterC: null,
  level: null,
  clarity: null,
  sky: null,
  bottom: null,
  feel: null,
  next: '',
  photoIds: [],
  note: '',
} satisfies Omit<WaterNote, 'id' | 'at'>;
