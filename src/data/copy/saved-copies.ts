import { CONTENTS_TABLES, type BenchFile } from '@/records/bench-file';
import { readBenchFile } from '@/records/read-bench-file';
import { copiesToKeep } from './copies-to-keep';
import type { CopyFolder } from './folder';
import { packText, unpackText } from './pack';

/** The copy that is kept in step, and those that were set aside by their days. */
const NEWEST = 'ruvek-bench.json.gz';
const ASIDE = /^ruvek-bench-(\d{4})-(\d{2})-(\d{2})-(\d{2})(\d{2})(\d{2})\.json\.gz$/;

const asideName = (at: number) =>
  `ruvek-bench-${new Date(at).toISOString().slice(0, 19).replace('T', '-').replaceAll(':', '')}.json.gz`;

function asideAt(name: string): number | null {
  const [, ...parts] = ASIDE.exec(name) ?? [];
  const [year, month, day, hour, minute, second] = parts.map(Number);
  if (year === undefined || month === undefined) return null;
  return Date.UTC(year, month - 1, day, hour, minute, second);
}

/** What a saving came to. */
export type SavedCopy =
  | { readonly is: 'saved'; readonly at: number; readonly bytes: number }
  /** A bare bench is nothing to keep, and must not push out one that is. */
  | { readonly is: 'bare' }
  /** What was written does not read as what it was written from. */
  | { readonly is: 'unsound' };

const isBare = ({ contents }: BenchFile) => CONTENTS_TABLES.every((table) => contents[table].length === 0);

/** Whether a bench goes on from an earlier one: its newest doing is known. */
function goesOnFrom(next: BenchFile, earlier: BenchFile): boolean {
  const last = earlier.contents.acts.reduce<{ id: string; no: number } | null>(
    (newest, act) => (newest === null || act.no > newest.no ? act : newest),
    null,
  );
  return last === null || next.contents.acts.some(({ id }) => id === last.id);
}

async function readCopy(folder: CopyFolder, name: string): Promise<BenchFile | null> {
  try {
    const bytes = await folder.read(name);
    const reading = bytes ? readBenchFile(await unpackText(bytes)) : null;
    return reading?.ok ? reading.file : null;
  } catch {
    // Cut off, or no copy at all: as good as none.
    return null;
  }
}

/**
 * Keeps a copy of the bench: written beside and swapped in, read back before it counts. The copy before is set aside where it
 * is of another day, or where the bench does not go on from it; of those the last days' and months' are kept.
 *
 * @example await saveCopy(folder, await workshop.backup.save()) // { is: 'saved', at: 1764600000000, bytes: 180213 }
 */
export async function saveCopy(folder: CopyFolder, file: BenchFile): Promise<SavedCopy> {
  if (isBare(file)) return { is: 'bare' };
  const before = await readCopy(folder, NEWEST);
  if (before) {
    const isOtherDay = Math.floor(before.savedAt / 86_400_000) !== Math.floor(file.savedAt / 86_400_000);
    if (isOtherDay || !goesOnFrom(file, before)) {
      const bytes = await folder.read(NEWEST);
      if (bytes) await folder.write(asideName(before.savedAt), bytes);
    }
  }
  const text = JSON.stringify(file);
  const bytes = await packText(text);
  await folder.write(NEWEST, bytes);
  const back = await folder.read(NEWEST);
  const read = back ? await unpackText(back).catch(() => null) : null;
  if (read !== text) return { is: 'unsound' };
  await clearAside(folder, file.savedAt);
  return { is: 'saved', at: file.savedAt, bytes: bytes.byteLength };
}

async function clearAside(folder: CopyFolder, now: number): Promise<void> {
  const dated = (await folder.list()).flatMap(({ name }) => {
    const at = asideAt(name);
    return at === null ? [] : [{ name, at }];
  });
  const kept = new Set(copiesToKeep(dated, now));
  for (const { name } of dated) if (!kept.has(name)) await folder.remove(name);
}

/** A copy that was found, whole. */
export interface FoundCopy {
  readonly name: string;
  readonly file: BenchFile;
}

/**
 * The newest copy of a folder that reads; null where none does.
 *
 * @example (await newestCopy(folder))?.file.savedAt // 1764600000000
 */
export async function newestCopy(folder: CopyFolder): Promise<FoundCopy | null> {
  const aside = (await folder.list())
    .flatMap(({ name }) => (asideAt(name) === null ? [] : [name]))
    .sort()
    .reverse();
  for (const name of [NEWEST, ...aside]) {
    const file = await readCopy(folder, name);
    if (file) return { name, file };
  }
  return null;
}
