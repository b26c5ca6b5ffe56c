import { did } from '../did';
import type { Outlay } from '@/records/outlay';
import type { Store } from '../store';
import { write } from '../write';

/** What was laid out once, and is paid back by piece. */
export function outlayRepository(store: Store) {
  const { db } = store;
  return {
    all: (): Promise<Outlay[]> => db.outlays.toArray(),

    save: ({ id, ...outlay }: Omit<Outlay, 'id'> & { readonly id?: string | undefined }): Promise<void> =>
      write(store, did('outlay.kept', { name: outlay.name }), (tx) =>
        tx.put('outlays', { ...outlay, id: id ?? store.newId() }),
      ),
  };
}
