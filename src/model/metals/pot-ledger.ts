import type { Bin } from '@/records/bin';
import type { Melt } from '@/records/melt';
import type { Run } from '@/records/run';

/** One use of the pot: what went in, and where it is now. */
export interface PotEntry {
  readonly id: string;
  readonly at: number;
  readonly title: string;
  readonly metal: string;
  readonly chargedG: number;
  /** In heads, or ingots of a melt. */
  readonly pouredG: number;
  /** Sprues and misfills, back on the shelf. */
  readonly returnedG: number;
  readonly drossG: number;
  readonly leftG: number;
}

/** The pot's books, newest first: booked runs and melts. */
export function potLedger(
  runs: readonly Run[],
  melts: readonly Melt[],
  binById: ReadonlyMap<string, Bin>,
): PotEntry[] {
  const poured = runs.flatMap((run): PotEntry[] =>
    run.booking && run.endedAt !== null
      ? [
          {
            id: run.id,
            at: run.endedAt,
            title: `Run ${run.no}`,
            metal: binById.get(run.metalBinId)?.name ?? 'a lot since cleared away',
            chargedG: run.chargedG,
            pouredG: run.booking.goodG,
            returnedG: run.booking.rejectedG + run.booking.sprueG,
            drossG: run.booking.drossG,
            leftG: run.booking.potLeftG,
          },
        ]
      : [],
  );
  const melted = melts.map((melt): PotEntry => ({
    id: melt.id,
    at: melt.at,
    title: `Melt ${melt.no}`,
    metal: melt.name,
    chargedG: melt.madeG + melt.drossG,
    pouredG: melt.madeG,
    returnedG: 0,
    drossG: melt.drossG,
    leftG: 0,
  }));
  return [...poured, ...melted].sort((a, b) => b.at - a.at);
}
