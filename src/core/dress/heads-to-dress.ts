/** Heads of one kind that a run left on the shelf. */
export interface CastHeads {
  readonly runId: string;
  readonly runNo: number;
  readonly endedAt: number;
  readonly headBinId: string;
  readonly count: number;
}

export interface MadeEntry {
  readonly runId: string | null;
  readonly binId: string;
  readonly qty: number;
}

interface EndedRun {
  readonly id: string;
  readonly no: number;
  readonly state: string;
  readonly endedAt: number | null;
}

/** What was cast longer ago is dressed, or nobody will. */
const FRESH_MS = 30 * 86_400_000;

/**
 * Heads that wait for dressing: those that the runs of the last 30 days made and that still lie on the shelf, less
 * what a batch was begun of. Newest run first. Instants are ms.
 *
 * @example headsToDress(runs, made, levels, [], now).map(({ count }) => count)
 */
export function headsToDress(
  runs: readonly EndedRun[],
  made: readonly MadeEntry[],
  levels: ReadonlyMap<string, number>,
  batches: readonly { readonly runId: string | null; readonly headBinId: string | null }[],
  now: number,
): CastHeads[] {
  return runs
    .filter(({ state, endedAt }) => state === 'booked' && endedAt !== null && now - endedAt <= FRESH_MS)
    .sort((a, b) => b.no - a.no)
    .flatMap(({ id, no, endedAt }) => {
      const counts = new Map<string, number>();
      for (const { runId, binId, qty } of made) {
        if (runId === id) counts.set(binId, (counts.get(binId) ?? 0) + qty);
      }
      return [...counts].flatMap(([headBinId, qty]): CastHeads[] => {
        const isBegun = batches.some((each) => each.runId === id && each.headBinId === headBinId);
        const count = Math.min(qty, Math.floor(levels.get(headBinId) ?? 0));
        return isBegun || count < 1
          ? []
          : [{ runId: id, runNo: no, endedAt: endedAt ?? 0, headBinId, count }];
      });
    });
}
