import { did } from '../did';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Skirt } from '@/records/skirt';
import { PLAIN_BIN } from '@/records/plain-bin';
import type { Store } from '../store';
import { nextVersion } from './next-version';
import { ownStepsKeeper } from './own-steps';
import { attempt, granted, refuse, write } from '../write';
import type { NewBin } from '@/records/plain-bin';
import type { NewSkirt } from '@/records/skirt';

/** Recipes of skirts, version by version, and what the water said of them. */
export function skirtRepository(store: Store) {
  const { db } = store;
  return {
    all: (): Promise<Skirt[]> => db.skirts.toArray(),

    /** Keeps a recipe as the next version of its family, or as the first of a new one. Older versions stay. */
    async keep({ family, ...recipe }: NewSkirt): Promise<Skirt> {
      return write(store, did('skirt.kept', { name: recipe.name }), async (tx) => {
        const next = await nextVersion(store, tx, 'skirt', { family, name: recipe.name });
        const kept: Skirt = { ...recipe, ...next };
        await tx.put('skirts', kept);
        return kept;
      });
    },

    /** Keeps the card's steps in the maker's own order and words; none takes them back to how they come. */
    ownSteps: ownStepsKeeper(
      store,
      'skirt',
      (id) => db.skirts.get(id),
      (tx, skirt) => tx.put('skirts', skirt),
    ),

    /** Keeps a recipe that came in a file, with empty bins for what of it the shelf does not know: one write. */
    bringIn: (
      materials: readonly (string | NewBin)[],
      recipeOf: (binIds: readonly string[]) => NewSkirt,
    ): Promise<Skirt> =>
      write(store, did('skirt.from-file'), async (tx) => {
        const binIds: string[] = [];
        for (const material of materials) {
          if (typeof material === 'string') binIds.push(material);
          else {
            const id = store.newId();
            await tx.put('bins', { ...PLAIN_BIN, ...material, id, retired: false });
            binIds.push(id);
          }
        }
        const id = store.newId();
        const kept: Skirt = {
          ...recipeOf(binIds),
          id,
          family: id,
          version: 1,
          createdAt: tx.at,
          retired: false,
        };
        await tx.put('skirts', kept);
        return kept;
      }),

    /** Changes what is said of a version; never what it is made of. */
    note: (id: string, note: string): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('skirt.noted'), async (tx) => {
        const skirt = await db.skirts.get(id);
        if (!skirt) return refuse({ code: 'bench.gone', what: 'skirt' });
        await tx.put('skirts', { ...skirt, note });
        return granted(undefined);
      }),

    /** Puts all versions of a recipe away, or back on the board. */
    putAway: (family: string, retired: boolean): Promise<void> =>
      write(store, did(retired ? 'skirt.put-away' : 'skirt.taken-out'), async (tx) => {
        for (const skirt of await db.skirts.where('family').equals(family).toArray()) {
          await tx.put('skirts', { ...skirt, retired });
        }
      }),
  };
}
