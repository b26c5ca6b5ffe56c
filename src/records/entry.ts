import { z } from 'zod';
import { id, instant, mostOfBin, note, ref } from './fields';

const entryKind = z.enum([
  'received',
  'taken',
  'made',
  'returned',
  'counted',
  'lost',
  'coated',
  'tied',
  'built',
  'salvaged',
  'rigged',
]);
export type EntryKind = z.infer<typeof entryKind>;

/** One line of the stock ledger. Entries are added and never changed; what is undone is entered again, reversed. */
export const entry = z.strictObject({
  id,
  at: instant,
  binId: ref('bins'),
  kind: entryKind,
  /** What it adds to the bin, in the bin's unit; below 0 where it takes. */
  qty: z.number().min(-mostOfBin).max(mostOfBin),
  note,
  ticketId: id.nullable(),
  lineId: id.nullable(),
  runId: id.nullable(),
  /** What one unit of the bin cost, as it came in; null where nobody noted it, and for what goes out. */
  unitCost: z.number().min(0).max(1e6).nullable(),
  /** Of tabs: how much of a whole one each piece is that this entry is of; null for whole ones and all else. */
  pieceShare: z.number().gt(0).lt(1).nullable(),
  /** Of line, cable, cord and tube: which roll, stick or offcut; null for all else, and where nobody told them apart. */
  lengthId: id.nullable(),
  /** The entry that this one takes back. */
  reverses: id.nullable(),
});

export type Entry = z.infer<typeof entry>;
