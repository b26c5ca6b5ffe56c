import { CONTENTS_TABLES, type BenchFile } from '@/records/bench-file';
import { readBenchFile } from '@/records/read-bench-file';
import { copiesToKeep } from './copies-to-keep';
import type { CopyFolder } from './folder';
import { packText, unpackText } from './pack';

/** `ruvek-bench.json.gz`, or of one of several devices `ruvek-bench.phone-x7k2.json.gz`; with its date once it is set aside. */
const COPY = /^ruvek-bench(?:\.([a-z0-9-]{1,60}))?(?:_(\d{4}-\d{2}-\d{2})_(\d{2})(\d{2})(\d{2}))?\.json\.gz$/;

function copyName(device: string | null, asideAt: number | null): string {
  const of = device === null ? '' : `.${device}`;
  const [day, time = ''] = asideAt === null ? [] : new Date(asideAt).toISOString().split('T');
  const when = day === undefined ? '' : `_${day}_${time.slice(0, 8).replaceAll(':', '')}`;
  return `ruvek-bench${of}${when}.json.gz`;
}

interface ListedCopy {
  readonly name: string;
  readonly device: string | null;
  /** When it was saved; null for the one that is kept in step. */
  readonly asideAt: number | null;
}

async function copiesIn(folder: CopyFolder): Promise<ListedCopy[]> {
  return (await folder.list()).flatMap(({ name }) => {
    const found = COPY.exec(name);
    if (!found) return [];
    const [, device = null, day, hour, minute, second] = found;
    const asideAt = day === undefined ? null : Date.parse(`${day}T${hour}:${minute}:${second}Z`);
    return [{ name, device, asideAt }];
  });
}

const DAY_MS = 86_400_000;

/** What a saving came to. */
export type SavedCopy =
  | { readonly is: 'saved'; readonly at: number; readonly bytes: number }
  /** A bare bench is nothing to keep, and must not push out one that is. */
  | { readonly is: 'bare' }
  /** What was written does not read as what it was written from. */
  | { readonly is: 'unsound' };

const isBare = ({ contents }: BenchFile) => CONTENTS_TABLES.every((table) => contents[table].length === 0);

/** As much of the newest copy as the next one is held against. */
interface KeptCopy {
  readonly savedAt: number;
  /** Its newest doing; null where nothing was done on it. */
  readonly actId: string | null;
}

/** Whose copies a keeper writes, and what it saved last, so that it need not read it again. */
export interface Saving {
  /** What this device is called where several write to one folder; null where it is alone. */
  readonly device: string | null;
  last: KeptCopy | null;
}

function keptOf({ savedAt, contents }: BenchFile): KeptCopy {
  const newest = contents.acts.reduce<{ id: string; no: number } | null>(
    (last, act) => (last === null || act.no > last.no ? act : last),
    null,
  );
  return { savedAt, actId: newest?.id ?? null };
}

/** Whether a bench goes on from what was kept: its newest doing is known. */
const goesOnFrom = ({ contents }: BenchFile, { actId }: KeptCopy): boolean =>
  actId === null || contents.acts.some(({ id }) => id === actId);

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
export async function saveCopy(folder: CopyFolder, file: BenchFile, saving: Saving): Promise<SavedCopy> {
  if (isBare(file)) return { is: 'bare' };
  const newest = copyName(saving.device, null);
  const before = saving.last ?? (await keptIn(folder, newest));
  saving.last = null;
  if (before) {
    const isOtherDay = Math.floor(before.savedAt / DAY_MS) !== Math.floor(file.savedAt / DAY_MS);
    if (isOtherDay || !goesOnFrom(file, before)) {
      const bytes = await folder.read(newest);
      if (bytes) await folder.write(copyName(saving.device, before.savedAt), bytes);
    }
  }
  const text = JSON.stringify(file);
  const bytes = await packText(text);
  await folder.write(newest, bytes);
  const back = await folder.read(newest);
  const read = back ? await unpackText(back).catch(() => null) : null;
  if (read !== text) return { is: 'unsound' };
  await clearAside(folder, saving.device, file.savedAt);
  saving.last = keptOf(file);
  return { is: 'saved', at: file.savedAt, bytes: bytes.byteLength };
}

async function keptIn(folder: CopyFolder, name: string): Promise<KeptCopy | null> {
  const file = await readCopy(folder, name);
  return file && keptOf(file);
}

async function clearAside(folder: CopyFolder, own: string | null, now: number): Promise<void> {
  const dated = (await copiesIn(folder)).flatMap(({ name, device, asideAt }) =>
    device === own && asideAt !== null ? [{ name, at: asideAt }] : [],
  );
  const kept = new Set(copiesToKeep(dated, now));
  for (const { name } of dated) if (!kept.has(name)) await folder.remove(name);
}

/** A copy that was found, whole. */
export interface FoundCopy {
  readonly name: string;
  readonly file: BenchFile;
}

/**
 * The newest copy of a folder that reads, of whichever device; null where none does.
 *
 * @example (await newestCopy(folder))?.file.savedAt // 1764600000000
 */
export async function newestCopy(folder: CopyFolder): Promise<FoundCopy | null> {
  const all = await copiesIn(folder);
  const inStep = await Promise.all(
    all.filter(({ asideAt }) => asideAt === null).map(({ name }) => found(folder, name)),
  );
  const newest = inStep.reduce(
    (best, each) => (each && (!best || each.file.savedAt > best.file.savedAt) ? each : best),
    null,
  );
  if (newest) return newest;
  for (const { name } of all.sort((a, b) => (b.asideAt ?? 0) - (a.asideAt ?? 0))) {
    const copy = await found(folder, name);
    if (copy) return copy;
  }
  return null;
}

async function found(folder: CopyFolder, name: string): Promise<FoundCopy | null> {
  const file = await readCopy(folder, name);
  return file && { name, file };
}
