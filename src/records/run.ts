import { z } from 'zod';
import { grams, id, instant, pieces } from './fields';

const keyCount = z.strictObject({ key: z.string().min(1), count: pieces });

const fills = z.strictObject({ cavities: z.array(z.int().min(0)), filled: z.array(keyCount) });

/** What one casting of a key from one cavity takes, as it was when the run began. */
const cell = z.strictObject({
  moldId: id,
  cavity: z.int().min(0),
  key: z.string().min(1),
  metalG: grams,
  finishedG: grams,
});

const booking = z.strictObject({
  goodG: grams,
  rejectedG: grams,
  sprueG: grams,
  drossG: grams,
  potLeftG: grams,
  good: pieces,
  misfilled: pieces,
  surplus: pieces,
});

/** A pour session in one metal over one or more blocks. Its pours are records of their own. */
export const run = z.strictObject({
  id,
  no: z.int().min(1),
  state: z.enum(['pouring', 'booked', 'dropped']),
  startedAt: instant,
  endedAt: instant.nullable(),
  metalBinId: id,
  chargedG: grams,
  drossShare: z.number().min(0).lt(1),
  /** The block on the bench now. */
  moldIndex: z.int().min(0),
  blocks: z
    .array(
      z.strictObject({
        moldId: id,
        fillAll: z.boolean(),
        spruePerPourG: grams,
        plannedPours: pieces,
        fills: z.array(fills),
      }),
    )
    .min(1),
  heads: z.array(
    z.strictObject({
      key: z.string().min(1),
      style: z.string(),
      nominalG: grams,
      hookBinId: id.nullable(),
    }),
  ),
  cells: z.array(cell),
  /** Who asked for what, first due first. */
  wants: z.array(z.strictObject({ key: z.string().min(1), ticketId: id, lineId: id, count: pieces })),
  plannedSeconds: z.number().min(0),
  isProven: z.boolean(),
  booking: booking.nullable(),
});

const casting = z.strictObject({
  cavity: z.int().min(0),
  key: z.string().min(1),
  good: z.boolean(),
});

/** One pour of one block. */
export const pour = z.strictObject({
  id,
  runId: id,
  no: z.int().min(1),
  moldId: id,
  at: instant,
  castings: z.array(casting).min(1),
});

export type Booking = z.infer<typeof booking>;
export type Run = z.infer<typeof run>;
export type Pour = z.infer<typeof pour>;
