import type { OwnStep } from '@/core/card-runs/own-steps';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import { did } from '../did';
import type { Store } from '../store';
import { attempt, granted, refuse, type WriteTransaction } from '../write';

/** What is kept version by version, with a card of its own. */
interface Carded {
  readonly version: number;
  readonly ownSteps?: { id: string; says?: string | undefined }[] | undefined;
}

/** The own steps of the newest version: a new one goes on with them. */
export function ownStepsOf(known: readonly Carded[]): Pick<Carded, 'ownSteps'> {
  const newest = known.reduce<Carded | null>(
    (latest, each) => (latest === null || latest.version < each.version ? each : latest),
    null,
  );
  return newest?.ownSteps ? { ownSteps: newest.ownSteps } : {};
}

/**
 * Keeps a card's steps in the maker's own order and words with its recipe; none takes them back to how they come. `put` writes
 * the record to its own table.
 */
export const ownStepsKeeper =
  <T extends Carded>(
    store: Store,
    what: 'skirt' | 'build' | 'rig',
    get: (id: string) => PromiseLike<T | undefined>,
    put: (tx: WriteTransaction, record: T) => Promise<void>,
  ) =>
  (id: string, own: readonly OwnStep[]): Promise<BenchOutcome<undefined>> =>
    attempt(store, did('card.own-steps'), async (tx) => {
      const record = await get(id);
      if (!record) return refuse<undefined>({ code: 'bench.gone', what });
      await put(tx, { ...record, ownSteps: own.length > 0 ? [...own] : undefined });
      return granted(undefined);
    });
