import { z } from 'zod';
import type { FileProblem } from '@/core/problems/bench-problem';
import {
  BENCH_FILE_FORMAT,
  BENCH_FILE_VERSION,
  benchFile,
  CONTENTS_TABLES,
  type BenchFile,
} from './bench-file';
import { recordName } from './check-record';
import { findLooseEnd } from './find-loose-end';
import { nestedPast } from './nested-past';
import { isRecord } from './upgrades/upgrade';
import { upgradeContents } from './upgrades/upgrade-contents';

/** A hundred years of a busy bench is well under this. */
export const LARGEST_FILE_BYTES = 64 * 1024 * 1024;

/** No record of a bench nests deeper; the history keeps records in records. */
const MOST_LEVELS = 40;

export type FileReading =
  | { readonly ok: true; readonly file: BenchFile }
  | { readonly ok: false; readonly problem: FileProblem };

const header = z.object({ format: z.literal(BENCH_FILE_FORMAT), version: z.int().min(1) });

/**
 * Reads the text of a saved bench. Nothing is let through that the bench could not hold: wrong form, ids that
 * stand twice, entries for bins that are not there.
 *
 * @example readBenchFile('{}') // { ok: false, problem: { code: 'file.foreign' } }
 */
export function readBenchFile(text: string): FileReading {
  const refuse = (problem: FileProblem): FileReading => ({ ok: false, problem });
  if (text.length > LARGEST_FILE_BYTES) {
    return refuse({ code: 'file.too-large', bytes: text.length, most: LARGEST_FILE_BYTES });
  }
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return refuse({ code: 'file.not-json' });
  }
  const deep = nestedPast(raw, MOST_LEVELS);
  if (deep !== null) return refuse({ code: 'file.too-deep', where: deep, most: MOST_LEVELS });
  const head = header.safeParse(raw);
  if (!head.success) return refuse({ code: 'file.foreign' });
  if (head.data.version > BENCH_FILE_VERSION) {
    return refuse({ code: 'file.newer', version: head.data.version, known: BENCH_FILE_VERSION });
  }
  const { version } = head.data;
  const newest =
    version < BENCH_FILE_VERSION && isRecord(raw)
      ? { ...raw, version: BENCH_FILE_VERSION, contents: upgradeContents(version, raw.contents) }
      : raw;
  const parsed = benchFile.safeParse(newest);
  if (!parsed.success) {
    const [issue] = parsed.error.issues;
    const path = issue?.path.map(String) ?? [];
    const record = recordAt(newest, path);
    return refuse({
      code: 'file.damaged',
      ...(record === null ? {} : { record }),
      where: path.join('.'),
      why: issue?.message ?? '',
    });
  }
  const looseEnd = findLooseEnd(parsed.data.contents);
  if (!looseEnd) return { ok: true, file: parsed.data };
  const record = recordAt(parsed.data, ['contents', ...looseEnd.where.split('.')]);
  return refuse({ code: 'file.damaged', ...(record === null ? {} : { record }), ...looseEnd });
}

/** What the record is called that a place in a file lies in; null where it lies in none. */
function recordAt(file: unknown, [, table, nth]: readonly string[]): string | null {
  const known = CONTENTS_TABLES.find((each) => each === table);
  if (!known || nth === undefined || !isRecord(file) || !isRecord(file.contents)) return null;
  const list = file.contents[known];
  return Array.isArray(list) ? recordName(known, list[Number(nth)]) : null;
}
