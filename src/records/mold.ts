import { z } from 'zod';
import { GATE_SIDES } from '@/core/molds/gate-sides';
import { MOLD_KINDS } from '@/core/molds/made-of';
import { basis, grams, id, name, note, overZeroGrams, positive, ref, share, style } from './fields';

const insert = z.strictObject({
  name,
  count: z.int().min(1).max(100),
  massG: grams,
  volumeCm3: z.number().min(0).max(10_000),
  /** Share of its volume that lies in the cavity. */
  embeddedShare: share,
  /** Pulled after casting: leaves a hole and no mass. */
  removed: z.boolean(),
  /** What of the shelf it is: each casting takes so many of it. Left out where nobody said. */
  binId: ref('bins').optional(),
});

/** Where a thing lies on a block, mm. */
const onBlock = z.number().min(-2000).max(2000);

/** Whether there is a body between an outline and its axis. */
const encloses = (points: readonly (readonly [number, number])[]) =>
  points.some(([along, off]) => off > 0.01 && points.some(([other]) => Math.abs(other - along) > 0.01));

const outline = z.strictObject({
  section: z.enum(['round', 'square', 'half']),
  depth: positive(100),
  /** From the nose: how far along the axis, how far from it, mm. */
  points: z
    .array(z.tuple([z.number().min(-1000).max(1000), z.number().min(0).max(1000)]))
    .min(2)
    .max(400)
    .refine(encloses, { error: 'the outline encloses nothing' }),
});

const cavity = z.strictObject({
  /** Its own for good: weighings name it. */
  id,
  style,
  /** The weight marked on the block. */
  nominalG: overZeroGrams,
  volumeCm3: positive(10_000),
  volumeBasis: basis,
  standardErrorCm3: z.number().min(0).max(10_000).nullable(),
  weighedCount: z.int().min(0).max(1_000_000),
  /** Hook sizes it takes; none for a sinker without a hook. */
  hookSizes: z.array(z.string().max(40)).max(60),
  /** Its slot for the hook, as measured: how wide, and from the eye's seat to the block's edge; left out where nobody did. */
  slot: z.strictObject({ wireMm: positive(20), edgeMm: positive(300).nullable() }).optional(),
  /** Share of the hook that lies in the metal. */
  hookShare: share,
  /** What a hook size does here: sits low, wants its eye bent. By size. */
  hookNotes: z.record(z.string(), z.string().max(200)),
  /** Pins that are pulled, eyes, wire frames and other things cast in besides the hook. */
  inserts: z.array(insert).max(20),
  /** Its own shape, cavity size in mm; null where the style's outline, scaled to the volume, stands for it. */
  outline: outline.nullable(),
  /** Where the metal comes in, how wide the way is at the body, and where vents lead the air out; left out where nobody said. */
  gate: z
    .strictObject({ side: z.enum(GATE_SIDES), at: share, wideMm: positive(50), vents: z.array(share).max(8) })
    .optional(),
  /** Where it lies on the block, mm from the left and the top; null where it is laid out by itself. */
  spot: z.strictObject({ xMm: onBlock, yMm: onBlock }).nullable(),
});

const spin = z.strictObject({
  clampBar: z.number().min(0).max(100),
  rpm: positive(5000),
  holdSeconds: z.number().min(0).max(3600),
  spinSeconds: z.number().min(0).max(3600),
  /** From the stop until it may be opened. */
  coolSeconds: z.number().min(0).max(3600),
  /** How the halves are laid on each other. */
  mark: z.string().max(120),
  /** From the axis to the outermost of any cavity, and to the edge of the pool; left out where nobody measured. */
  reachMm: positive(500).optional(),
  poolMm: positive(300).optional(),
  /** Across the piston that presses the halves together; left out where nobody measured. */
  pistonMm: positive(500).optional(),
});

export const mold = z.strictObject({
  id,
  name,
  /**
   * A bar block opens like a book; a spun disc fills every cavity on each pour; a frame block takes preformed
   * wires; a board is drilled at home.
   */
  kind: z.enum(['bar', 'spun', 'frame', 'board']),
  /** How a disc is spun; null for what is poured by hand. */
  spin: spin.nullable(),
  /** What it is made of, what all of it weighs, and how far its halves stand apart; left out where nobody said. */
  heat: z
    .strictObject({ of: z.enum(MOLD_KINDS), weighsG: overZeroGrams.nullable(), gapMm: positive(2) })
    .optional(),
  place: z.string().max(120),
  note,
  secondsPerPour: positive(36_000),
  setupSeconds: z.number().min(0).max(86_400),
  spruePerPourG: grams,
  /** Equal blocks that are poured as one. */
  copies: z.int().min(1).max(20),
  /** The most pours in one session; null for no bound. */
  maxPours: z.int().min(1).max(10_000).nullable(),
  /** First pours of a cold block that go back into the pot. */
  warmUpPours: z.int().min(0).max(20),
  /** What must be done while a casting is still warm, and for how long it can be. */
  warmWork: z.strictObject({ what: name, seconds: positive(3600) }).nullable(),
  cavities: z.array(cavity).min(1).max(60),
});

export type Insert = z.infer<typeof insert>;
export type Spin = z.infer<typeof spin>;
export type Cavity = z.infer<typeof cavity>;
export type Mold = z.infer<typeof mold>;
