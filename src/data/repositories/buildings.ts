import { did } from '../did';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Building } from '@/records/build';
import type { Store } from '../store';
import { attempt, granted, RefusedInside } from '../write';
import { baitBin, salvageBin } from './bait-bin';
import { cardRunRepository } from './card-runs';
import { mustHold } from './must-hold';

type NewBuilding = Pick<Building, 'buildId' | 'count' | 'way' | 'taken'>;

/** What is stripped from an old bait. */
export interface Salvage {
  /** The bin of baits it came from; null where it was on no shelf. */
  readonly baitBinId: string | null;
  readonly baits: number;
  readonly parts: readonly {
    readonly binId: string;
    readonly qty: number;
    readonly condition: 'new' | 'used' | 'worn';
  }[];
}

/** Runs of builds, and what old baits give back. */
export function buildingRepository(store: Store) {
  const { db } = store;
  const { runs } = cardRunRepository<Building, NewBuilding>(store, {
    of: 'baits',
    table: db.buildings,
    put: (tx, run) => tx.put('buildings', run),
    states: { underWay: 'building', made: 'built' },
    noun: 'building run',
    deeds: 'building',
    begun: (run, fresh) => ({ ...run, ...fresh, state: 'building', putBack: [], failed: [] }),
    book: async (tx, { buildId }, { passed, massG }, note) => {
      const build = await db.builds.get(buildId);
      if (!build) throw new RefusedInside({ code: 'bench.gone', what: 'build' });
      const bin = await baitBin(store, tx, build, massG);
      await tx.enter({ binId: bin.id, kind: 'built', qty: passed, note });
    },
  });
  return {
    ...runs,

    /** Strips old baits: the baits leave their box, the parts go to the shelf as they look. */
    salvage: ({ baitBinId, baits, parts }: Salvage): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('bait.stripped', { baits }), async (tx) => {
        if (baitBinId !== null) {
          await mustHold(store, baitBinId, baits);
          await tx.enter({ binId: baitBinId, kind: 'taken', qty: -baits, note: 'stripped for parts' });
        }
        for (const { binId, qty, condition } of parts) {
          const bin = await db.bins.get(binId);
          if (!bin) throw new RefusedInside({ code: 'bench.gone', what: 'bin' });
          // A head goes back among its like: what it wears is told by its bin.
          const to =
            condition !== 'new' && (bin.kind === 'part' || bin.kind === 'hook')
              ? await salvageBin(store, tx, bin, condition)
              : bin;
          await tx.enter({ binId: to.id, kind: 'salvaged', qty, note: 'from an old bait' });
        }
        return granted(undefined);
      }),
  };
}
