import { z } from 'zod';
import { id, instant } from './fields';

/** The tables a change can touch. */
const tableName = z.enum([
  'bench',
  'bins',
  'entries',
  'molds',
  'tickets',
  'runs',
  'pours',
  'clocks',
  'weighings',
  'melts',
  'rules',
  'beats',
  'batches',
  'flaws',
  'heaters',
  'coats',
  'racks',
  'coatFaults',
  'skirts',
  'tyings',
  'waterNotes',
  'builds',
  'buildings',
  'plastics',
  'plasticBatches',
  'rigs',
  'riggings',
  'allowances',
  'matches',
  'kits',
  'drawers',
  'photos',
  'sellers',
  'packs',
  'purchases',
  'substitutes',
  'outlays',
  'buyIns',
]);
export type TableName = z.infer<typeof tableName>;

const change = z.strictObject({
  table: tableName,
  key: id,
  /** The record before and after; null where there was none. */
  before: z.unknown(),
  after: z.unknown(),
});

/** One thing the maker did: everything it wrote, so that it can be taken back. */
export const act = z.strictObject({
  id,
  /** Counts up, so that two acts in one millisecond keep their order. */
  no: z.int().min(1),
  at: instant,
  label: z.string().max(200),
  changes: z.array(change),
  /** The act that this one takes back. */
  undoes: id.nullable(),
});

export type Change = z.infer<typeof change>;
export type Act = z.infer<typeof act>;
