import { z } from 'zod';
import { basis, grams, id, name, note, overZeroGrams, share } from './fields';

const common = {
  id,
  name,
  /** Where it lies. */
  place: z.string().max(120),
  /** Under this it counts as low; null where nobody cares. */
  lowAt: z.number().min(0).nullable(),
  /** Cleared off the shelf; its ledger stays. */
  retired: z.boolean(),
  note,
};

const metalBin = z.strictObject({
  ...common,
  kind: z.literal('metal'),
  unit: z.literal('g'),
  /** Mass shares by element; null where nobody knows. */
  composition: z.record(z.string(), share).nullable(),
  /** Whether the composition was told by who sold it, or guessed from density and feel. */
  compositionBasis: z.enum(['known', 'guess']),
  /** In the maker's own money; null where nobody noted it. */
  costPerKg: z.number().min(0).max(1e6).nullable(),
  densityGcm3: z.number().gt(0).max(25),
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
  wireMm: z.number().gt(0).max(20),
  shankMm: z.number().gt(0).max(300),
  gapeMm: z.number().gt(0).max(200),
});

const headBin = z.strictObject({
  ...common,
  kind: z.literal('head'),
  unit: z.literal('pieces'),
  style: z.string().min(1),
  nominalG: overZeroGrams,
  hookBinId: id.nullable(),
  metalBinId: id.nullable(),
});

const partBin = z.strictObject({
  ...common,
  kind: z.literal('part'),
  unit: z.enum(['pieces', 'g']),
  /** What sort of part, in the maker's words: collars, blades, beads. */
  sort: z.string().max(60),
  massG: grams.nullable(),
});

/** A place on the shelf for one kind of thing. What is in it is the sum of its ledger entries. */
export const bin = z.discriminatedUnion('kind', [metalBin, hookBin, headBin, partBin]);

export type MetalBin = z.infer<typeof metalBin>;
export type HookBin = z.infer<typeof hookBin>;
export type HeadBin = z.infer<typeof headBin>;
export type PartBin = z.infer<typeof partBin>;
export type Bin = z.infer<typeof bin>;
