import { z } from 'zod';
import { day, id, instant, name, note, overZeroGrams, pieces, ref, serial, share, style } from './fields';

const ticketLine = z.strictObject({
  id,
  style,
  nominalG: overZeroGrams,
  count: pieces.min(1),
  hookBinId: ref('bins', 'hook').nullable(),
  /** Null where bought heads would do, or any that lie there. */
  metalBinId: ref('bins', 'metal').nullable(),
  /** The recipe of color they get; null for bare ones. */
  coatId: ref('coats').nullable(),
  /** The version of a skirt's recipe they wear; null for none. */
  skirtId: ref('skirts').nullable(),
  guardBinId: ref('bins').nullable(),
  /** Another collar than the recipe's. */
  collarBinId: ref('bins').nullable(),
  /** A soft bait that goes with each; left out where none was chosen. */
  trailerBinId: ref('bins').nullable().optional(),
  dueOn: day.nullable(),
});

/** Finished pieces that are asked for: a build, a rig or loose skirts, any version of their family; or what was bought, by its bin. */
const ware = z.strictObject({
  id,
  kind: z.enum(['build', 'rig', 'skirt', 'bin']),
  family: id,
  /** What it is to be called, where nothing of its family was kept yet when it was asked for. */
  says: name.optional(),
  count: pieces.min(1),
  dueOn: day.nullable(),
});

export const ticket = z
  .strictObject({
    id,
    no: serial,
    title: name,
    /** Who ordered it; null where it is for stock. */
    buyer: name.nullable(),
    /** How far a casting may lie from the weight asked, to either side. */
    toleranceShare: share,
    state: z.enum(['open', 'set-aside', 'closed']),
    note,
    createdAt: instant,
    lines: z.array(ticketLine).max(200),
    wares: z.array(ware).max(60),
  })
  .refine(({ lines, wares }) => lines.length + wares.length > 0, {
    path: ['lines'],
    message: 'a ticket asks for something',
  });

export type TicketLine = z.infer<typeof ticketLine>;
export type TicketWare = z.infer<typeof ware>;
export type Ticket = z.infer<typeof ticket>;

export type NewTicket = Omit<Ticket, 'id' | 'no' | 'createdAt' | 'state'>;
