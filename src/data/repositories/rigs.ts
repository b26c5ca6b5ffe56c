import { did } from '../did';
import type { Allowance, Match, Pull, RigRecord } from '@/records/rig';
import type { Store } from '../store';
import { nextVersion } from './next-version';
import { ownStepsKeeper } from './own-steps';
import { write } from '../write';
import type { NewRig } from '@/records/rig';

/** Rigs version by version, and what the maker knows that no packet says: ends learned, matches tried. */
export function rigRepository(store: Store) {
  const { db } = store;
  return {
    all: (): Promise<RigRecord[]> => db.rigs.toArray(),
    allowances: (): Promise<Allowance[]> => db.allowances.toArray(),
    matches: (): Promise<Match[]> => db.matches.toArray(),
    pulls: (): Promise<Pull[]> => db.pulls.toArray(),

    /** Keeps a rig as the next version of its family, or as the first of a new one. Older versions stay. */
    keep: ({ family, ...rig }: NewRig): Promise<RigRecord> =>
      write(store, did('rig.kept', { name: rig.name }), async (tx) => {
        const next = await nextVersion(store, tx, 'rig', { family, name: rig.name });
        const kept: RigRecord = { ...rig, ...next };
        await tx.put('rigs', kept);
        return kept;
      }),

    /** Keeps the card's steps in the maker's own order and words; none takes them back to how they come. */
    ownSteps: ownStepsKeeper(
      store,
      'rig',
      (id) => db.rigs.get(id),
      (tx, rig) => tx.put('rigs', rig),
    ),

    /** Puts all versions of a rig away, or back on the board. */
    putAway: (family: string, retired: boolean): Promise<void> =>
      write(store, did(retired ? 'rig.put-away' : 'rig.taken-out'), async (tx) => {
        for (const rig of await db.rigs.where('family').equals(family).toArray()) {
          await tx.put('rigs', { ...rig, retired });
        }
      }),

    /** Keeps what an end takes of a line, or of every line; a later one of the same goes over it. */
    learn: (learned: Omit<Allowance, 'id' | 'at'>): Promise<void> =>
      write(store, did('allowance.learned'), (tx) =>
        tx.put('allowances', {
          ...learned,
          id: `${learned.end}-${learned.binId ?? 'any'}`.slice(0, 80),
          at: tx.at,
        }),
      ),

    forget: (id: string): Promise<void> =>
      write(store, did('allowance.forgotten'), (tx) => tx.remove('allowances', id)),

    /** Keeps what a knot or crimp broke at; every pull counts. */
    pulled: (pull: Omit<Pull, 'id' | 'at'>): Promise<void> =>
      write(store, did('pull.kept'), (tx) => tx.put('pulls', { ...pull, id: store.newId(), at: tx.at })),

    unpulled: (id: string): Promise<void> =>
      write(store, did('pull.forgotten'), (tx) => tx.remove('pulls', id)),

    /** Keeps what the maker tried, over the line of the same range that was there. */
    tried: (match: Omit<Match, 'id' | 'at'>): Promise<void> =>
      write(store, did('match.kept'), (tx) =>
        tx.put('matches', { ...match, id: `${match.table}-${match.from}-${match.to}`, at: tx.at }),
      ),

    /** Goes back to what is typical. */
    untried: (id: string): Promise<void> =>
      write(store, did('match.dropped'), (tx) => tx.remove('matches', id)),
  };
}
