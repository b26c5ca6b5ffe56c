import { did } from '../did';
import type { Drawer, Photo } from '@/records/cabinet';
import type { Store } from '../store';
import { write } from '../write';

/** The maker's own cabinet: its drawers, and which bin lies in which. */
export function cabinetRepository(store: Store) {
  const { db } = store;
  return {
    drawers: (): Promise<Drawer[]> => db.drawers.toArray(),

    save: ({ id, ...drawer }: Omit<Drawer, 'id'> & { readonly id?: string | undefined }): Promise<string> =>
      write(store, did('drawer.kept', { name: drawer.name }), async (tx) => {
        const kept = { ...drawer, id: id ?? store.newId() };
        await tx.put('drawers', kept);
        return kept.id;
      }),

    /** Takes a drawer out of the cabinet; what lay in it lies loose. */
    remove: (id: string): Promise<void> =>
      write(store, did('drawer.removed'), async (tx) => {
        const bins = (await db.bins.toArray()).filter(({ drawerId }) => drawerId === id);
        for (const bin of bins) await tx.put('bins', { ...bin, drawerId: null });
        await tx.remove('drawers', id);
      }),

    /** Keeps a picture of a bin in place of the one before; null takes it away. */
    photograph: (binId: string, dataUrl: string | null): Promise<void> =>
      write(store, did(dataUrl === null ? 'picture.removed' : 'picture.kept'), async (tx) => {
        const bin = await db.bins.get(binId);
        if (!bin) return;
        const photo: Photo | null = dataUrl === null ? null : { id: store.newId(), at: tx.at, dataUrl };
        if (photo) await tx.put('photos', photo);
        await tx.put('bins', { ...bin, photoId: photo?.id ?? null });
        if (bin.photoId !== null) await tx.remove('photos', bin.photoId);
      }),

    /** A picture; undefined where it is gone. */
    photo: (id: string): Promise<Photo | undefined> => db.photos.get(id),

    /** Puts bins into a drawer, or out of any. */
    file: (binIds: readonly string[], drawerId: string | null): Promise<void> =>
      write(store, did('bin.filed'), async (tx) => {
        for (const id of binIds) {
          const bin = await db.bins.get(id);
          if (bin && bin.drawerId !== drawerId) await tx.put('bins', { ...bin, drawerId });
        }
      }),
  };
}
