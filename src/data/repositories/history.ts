import type { Deed } from '@/core/history/deed';
import { isEqual } from 'es-toolkit/predicate';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { HistoryEntry, Change } from '@/records/history-entry';
import type { Bin } from '@/records/bin';
import type { Entry } from '@/records/entry';
import { sortHistory } from '../sort-history';
import type { Store } from '../store';
import { attempt, granted, type WriteTransaction, refuse } from '../write';

const NEWEST = 12;

/** Whether older entries could not change what the newest say: what is undone next is among them, and all that was undone since. */
function isSettled(acts: readonly HistoryEntry[], undo: HistoryEntry | null): boolean {
  if (!undo) return false;
  const known = new Set(acts.map(({ id }) => id));
  return acts.every(({ no, undoes }) => no <= undo.no || undoes === null || known.has(undoes));
}

/** What can be taken back and done again, and doing so. */
export function historyRepository(store: Store) {
  const { db } = store;

  /** Asked after every write, so the newest entries are read first, and older ones only where those do not settle it. */
  async function offers(): Promise<{ undo: HistoryEntry | null; redo: HistoryEntry | null }> {
    for (let most = NEWEST; ; most *= 4) {
      const acts = (await db.acts.orderBy('no').reverse().limit(most).toArray()).reverse();
      const sorted = sortHistory(acts);
      if (acts.length < most || isSettled(acts, sorted.undo)) return sorted;
    }
  }

  /** The opposite of an entry, as the same deed: what it undoes says that it is one. */
  async function takeBack(act: HistoryEntry): Promise<BenchOutcome<Deed>> {
    return attempt(
      store,
      act.deed,
      async (tx) => {
        for (const change of act.changes) {
          if (!(await stands(change))) return refuse<Deed>({ code: 'bench.changed-since', deed: act.deed });
        }
        for (const change of [...act.changes].reverse()) await reverse(tx, change);
        return granted(act.deed);
      },
      act.id,
    );
  }

  async function stands({ table, key, after }: Change): Promise<boolean> {
    if (table === 'entries') return true;
    const current: unknown = (await db.table(table).get(key)) ?? null;
    return isEqual(current, after);
  }

  async function reverse(tx: WriteTransaction, { table, key, before, after }: Change): Promise<void> {
    if (table === 'entries') {
      // The ledger only grows: what is taken back is entered again the other way round.
      // Of the same roll and the same piece of tab, or the wrong one would be whole again.
      const { binId, kind, qty, note, ticketId, lineId, runId, pieceShare, lengthId } = after as Entry;
      const links = { ticketId, lineId, runId, pieceShare, lengthId };
      await tx.enter({ binId, kind, qty: -qty, note, ...links, reverses: key });
    } else if (before !== null) {
      await tx.put(table, before as never);
    } else if (table === 'bins') {
      // Entries name the bin for good, so it leaves the shelf but not the books.
      await tx.put('bins', { ...(after as Bin), retired: true });
    } else {
      await tx.remove(table, key);
    }
  }

  return {
    /** What the next undo and redo would touch; null where there is nothing. */
    offers,

    /** When the first thing was done after a moment; null where nothing was. Acts are counted up as they are done. */
    firstSince: async (at: number): Promise<number | null> => {
      const no = async (nth: number) => db.acts.where('no').equals(nth).first();
      let [before, from] = [0, ((await db.acts.orderBy('no').last())?.no ?? 0) + 1];
      // Each act is a record of its own size: the first is found by halving, not by reading them all.
      while (from - before > 1) {
        const middle = Math.floor((before + from) / 2);
        if (((await no(middle))?.at ?? 0) > at) from = middle;
        else before = middle;
      }
      return (await no(from))?.at ?? null;
    },

    /** Takes back the newest entry that stands. With `only`, refuses where that entry is another. */
    async undo(only: (act: HistoryEntry) => boolean = () => true): Promise<BenchOutcome<Deed>> {
      const { undo } = await offers();
      if (!undo || !only(undo)) return refuse({ code: 'bench.nothing-to-undo' });
      return takeBack(undo);
    },

    /** Does again what was taken back last, if nothing was written since. */
    async redo(): Promise<BenchOutcome<Deed>> {
      const { redo } = await offers();
      if (!redo) return refuse({ code: 'bench.nothing-to-undo' });
      return takeBack(redo);
    },
  };
}
