import type { Deed } from '@/core/history/deed';
import { did } from '../did';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { FlawKind } from '@/core/quality/flaws';
import type { Pour } from '@/records/run';
import type { Store } from '../store';
import { attempt, granted, refuse } from '../write';
import { underWay } from './under-way';

/** What the maker marks on a pour of a run under way: misfills, what is wrong with them, warm-ups. */
export function pourMarks(store: Store) {
  const { db } = store;

  /** Changes a pour while its run can still change. */
  const mark = (
    deed: Deed,
    pourId: string,
    change: (pour: Pour) => BenchOutcome<Pour>,
  ): Promise<BenchOutcome<Pour>> =>
    attempt(store, deed, async (tx) => {
      const pour = await db.pours.get(pourId);
      if (!pour) return refuse<Pour>({ code: 'bench.gone', what: 'pour' });
      const found = await underWay(db, pour.runId);
      if (!found.ok) return found;
      const changed = change(pour);
      if (changed.ok) await tx.put('pours', changed.value);
      return changed;
    });

  return {
    /** Marks a cavity of a pour misfilled, or good again. A warm-up pour counts from then on. */
    toggle: (pourId: string, cavity: number): Promise<BenchOutcome<Pour>> =>
      mark(did('pour.misfill'), pourId, (pour) => {
        const castings = pour.isWarmUp
          ? pour.castings.map((each) => ({ ...each, good: true }))
          : pour.castings;
        const twins = castings.filter((each) => each.cavity === cavity);
        if (twins.length === 0) return refuse<Pour>({ code: 'bench.gone', what: 'casting' });
        // Copies of a cavity are marked one after the other, then all are good again.
        const toFail = twins.find((each) => each.good);
        const marked = castings.map((each) => {
          if (each === toFail) return { ...each, good: false };
          return toFail || each.cavity !== cavity ? each : { ...each, good: true, flaw: null };
        });
        return granted({ ...pour, isWarmUp: false, castings: marked });
      }),

    /** Says what is wrong with the misfilled castings of a cavity of a pour. */
    setFlaw: (pourId: string, cavity: number, flaw: FlawKind | null): Promise<BenchOutcome<Pour>> =>
      mark(did('pour.flaw'), pourId, (pour) => {
        const castings = pour.castings.map((each) =>
          each.cavity === cavity && !each.good ? { ...each, flaw } : each,
        );
        return granted({ ...pour, castings });
      }),

    /** Counts a pour as warm-up, all of it back into the pot; or as one that counts, all good. */
    setWarmUp: (pourId: string, isWarmUp: boolean): Promise<BenchOutcome<Pour>> =>
      mark(did(isWarmUp ? 'pour.warm-up' : 'pour.counted'), pourId, (pour) => {
        const castings = pour.castings.map((each) => ({ ...each, good: !isWarmUp, flaw: null }));
        return granted({ ...pour, isWarmUp, castings });
      }),
  };
}
