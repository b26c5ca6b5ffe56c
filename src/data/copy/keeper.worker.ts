import { expose } from 'comlink';
import { nanoid } from 'nanoid';
import { CONTENTS_TABLES, type BenchFile } from '@/records/bench-file';
import { BenchDatabase } from '../database';
import { backupExchange } from '../exchange/backup';
import { folderOf, type CopyFolder } from './folder';
import type { Keeping, Offered, Place } from './keeper';
import { placeMemory } from './place-memory';
import { newestCopy, saveCopy } from './saved-copies';
import { exchangeBenches, readShared } from './shared-benches';
import { watchChanges } from './watch-changes';

const db = new BenchDatabase();
// The page that asked is told by its own connection, and begins anew.
db.on('versionchange', () => db.close({ disableAutoOpen: false }));

const backup = (now: number) => backupExchange({ db, now: () => now, newId: () => nanoid() });
const memory = placeMemory();
const knownOf = (place: Place, device: string | null) => memory.at(place?.name ?? null, device);
// What this worker writes itself is told too, and costs one look more.
watchChanges(memory.changed);

async function folderAt(place: Place): Promise<CopyFolder> {
  return folderOf(place ?? (await navigator.storage.getDirectory()));
}

/** One tab at a time: two must not write one file. */
const alone = <Value>(work: () => Promise<Value>): Promise<Value> =>
  navigator.locks.request('ruvek-copies', work) as Promise<Value>;

const offer = ({ name, file }: { readonly name: string; readonly file: BenchFile }): Offered => ({
  name,
  savedAt: file.savedAt,
  bench: file.contents.bench[0]?.name ?? null,
  records: CONTENTS_TABLES.filter((table) => table !== 'acts').reduce(
    (total, table) => total + file.contents[table].length,
    0,
  ),
});

const keeping: Keeping = {
  save: (place, device, now) =>
    alone(async () =>
      saveCopy(await folderAt(place), await backup(now).save(), knownOf(place, device).saving),
    ),

  async newest(place) {
    const found = await newestCopy(await folderAt(place));
    return found ? offer(found) : null;
  },

  bringBack: (place, now) =>
    alone(async () => {
      const found = await newestCopy(await folderAt(place));
      if (!found) return false;
      await backup(now).restore(found.file.contents);
      return true;
    }),

  share: (place, device, now) =>
    alone(async () =>
      exchangeBenches(await folderAt(place), device, backup(now), knownOf(place, device).sharing),
    ),

  sharedBench: async (place, name) => (await readShared(await folderAt(place), name))?.contents ?? null,
};

expose(keeping);
