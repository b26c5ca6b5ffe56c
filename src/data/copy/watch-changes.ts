import Dexie from 'dexie';

/** Calls back after every change to the bench's database, of whichever tab; gives what ends that. */
export function watchChanges(changed: () => void): () => void {
  Dexie.on('storagemutated', changed);
  return () => Dexie.on('storagemutated').unsubscribe(changed);
}
