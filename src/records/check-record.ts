import { ALL_TABLES, type ContentsTable } from './bench-file';

/** What is wrong with a record: which one, where in it, and why. */
export interface RecordFault {
  /** `bin 'Hook 2/0'`. */
  readonly record: string;
  readonly where: string;
  readonly why: string;
}

/** What a record may be called by, the plainest first. */
const NAMED_BY = ['name', 'title', 'no', 'id'] as const;

/**
 * What a record is called where something is wrong with it: its kind, and its name, title, number or id.
 *
 * @example recordName('bins', { id: 'b1', name: 'Hook 2/0' }) // "bin 'Hook 2/0'"
 */
export function recordName(table: ContentsTable, record: unknown): string {
  const { one } = ALL_TABLES[table];
  if (record === null || typeof record !== 'object') return one;
  const of = record as Readonly<Record<string, unknown>>;
  const by = NAMED_BY.find((key) => typeof of[key] === 'string' || typeof of[key] === 'number');
  return by ? `${one} '${String(of[by]).slice(0, 60)}'` : one;
}

/**
 * Whether a record is one of its table and within what a bench can be; null where it is.
 *
 * @example checkRecord('entries', entry) // null
 */
export function checkRecord(table: ContentsTable, record: unknown): RecordFault | null {
  const parsed = ALL_TABLES[table].schema.safeParse(record);
  if (parsed.success) return null;
  const [issue] = parsed.error.issues;
  return {
    record: recordName(table, record),
    where: issue?.path.join('.') ?? '',
    why: issue?.message ?? 'it is no such record',
  };
}
