import { did } from '../did';
import type { Coat } from '@/records/coat';
import type { Heater } from '@/records/heater';
import type { Store } from '../store';
import { write } from '../write';

/** Recipes of color, and what heats heads. */
export function coatRepository(store: Store) {
  const { db } = store;
  return {
    all: (): Promise<Coat[]> => db.coats.toArray(),
    heaters: (): Promise<Heater[]> => db.heaters.toArray(),

    /** Writes a recipe; a new one where it has no id. */
    async save({ id, ...recipe }: Omit<Coat, 'id'> & { readonly id: string | null }): Promise<string> {
      const kept = id ?? store.newId();
      await write(store, did(id ? 'color.changed' : 'color.new', { name: recipe.name }), (tx) =>
        tx.put('coats', { ...recipe, id: kept }),
      );
      return kept;
    },

    /** Writes a source of heat; a new one where it has no id. */
    async saveHeater({
      id,
      ...heater
    }: Omit<Heater, 'id'> & { readonly id: string | null }): Promise<string> {
      const kept = id ?? store.newId();
      await write(store, did(id ? 'heater.set' : 'heater.new', { name: heater.name }), (tx) =>
        tx.put('heaters', { ...heater, id: kept }),
      );
      return kept;
    },
  };
}
