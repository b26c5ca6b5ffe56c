import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { BuildRecord, Building } from '@/records/build';
import type { Store } from '../store';
import { attempt, granted, type Pen, refuse, RefusedInside } from '../write';
import { baitBin, salvageBin } from './bait-bin';
import { pressed, pressedBack, rested, type Drying } from './card-run';
import { mustHold } from './must-hold';

export type NewBuilding = Pick<Building, 'buildId' | 'count' | 'way' | 'taken'>;

/** How a run ends: how many passed, what failed, and what goes back. */
export interface BuildingEnd {
  readonly passed: number;
  readonly failed: Building['failed'];
  readonly putBack: Building['putBack'];
  /** What a finished one weighs, g; null where something was never weighed. */
  readonly massG: number | null;
}

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

/** Runs of builds: what is pulled for them, where the card stands, what comes of them, and what old baits give back. */
export function buildingRepository(store: Store) {
  const { db } = store;

  const change = <T = Building>(
    id: string,
    label: string,
    to: (building: Building, pen: Pen) => Promise<BenchOutcome<T>>,
  ): Promise<BenchOutcome<T>> =>
    attempt(store, label, async (pen) => {
      const building = await db.buildings.get(id);
      if (!building) return refuse<T>({ code: 'bench.gone', what: 'building run' });
      if (building.state !== 'building') return refuse<T>({ code: 'bench.building-ended', no: building.no });
      return to(building, pen);
    });

  const put = async (pen: Pen, building: Building): Promise<BenchOutcome<Building>> => {
    await pen.put('buildings', building);
    return granted(building);
  };

  return {
    all: (): Promise<Building[]> => db.buildings.orderBy('no').toArray(),

    /** Begins a run: pulls what it takes off the shelf, or refuses and takes nothing. */
    begin: (run: NewBuilding): Promise<BenchOutcome<Building>> =>
      attempt(store, `Build ${run.count}`, async (pen) => {
        if ((await db.buildings.where('state').equals('building').count()) > 0) {
          return refuse<Building>({ code: 'bench.building-on' });
        }
        for (const { binId, qty } of run.taken) await mustHold(store, binId, qty);
        const last = await db.buildings.orderBy('no').last();
        const building: Building = {
          ...run,
          id: store.newId(),
          no: (last?.no ?? 0) + 1,
          state: 'building',
          putBack: [],
          card: { step: 0, bait: 0, counted: 0 },
          isThrough: false,
          passed: 0,
          failed: [],
          startedAt: store.now(),
          inHand: store.now(),
          seconds: 0,
          endedAt: null,
        };
        for (const { binId, qty } of run.taken) {
          await pen.enter({ binId, kind: 'taken', qty: -qty, note: `building run ${building.no}` });
        }
        return put(pen, building);
      }),

    /**
     * One press of the card. `times` is how often each step counts; `drying`, by step, what is glued in it: its clock starts
     * with the last bait of the step.
     */
    press: (
      id: string,
      times: readonly number[],
      drying: readonly (Drying | null)[],
    ): Promise<BenchOutcome<Building>> =>
      change(id, 'A press of the card', async (building, pen) =>
        put(pen, await pressed(store, pen, building, times, drying, `building run ${building.no}`)),
      ),

    /** Takes one press back; `steps` is how many the card has. */
    pressBack: (id: string, steps: number): Promise<BenchOutcome<Building>> =>
      change(id, 'The card one back', (building, pen) => put(pen, pressedBack(building, steps))),

    /** Lays the run aside, or takes it in hand again: its clock stands while it rests. */
    rest: (id: string, isResting: boolean): Promise<BenchOutcome<Building>> =>
      change(id, isResting ? 'Lay the building aside' : 'Take the building in hand', (building, pen) =>
        put(
          pen,
          isResting ? rested(building, store.now()) : { ...building, inHand: building.inHand ?? store.now() },
        ),
      ),

    /** Ends a run: what passed lies in the bait box, what is over goes back to its bins. */
    end: (id: string, { passed, failed, putBack, massG }: BuildingEnd): Promise<BenchOutcome<Building>> =>
      change(id, `Built ${passed}`, async (building, pen) => {
        const build: BuildRecord | undefined = await db.builds.get(building.buildId);
        if (!build) return refuse<Building>({ code: 'bench.gone', what: 'build' });
        const note = `building run ${building.no}`;
        for (const { binId, qty } of putBack) {
          const took = building.taken.find((each) => each.binId === binId)?.qty ?? 0;
          if (qty > took + 1e-6) {
            throw new RefusedInside({ code: 'bench.more-back-than-taken', taken: took, back: qty });
          }
          await pen.enter({ binId, kind: 'returned', qty, note });
        }
        if (passed > 0) {
          const bin = await baitBin(store, pen, build, massG);
          await pen.enter({ binId: bin.id, kind: 'built', qty: passed, note });
        }
        return put(pen, {
          ...rested(building, store.now()),
          state: passed > 0 ? 'built' : 'dropped',
          passed,
          failed: [...failed],
          putBack: [...putBack],
          endedAt: store.now(),
        });
      }),

    /** Strips old baits: the baits leave their box, the parts go to the shelf as they look. */
    salvage: ({ baitBinId, baits, parts }: Salvage): Promise<BenchOutcome<undefined>> =>
      attempt(store, baits === 1 ? 'Strip a bait' : `Strip ${baits} baits`, async (pen) => {
        if (baitBinId !== null) {
          await mustHold(store, baitBinId, baits);
          await pen.enter({ binId: baitBinId, kind: 'taken', qty: -baits, note: 'stripped for parts' });
        }
        for (const { binId, qty, condition } of parts) {
          const bin = await db.bins.get(binId);
          if (!bin) throw new RefusedInside({ code: 'bench.gone', what: 'bin' });
          const to =
            bin.kind === 'part' && condition !== 'new' ? await salvageBin(store, pen, bin, condition) : bin;
          await pen.enter({ binId: to.id, kind: 'salvaged', qty, note: 'from an old bait' });
        }
        return granted(undefined);
      }),
  };
}
