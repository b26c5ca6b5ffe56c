import { z } from 'zod';
import { grams, headKey, id, instant, overZeroGrams, pieces, ref, seconds, serial } from './fields';
import { flawKind } from './flaw';

const keyCount = z.strictObject({ key: headKey, count: pieces });

const fills = z.strictObject({
  cavities: z.array(z.int().min(0).max(200)).max(200),
  filled: z.array(keyCount).max(200),
});

/** What one casting of a key from one cavity takes, as it was when the run began. */
const cell = z.strictObject({
  moldId: id,
  cavity: z.int().min(0).max(200),
  key: headKey,
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
  /** In less out: what nobody can say where it went; under 0 is metal from nowhere. */
  unaccountedG: z.number().min(-1e7).max(1e7),
});

/** A pour session in one metal over one or more blocks. Its pours are records of their own. */
export const run = z.strictObject({
  id,
  no: serial,
  state: z.enum(['pouring', 'booked', 'dropped']),
  startedAt: instant,
  endedAt: instant.nullable(),
  metalBinId: ref('bins', 'metal'),
  chargedG: grams,
  /** Metal of the same lot put in while it ran. */
  topUps: z.array(z.strictObject({ at: instant, g: overZeroGrams })).max(1000),
  drossShare: z.number().min(0).lt(1),
  /** What fails and the sprues go back into the pot as it runs; left out where they are laid aside. */
  backInPot: z.boolean().optional(),
  /** When the pot was lit, cold; left out where nobody said. */
  litAt: instant.optional(),
  blocks: z
    .array(
      z.strictObject({
        moldId: id,
        fillAll: z.boolean(),
        spruePerPourG: grams,
        copies: z.int().min(1).max(20),
        plannedPours: pieces,
        fills: z.array(fills).max(1000),
      }),
    )
    .min(1)
    .max(200),
  heads: z.array(
    z.strictObject({
      key: headKey,
      style: z.string().max(120),
      nominalG: grams,
      hookBinId: ref('bins', 'hook').nullable(),
    }),
  ),
  cells: z.array(cell).max(5000),
  /** Who asked for what, first due first. */
  wants: z.array(z.strictObject({ key: headKey, ticketId: id, lineId: id, count: pieces })).max(1000),
  plannedSeconds: seconds,
  isProven: z.boolean(),
  booking: booking.nullable(),
});

const casting = z.strictObject({
  cavity: z.int().min(0).max(200),
  key: headKey,
  good: z.boolean(),
  /** What is wrong with it, where the maker said. */
  flaw: flawKind.nullable(),
});

/** One pour of one block. */
export const pour = z.strictObject({
  id,
  runId: ref('runs'),
  no: serial,
  moldId: id,
  at: instant,
  /** Poured to warm the block: goes back, and counts for nothing. */
  isWarmUp: z.boolean(),
  /** The pot at that moment, where a thermocouple stood in it. */
  potC: z.number().min(-50).max(1500).nullable(),
  castings: z.array(casting).min(1).max(500),
});

export type Booking = z.infer<typeof booking>;
export type Run = z.infer<typeof run>;
export type Pour = z.infer<typeof pour>;

/** What a new plan changes of a run: what was cast is in it. */
export type Replanned = Pick<Run, 'blocks' | 'heads' | 'cells' | 'wants' | 'plannedSeconds' | 'isProven'>;

export type NewRun = Omit<Run, 'id' | 'no' | 'state' | 'startedAt' | 'endedAt' | 'booking'>;
