import { z } from 'zod';
import { id, instant } from './fields';
import { TABLES, type TableName } from './tables';

/** The tables a change can touch. */
const tableName = z.enum(Object.keys(TABLES) as TableName[]);

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
