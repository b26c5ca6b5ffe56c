import type { Drawer } from '@/records/cabinet';
import type { Store } from '../store';
import { write } from '../write';

/** The maker's own cabinet: its drawers, and which bin lies in which. */
export function cabinetRepository(store: Store) {
  const { db } = store;
  return {
    drawers: (): Promise<Drawer[]> => db.drawers.toArray(),

    save: ({ id, ...drawer }: Omit<Drawer, 'id'> & { readonly id?: string | undefined }): Promise<string> =>
      write(store, `Drawer: ${drawer.name}`, async (pen) => {
        const kept = { ...drawer, id: id ?? store.newId() };
        await pen.put('drawers', kept);
        return kept.id;
      }),

    /** Takes a drawer out of the cabinet; what lay in it lies loose. */
    remove: (id: string): Promise<void> =>
      write(store, 'Take a drawer out', async (pen) => {
        const bins = (await db.bins.toArray()).filter(({ drawerId }) => drawerId === id);
        for (const bin of bins) await pen.put('bins', { ...bin, drawerId: null });
        await pen.remove('drawers', id);
      }),

    /** Puts bins into a drawer, or out of any. */
    file: (binIds: readonly string[], drawerId: string | null): Promise<void> =>
      write(store, 'Put into a drawer', async (pen) => {
        for (const id of binIds) {
          const bin = await db.bins.get(id);
          if (bin && bin.drawerId !== drawerId) await pen.put('bins', { ...bin, drawerId });
        }
      }),
  };
}
