import { did } from '../did';
import type { Mold } from '@/records/mold';
import type { Weighing } from '@/records/weighing';
import type { Store } from '../store';
import { write, type WriteTransaction } from '../write';

/** The blocks on the bench. */
export function moldRepository(store: Store) {
  const { db } = store;
  async function dropWeighings(
    tx: WriteTransaction,
    moldId: string,
    isGone: (weighing: Weighing) => boolean,
  ) {
    const own = await db.weighings.where('moldId').equals(moldId).toArray();
    for (const weighing of own.filter(isGone)) await tx.remove('weighings', weighing.id);
  }
  return {
    all: (): Promise<Mold[]> => db.molds.toArray(),

    /** Adds a block, or changes the one of this id. */
    save: (mold: Omit<Mold, 'id'> & { id?: string }): Promise<string> => {
      const id = mold.id ?? store.newId();
      const deed = did(mold.id ? 'mold.edited' : 'mold.new', { name: mold.name });
      return write(store, deed, async (tx) => {
        // A cavity that is new has no id yet.
        const cavities = mold.cavities.map((each) => ({ ...each, id: each.id || store.newId() }));
        await tx.put('molds', { ...mold, cavities, id });
        const kept = new Set(cavities.map((each) => each.id));
        await dropWeighings(tx, id, ({ cavityId }) => cavityId !== null && !kept.has(cavityId));
        return id;
      });
    },

    /** Takes a block off the bench. Runs that used it keep their figures. */
    remove: (mold: Mold): Promise<void> =>
      write(store, did('mold.removed', { name: mold.name }), async (tx) => {
        await dropWeighings(tx, mold.id, () => true);
        await tx.remove('molds', mold.id);
      }),
  };
}
