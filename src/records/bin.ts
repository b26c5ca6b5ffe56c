import { z } from 'zod';
import {
  basis,
  colorHex,
  grams,
  id,
  mostOfBin,
  name,
  note,
  overZeroGrams,
  positive,
  ref,
  share,
  style,
} from './fields';
import { ELEMENT_SYMBOLS } from '@/core/metals/element-symbols';
import { gauge } from './gauge';

/** Stuff that harms, or is harmed by, what lies beside it. */
const KEEP_APART = ['soft-plastic', 'stretch-plastic', 'hard-plastic', 'painted'] as const;

const common = {
  id,
  name,
  /** Where it lies. */
  place: z.string().max(120),
  /** Under this it counts as low; null where nobody cares. */
  lowAt: z.number().min(0).max(mostOfBin).nullable(),
  /** Bought up to this when it is low; null where nobody said. */
  fillTo: z.number().min(0).max(mostOfBin).nullable(),
  /** The drawer of the cabinet it lies in; null where it was not put in one. */
  drawerId: ref('drawers').nullable(),
  photoId: ref('photos').nullable(),
  /** Cleared off the shelf; its ledger stays. */
  retired: z.boolean(),
  note,
};

/** In the maker's own money, a piece or a gram or a millimeter, as it is kept; null where nobody noted it. */
const costEach = z.number().min(0).max(1e6).nullable();

/** What a head that was bought says of itself, since no block, hook or lot of the bench tells it. */
const bought = z.strictObject({
  /** One of the listed metals, by its key; null where nobody said. */
  metal: z.string().max(60).nullable(),
  hookSize: z.string().min(1).max(8).nullable(),
  /** The color it came in; null where it is bare. */
  hex: colorHex.nullable(),
  /** No hole for a weed guard, an empty one, or one with its guard in it. */
  guard: z.enum(['none', 'hole', 'fitted']),
  hasKeeper: z.boolean(),
});

/** Mass shares by element. */
const composition = z
  .record(z.string(), share)
  .refine((shares) => Object.keys(shares).every((key) => ELEMENT_SYMBOLS.some((symbol) => symbol === key)), {
    error: `made of other elements than ${ELEMENT_SYMBOLS.join(', ')}`,
  })
  .refine((shares) => Object.values(shares).some((each) => each > 0), { error: 'made of nothing' });

const metalBin = z.strictObject({
  ...common,
  kind: z.literal('metal'),
  unit: z.literal('g'),
  /** Mass shares by element; null where nobody knows. */
  composition: composition.nullable(),
  /** Whether the composition was told by who sold it, or guessed from density and feel. */
  compositionBasis: z.enum(['known', 'guess']),
  /** In the maker's own money; null where nobody noted it. */
  costPerKg: z.number().min(0).max(1e6).nullable(),
  densityGcm3: z.number().min(0.5).max(25),
  densityBasis: basis,
  shrinkLinear: z.number().min(-0.02).max(0.05),
  shrinkBasis: basis,
});

const hookBin = z.strictObject({
  ...common,
  kind: z.literal('hook'),
  unit: z.literal('pieces'),
  size: z.string().min(1).max(8),
  massG: overZeroGrams,
  massBasis: basis,
  costEach,
  wireMm: positive(20),
  shankMm: positive(300),
  gapeMm: positive(200),
});

const headBin = z.strictObject({
  ...common,
  kind: z.literal('head'),
  unit: z.literal('pieces'),
  style,
  nominalG: overZeroGrams,
  hookBinId: ref('bins', 'hook').nullable(),
  metalBinId: ref('bins', 'metal').nullable(),
  /** The recipe of color on them; null where they are bare. */
  coatId: ref('coats').nullable(),
  /** The version of a skirt's recipe they wear; null where they wear none. */
  skirtId: ref('skirts').nullable(),
  /** The wire frame they were cast on; left out where they are on none. */
  frameBinId: ref('bins').optional(),
  /** Null where it was cast here. */
  bought: bought.nullable(),
  costEach,
});

