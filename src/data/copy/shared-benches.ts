import { CONTENTS_TABLES, type BenchContents, type BenchFile } from '@/records/bench-file';
import type { backupExchange } from '../exchange/backup';
import { readBenchFile } from '@/records/read-bench-file';
import { mergeBenches, type MergePlan } from '../exchange/merge/merge-benches';
import type { CopyFolder } from './folder';
import { packText, unpackText } from './pack';

/** `vise-tablet-x7k2.000012.ruvek.gz`: whose it is, its mark last, and the how manieth. A file is never written over. */
const SHARED = /^([a-z0-9-]{1,60})\.(\d{6})\.ruvek\.gz$/;
/** The one before stays until the next is everywhere: whoever sees half of the newest takes that. */
const KEPT = 2;

/** A device may be called otherwise one day; it is known by its mark, which stands last in its name. */
export const markOf = (device: string): string => device.slice(device.lastIndexOf('-') + 1);
const isOf = (one: string, other: string) => markOf(one) === markOf(other);

const nameOf = (device: string, nth: number) => `${device}.${String(nth).padStart(6, '0')}.ruvek.gz`;

interface SharedFile {
  readonly name: string;
  readonly device: string;
  readonly nth: number;
}

async function sharedIn(folder: CopyFolder): Promise<SharedFile[]> {
  return (await folder.list())
    .flatMap(({ name }) => {
      const [, device, nth] = SHARED.exec(name) ?? [];
      return device && nth ? [{ name, device, nth: Number(nth) }] : [];
    })
    .sort((a, b) => b.nth - a.nth);
}

/** The bench in a file of the folder; null where it is gone, or not whole. */
export async function readShared(folder: CopyFolder, name: string): Promise<BenchFile | null> {
  try {
    const bytes = await folder.read(name);
    const reading = bytes ? readBenchFile(await unpackText(bytes)) : null;
    return reading?.ok ? reading.file : null;
  } catch {
    // Half of it has come so far: the rest is waited for.
    return null;
  }
}

type Exchange = Pick<ReturnType<typeof backupExchange>, 'save' | 'join'>;

/** What stands in a file of the device's own, letter by letter; null where it does not read. */
async function writtenContents(folder: CopyFolder, name: string): Promise<string | null> {
  try {
    const bytes = await folder.read(name);
    if (!bytes) return null;
    const { contents } = JSON.parse(await unpackText(bytes)) as { contents: unknown };
    return JSON.stringify(contents);
  } catch {
    return null;
  }
}

/** What a device did last in the folder, while its page is open. */
export interface SharingState {
  /** Of each other device, the newest file that was taken in. */
  readonly seen: Map<string, string>;
  /** What this device wrote last, without the time; null until it is known. */
  wrote: string | null;
  /** Of other devices' files, those that wait for an answer. */
  asked: readonly SyncQuestion[];
  /** Whether this device's bench may say other than when it was looked at last. */
  mayDiffer: boolean;
}

export const newSharing = (): SharingState => ({ seen: new Map(), wrote: null, asked: [], mayDiffer: true });

/**
 * Lays this device's bench into the folder, as a file of its own, where it says other than the last one did. Gives whether
 * one was written.
 */
async function shareBench(
  folder: CopyFolder,
  device: string,
  file: BenchFile,
  state: SharingState,
): Promise<boolean> {
  const own = (await sharedIn(folder)).filter((each) => isOf(each.device, device));
  const contents = JSON.stringify(file.contents);
  if (state.wrote === null && own[0]) {
    state.wrote = await writtenContents(folder, own[0].name);
  }
  if (own.length > 0 && state.wrote === contents) return false;
  await folder.write(nameOf(device, (own[0]?.nth ?? 0) + 1), await packText(JSON.stringify(file)));
  state.wrote = contents;
  for (const { name } of own.slice(KEPT - 1)) await folder.remove(name);
  return true;
}

/** Another device's bench that was not taken in yet. */
export interface SharedBench {
  readonly device: string;
  readonly name: string;
  readonly file: BenchFile;
}

/**
 * The newest whole bench of every other device that was not taken in and does not wait for an answer; a file of which only half
 * has come is passed over.
 */
export async function unseenBenches(
  folder: CopyFolder,
  device: string,
  state: SharingState,
  waiting: readonly SyncQuestion[] = [],
): Promise<SharedBench[]> {
  const others = (await sharedIn(folder)).filter((each) => !isOf(each.device, device));
  const found: SharedBench[] = [];
  for (const of of new Set(others.map((each) => each.device))) {
    for (const { name } of others.filter((each) => each.device === of)) {
      if (state.seen.get(of) === name || waiting.some((each) => each.name === name)) break;
      const file = await readShared(folder, name);
      if (!file) continue;
      found.push({ device: of, name, file });
      break;
    }
  }
  return found;
}

/** Another device's bench that cannot be joined unasked. */
export interface SyncQuestion {
  readonly device: string;
  readonly name: string;
}

export interface Shared {
  /** Of how many devices something was taken in. */
  readonly joined: number;
  readonly questions: readonly SyncQuestion[];
  /** Whether this device's bench was laid into the folder anew. */
  readonly wrote: boolean;
}

/**
 * One round of sharing: takes in what other devices laid into the folder where nothing stands against it, asks where something
 * does, and lays this device's bench there where it says other than before.
 *
 * @example (await exchangeBenches(folder, 'vise-tablet-x7k2', exchange, newSharing())).joined // 1
 */
export async function exchangeBenches(
  folder: CopyFolder,
  device: string,
  exchange: Exchange,
  state: SharingState,
): Promise<Shared> {
  const { mayDiffer } = state;
  // What changes from here on is looked at in the next round.
  state.mayDiffer = false;
  try {
    return await exchangeOnce(folder, device, exchange, state, mayDiffer);
  } catch (error) {
    state.mayDiffer = true;
    throw error;
  }
}

async function exchangeOnce(
  folder: CopyFolder,
  device: string,
  exchange: Exchange,
  state: SharingState,
  mayDiffer: boolean,
): Promise<Shared> {
  const waiting = mayDiffer ? [] : state.asked;
  const unseen = await unseenBenches(folder, device, state, waiting);
  const questions = waiting.filter((each) => !unseen.some((other) => other.device === each.device));
  let joined = 0;
  for (const { device: other, name, file } of unseen) {
    const ours = (await exchange.save()).contents;
    const plan = mergeBenches(ours, file.contents);
    const isNew = !bringsNothing(ours, plan);
    if (isNew && !isQuiet(plan)) {
      questions.push({ device: other, name });
      continue;
    }
    if (isNew) {
      await exchange.join(file.contents);
      joined += 1;
    }
    state.seen.set(other, name);
  }
  state.asked = questions;
  if (!mayDiffer && joined === 0) return { joined, questions, wrote: false };
  const own = await exchange.save();
  const isBare = CONTENTS_TABLES.every((table) => own.contents[table].length === 0);
  const wrote = !isBare && (await shareBench(folder, device, own, state));
  return { joined, questions, wrote };
}

/** Whether a join needs nobody: nothing changed on both, nothing below zero by it, no two runs at once. */
const isQuiet = ({ conflicts, belowZero, twoUnderWay }: MergePlan): boolean =>
  conflicts.length === 0 && belowZero.length === 0 && twoUnderWay.length === 0;

/** Whether joining a bench would change nothing. */
const bringsNothing = (ours: BenchContents, { contents, counts, settled }: MergePlan): boolean =>
  counts.length === 0 && settled.length === 0 && contents.acts.length === ours.acts.length;
