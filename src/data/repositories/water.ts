import { did } from '../did';
import type { Photo } from '@/records/cabinet';
import type { WaterNote } from '@/records/water-note';
import type { Store } from '../store';
import { write } from '../write';

/** What was noted at the water. */
export function waterRepository(store: Store) {
  const { db } = store;
  return {
    /** Every note, oldest first. */
    all: (): Promise<WaterNote[]> => db.waterNotes.orderBy('at').toArray(),

    /** Notes what the water said, with the pictures taken there. Without an `at` it is now. */
    note: (
      { at, photoIds, ...note }: Omit<WaterNote, 'id' | 'at'> & { readonly at?: number },
      pictures: readonly string[] = [],
    ): Promise<WaterNote> =>
      write(store, did('water-note.new'), async (tx) => {
        const photos = pictures.map((dataUrl): Photo => ({ id: store.newId(), at: tx.at, dataUrl }));
        for (const photo of photos) await tx.put('photos', photo);
        const kept: WaterNote = {
          ...note,
          id: store.newId(),
          at: at ?? tx.at,
          photoIds: [...photoIds, ...photos.map(({ id }) => id)],
        };
        await tx.put('waterNotes', kept);
        return kept;
      }),

    /** Sets a note right. */
    edit: (note: WaterNote): Promise<void> =>
      write(store, did('water-note.edited'), (tx) => tx.put('waterNotes', note)),

    /** Takes a note away. */
    remove: (id: string): Promise<void> =>
      write(store, did('water-note.removed'), (tx) => tx.remove('waterNotes', id)),

    /** A picture; undefined where it is gone. */
    photo: (id: string): Promise<Photo | undefined> => db.photos.get(id),
  };
}
