import type { Mold } from '@/records/mold';
import type { Store } from '../store';
import { write } from '../write';

/** The blocks on the bench. */
export function moldRepository(store: Store) {
  const { db } = store;
  return {
    all: (): Promise<Mold[]> => db.molds.toArray(),

    /** Adds a block, or changes the one of this id. */
    save: (mold: Omit<Mold, 'id'> & { id?: string }): Promise<string> => {
      const id = mold.id ?? store.newId();
      const label = mold.id ? `Edit ${mold.name}` : `New mold: ${mold.name}`;
      return write(store, label, async (pen) => {
        await pen.put('molds', { ...mold, id });
        return id;
      });
    },

    /** Takes a block off the bench. Runs that used it keep their figures. */
    remove: (mold: Mold): Promise<void> =>
      write(store, `Remove ${mold.name}`, (pen) => pen.remove('molds', mold.id)),
  };
}