const partBin = z.strictObject({
  ...common,
  kind: z.literal('part'),
  /** Line, cable, cord and tube are kept by their length. */
  unit: z.enum(['pieces', 'g', 'mm']),
  /** What sort of part, in the maker's words: collars, blades, beads. */
  sort: z.string().max(60),
  massG: grams.nullable(),
  /** What color it is; null where nobody said. */
  hex: colorHex.nullable(),
  /** What it is in a bait and how large, whatever its packet says; null until somebody said. */
  gauge: gauge.nullable(),
  costEach,
  /** Parts stripped from old baits lie apart from new ones. */
  condition: z.enum(['new', 'used', 'worn']),
  /** The build that finished baits in here are of; null for parts. */
  buildId: ref('builds').nullable(),
  /** What it must not lie beside: some soft plastics melt others and hard lures; null for all else. */
  keepApart: z.enum(KEEP_APART).nullable(),
  /** The rig that made rigs in here are of; null for parts. */
  rigId: ref('rigs').nullable(),
});

const powderBin = z.strictObject({
  ...common,
  kind: z.literal('powder'),
  unit: z.literal('g'),
  hex: colorHex,
  finish: z.enum(['solid', 'flake', 'clear', 'glow', 'two-tone']),
  /** The other tone of a two-tone, the flake's own color; null for the rest. */
  secondHex: colorHex.nullable(),
  /** As its card states it: the part so hot, so long; any line will do. */
  cures: z
    .array(z.strictObject({ cureC: z.number().min(20).max(400), cureMin: positive(240) }))
    .min(1)
    .max(6),
  /** Never over, C. */
  maxC: z.number().min(20).max(500),
  /** Sticks and melts from here on, C. */
  fuseC: z.number().min(20).max(300),
  /** Whether all that was read off the maker's card, or is the usual thing. */
  cardBasis: z.enum(['card', 'guess']),
  densityGcm3: z.number().min(0.05).max(10),
  /** Share that stays on the head; null until jars were weighed, then the way's usual share stands for it. */
  utilization: positive(1).nullable(),
  /** A full jar, powder alone, g. */
  jarG: overZeroGrams,
  costEach,
});

/** What a skirt is made of: tabs, hair, fur, sheet. */
const strandBin = z.strictObject({
  ...common,
  kind: z.literal('strand'),
  /** Tabs, bunches and sheets in pieces, halves and quarters too; hair by weight. */
  unit: z.enum(['pieces', 'g']),
  form: z.enum(['tab', 'hair', 'fur', 'sheet']),
  hex: colorHex,
  /** Flakes in it, each with its size. */
  flakes: z.array(z.strictObject({ hex: colorHex, sizeMm: positive(5) })).max(3),
  /** 0 lets no light through, 1 is clear. */
  translucency: share,
  strandWidthMm: positive(20),
  /** Of a tab, a bunch of fur, or legs of a sheet; null for hair, which has as many as its bundle is thick. */
  strandsPerTab: z.int().min(1).max(2000).nullable(),
  /** How long the strands are, end to end. */
  longMm: positive(2000),
  /** A tab, a bunch, a sheet; null where nobody weighed one. */
  massG: grams.nullable(),
  costEach,
});

/** A place on the shelf for one kind of thing. What is in it is the sum of its ledger entries. */
export const bin = z.discriminatedUnion('kind', [metalBin, hookBin, headBin, powderBin, strandBin, partBin]);

export type MetalBin = z.infer<typeof metalBin>;

export type HookBin = z.infer<typeof hookBin>;

export type HeadBin = z.infer<typeof headBin>;

export type PowderBin = z.infer<typeof powderBin>;

export type StrandBin = z.infer<typeof strandBin>;

export type PartBin = z.infer<typeof partBin>;

export type Bin = z.infer<typeof bin>;
