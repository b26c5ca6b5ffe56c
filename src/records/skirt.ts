import { z } from 'zod';
import { HOLD_IDS } from '@/core/skirts/holds';
import { HOLD_COUNT_IDS } from '@/core/skirts/holds/definition';
import { id, instant, name, note, positive, ref, style } from './fields';
import { ownSteps } from './own-steps';

export const MOST_LAYERS = 40;
export const MOST_ALSO = 8;
/** Of one thing on one skirt: pieces, g or mm. */
export const mostEach = positive(10_000);
const degrees = z.number().min(0).max(360);

/** How much of a material a layer takes. */
const layerAmount = z.discriminatedUnion('by', [
  z.strictObject({ by: z.literal('tabs'), tabs: positive(20) }),
  z.strictObject({ by: z.literal('strands'), strands: z.int().min(1).max(2000) }),
  /** Hair, by how thick the pinched bundle is. */
  z.strictObject({ by: z.literal('bundle'), diameterMm: positive(30) }),
  /** Fur, by the bunch. */
  z.strictObject({ by: z.literal('bunches'), bunches: positive(20) }),
]);

const layerPlace = z.discriminatedUnion('at', [
  z.strictObject({ at: z.enum(['round', 'top', 'below', 'left', 'right']) }),
  z.strictObject({ at: z.literal('angles'), fromDeg: degrees, toDeg: degrees }),
]);

/** What a layer says besides what it is made of. */
export const layerShape = {
  amount: layerAmount,
  place: layerPlace,
  /** From the collar back. */
  lengthMm: positive(400),
  /** Trimmed at the collar: an accent that shows when the skirt flares. */
  isShort: z.boolean(),
  /** Tied pointing forward and folded back. */
  isForward: z.boolean(),
};

const layer = z.strictObject({ id, binId: ref('bins', 'strand'), ...layerShape });

export const collarShape = {
  diameterMm: z.number().min(1).max(40),
  /** How far along the strands it sits: their shorter side's share. */
  atShare: z.number().min(0.05).max(0.5),
  /** To what the shorter side, toward the head, is cut. */
  headSideMm: z.number().min(0).max(100),
};

/** Inner tails of a cut-sheet skirt, by angle. */
export const tailShape = {
  angleDeg: degrees,
  massG: positive(100),
  /** Of so many legs; left out where it is one piece. */
  legs: z.int().min(1).max(500).optional(),
};

const tail = z.strictObject({
  ...tailShape,
  /** What it is cut from; left out where nobody said. */
  binId: ref('bins').optional(),
});

export const sheetWrap = z.strictObject({
  headDiameterMm: positive(200),
  legWidthMm: positive(50),
  maxStretch: z.number().min(0).max(1),
  /** Left whole: the band on the head, and the saddle behind it, after which the legs begin; left out where nobody said. */
  bandMm: z.number().min(0).max(200).optional(),
  saddleMm: z.number().min(0).max(200).optional(),
});

export const holdCounts = z.partialRecord(z.enum(HOLD_COUNT_IDS), z.int().min(0).max(60));

/** A recipe of a skirt, one version of it. What was tied or promised by a version stays as it was. */
export const skirt = z.strictObject({
  id,
  /** Shared by all versions of a recipe. */
  family: id,
  version: z.int().min(1).max(9999),
  name,
  /** What it is to look like, in the maker's words. */
  prey: z.string().max(120),
  layers: z.array(layer).min(1).max(MOST_LAYERS),
  hold: z.enum(HOLD_IDS),
  counts: holdCounts,
  collar: z.strictObject({ binId: id.nullable(), ...collarShape }),
  /** The thread or floss that it is wound with, and how much one takes, mm; left out where nobody said. */
  thread: z.strictObject({ binId: ref('bins'), cutMm: positive(10_000) }).optional(),
  /** What else goes on each, so much in its bin's own unit: glue, a strip, the head it is of; left out where nothing does. */
  also: z
    .array(z.strictObject({ binId: ref('bins'), qty: mostEach }))
    .max(MOST_ALSO)
    .optional(),
  wrap: sheetWrap.nullable(),
  tails: z.array(tail).max(24),
  /** What it is drawn on. */
  shownOn: z.strictObject({
    style,
    nominalG: positive(5000),
    hookBinId: id.nullable(),
    coatId: id.nullable(),
    guardBinId: id.nullable(),
    rattleBinId: id.nullable(),
    trailerBinId: id.nullable(),
  }),
  createdAt: instant,
  retired: z.boolean(),
  ownSteps,
  note,
});

export type SkirtLayerRecord = z.infer<typeof layer>;
export type Skirt = z.infer<typeof skirt>;

/** A recipe as it is written: a new one without a family, a new version with its. */
export type NewSkirt = Omit<Skirt, 'id' | 'family' | 'version' | 'createdAt' | 'retired' | 'ownSteps'> & {
  readonly family: string | null;
};
