import { z } from 'zod';
import { build } from './build';
import { id } from './fields';
import { rig } from './rig';
import { skirt } from './skirt';

/** What a record half made has not got yet. */
const UNKEPT = { id: true, version: true, createdAt: true, retired: true } as const;

/** What it may be without: a name, a family, the version it began from. */
const unkept = {
  name: z.string().max(200),
  family: id.nullable(),
  from: z.int().min(1).nullable(),
};

const buildDraft = build.omit({ ...UNKEPT, seenMs: true }).extend(unkept);
const rigDraft = rig.omit(UNKEPT).extend({ ...unkept, items: z.array(rig.shape.items.element) });
const skirtDraft = skirt
  .omit(UNKEPT)
  .extend({ ...unkept, layers: z.array(skirt.shape.layers.element), prey: z.string().max(200) });

const reader =
  <Draft>(form: z.ZodType<Draft>) =>
  (kept: unknown): Draft | null => {
    const read = form.safeParse(kept);
    return read.success ? read.data : null;
  };

/**
 * What a screen kept of a build, a rig or a recipe half made; null where it is none that this page can go on with.
 *
 * @example readBuildDraft({ name: 'half' }) // null
 */
export const readBuildDraft = reader(buildDraft);
export const readRigDraft = reader(rigDraft);
export const readSkirtDraft = reader(skirtDraft);
