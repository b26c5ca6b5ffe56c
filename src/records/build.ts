import { z } from 'zod';
import { BAIT_KIND_IDS } from '@/core/builds/kinds/definition';
import { cardRun } from './card-run';
import { colorHex, id, instant, name, note, positive, ref, style } from './fields';
import { ownSteps } from './own-steps';

export const MOST_ON_ARM = 24;
const MOST_SLOTS = 16;

const hole = z.strictObject({
  is: z.enum(['line', 'swing', 'punched']),
  alongMm: z.number().min(0).max(200),
  asideMm: z.number().min(-100).max(100),
  diameterMm: positive(20),
});

/** What a build is made of, apart from its names and dates. */
const buildShape = {
  kind: z.enum(BAIT_KIND_IDS),
  /** What it is drawn with, and what is taken from the rack; null where the wire brings its own. */
  head: z
    .strictObject({ style, nominalG: positive(5000), hookBinId: id.nullable(), coatId: id.nullable() })
    .nullable(),
  skirtId: ref('skirts').nullable(),
  frameBinId: ref('bins').nullable(),
  /** Cut shorter than the frame comes; null as it comes. */
  armMm: positive(300).nullable(),
  /** From the eye to the arm's end. */
  arm: z
    .array(z.strictObject({ id, binId: ref('bins'), bladeBinId: ref('bins').nullable() }))
    .max(MOST_ON_ARM),
  /** What hangs in the loop. */
  end: z.strictObject({ binId: ref('bins').nullable(), bladeBinId: ref('bins').nullable() }),
  slots: z
    .array(
      z.strictObject({
        slot: z.string().min(1).max(40),
        binId: ref('bins'),
        /** How much of a line is cut for it, mm; left out where one piece is taken. */
        cutMm: positive(2000).optional(),
      }),
    )
    .max(MOST_SLOTS),
  minFreeMm: z.number().min(0).max(50),
  /** The finished bait's tail is dipped or dyed; left out where it is not. */
  dip: z.strictObject({ says: z.string().max(60), hex: colorHex }).optional(),
  /** Of a bladed jig: the holes of its proven first piece. */
  pattern: z
    .strictObject({ lengthMm: positive(200), widthMm: positive(120), holes: z.array(hole).max(12) })
    .nullable(),
};

/** A build, one version of it. What was built of a version stays as it was. */
export const build = z.strictObject({
  id,
  /** Shared by all versions. */
  family: id,
  version: z.int().min(1).max(9999),
  name,
  ...buildShape,
  /** The slowest speed at which the maker saw it stay up, m/s; null until somebody looked. */
  seenMs: positive(10).nullable(),
  /** What one of them is worth to the maker when the shelf is shared out. */
  worth: z.number().min(0).max(1e6),
  createdAt: instant,
  retired: z.boolean(),
  ownSteps,
  note,
});

/** A run of one build: what was pulled for it, where the card stands, what came of it. */
export const building = z.strictObject({
  ...cardRun,
  state: z.enum(['building', 'built', 'dropped']),
  buildId: ref('builds'),
});

export type BuildRecord = z.infer<typeof build>;
export type Building = z.infer<typeof building>;

/** A build as it is written: a new one without a family, a new version with its. */
export type NewBuild = Omit<
  BuildRecord,
  'id' | 'family' | 'version' | 'createdAt' | 'retired' | 'ownSteps' | 'seenMs'
> & { readonly family: string | null };
