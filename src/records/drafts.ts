import { z } from 'zod';
import { build } from './build';
import { day, id } from './fields';
import { rig } from './rig';
import { skirt } from './skirt';
import { ticket } from './ticket';
import { waterNote } from './water-note';

/** What a record half made has not got yet. */
const UNKEPT = { id: true, version: true, createdAt: true, retired: true } as const;

/** What it may be without: a name, a family, the version it began from. */
const unkept = { name: z.string().max(200), family: id.nullable(), from: z.int().min(1).nullable() };

const buildDraft = build.omit({ ...UNKEPT, seenMs: true }).extend(unkept);
const rigDraft = rig.omit(UNKEPT).extend({ ...unkept, items: z.array(rig.shape.items.element) });
const skirtDraft = skirt
  .omit(UNKEPT)
  .extend({ ...unkept, layers: z.array(skirt.shape.layers.element), prey: z.string().max(200) });

const line = ticket.shape.lines.element;

const ticketDraft = z.strictObject({
  /** The ticket it changes; null for a new one. */
  ticketId: id.nullable(),
  title: z.string().max(200),
  buyer: z.string().max(200).nullable(),
  toleranceShare: z.number().nullable(),
  note: z.string().max(4000),
  lines: z
    .array(
      line.extend({
        nominalG: z.number().nullable(),
        count: z.number().nullable(),
        metalBinId: line.shape.metalBinId.nullable(),
      }),
    )
    .max(200),
  wares: z
    .array(
      z.strictObject({
        id,
        of: z.string().nullable(),
        says: z.string().max(200).optional(),
        count: z.number().nullable(),
        dueOn: day.nullable(),
      }),
    )
    .max(60),
});

const orderDraft = z.strictObject({
  title: z.string().max(200),
  buyer: z.string().max(200),
  dueOn: day.nullable(),
  lines: z.array(line.omit({ dueOn: true })).max(200),
});

/** A note half written; its weight may be on its way to being one. */
const noteDraft = waterNote
  .omit({ id: true, at: true })
  .extend({ hours: z.number().nullable(), weightG: z.number().nullable() });

/** Heads taken up for the rack. */
const picks = z.array(
  z.strictObject({
    headBinId: id,
    coatId: id,
    ticketId: id.nullable(),
    lineId: id.nullable(),
    count: z.number().min(0),
  }),
);

const reader =
  <Draft>(form: z.ZodType<Draft>) =>
  (kept: unknown): Draft | null => {
    const read = form.safeParse(kept);
    return read.success ? read.data : null;
  };

/**
 * What a screen kept of a build, a rig, a recipe, a ticket, an order or a note half made, or of heads taken up for the rack; null where it is none that this page can go on with.
 *
 * @example readBuildDraft({ name: 'half' }) // null
 */
export const readBuildDraft = reader(buildDraft);
export const readRigDraft = reader(rigDraft);
export const readSkirtDraft = reader(skirtDraft);
export const readTicketDraft = reader(ticketDraft);
export const readOrder = reader(orderDraft);
export const readNoteDraft = reader(noteDraft);
export const readPicks = reader(picks);
