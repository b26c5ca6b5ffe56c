import { z } from 'zod';
import { DEED_CODES } from '@/core/history/deed';
import { id, instant, serial } from './fields';
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
export const historyEntry = z.strictObject({
  id,
  /** Counts up, so that two entries in one millisecond keep their order. */
  no: serial,
  at: instant,
  deed: z.strictObject({
    code: z.enum(DEED_CODES),
    facts: z.record(z.string().max(40), z.union([z.string().max(300), z.number()])),
  }),
  changes: z.array(change),
  /** The entry that this one takes back. */
  undoes: id.nullable(),
});

export type Change = z.infer<typeof change>;
export type HistoryEntry = z.infer<typeof historyEntry>;
