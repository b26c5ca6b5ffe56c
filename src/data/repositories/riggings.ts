import { sum } from '@/core/numeric/sum';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Rigging, RigRecord } from '@/records/rig';
import type { Store } from '../store';
import { attempt, granted, type Pen, refuse, RefusedInside } from '../write';
import { pressed, pressedBack, rested, type Drying } from './card-run';
import { lengthOf } from './lengths';
import { mustHold } from './must-hold';
import { rigBin } from './rig-bin';

export type NewRigging = Pick<Rigging, 'rigId' | 'count' | 'way' | 'taken' | 'cut'>;

/** How a run ends: how many passed, what failed, and what goes back. What is cut stays cut. */
export interface RiggingEnd {
  readonly passed: number;
  readonly failed: Rigging['failed'];
  readonly putBack: Rigging['putBack'];
  readonly massG: number | null;
}

const SAME_MM = 0.001;

/** Runs of rigs: what is pulled and cut for them, where the card stands, what comes of them. */
export function riggingRepository(store: Store) {
  const { db } = store;

  const change = (
    id: string,
    label: string,
    to: (rigging: Rigging, pen: Pen) => Promise<Rigging>,
  ): Promise<BenchOutcome<Rigging>> =>
    attempt(store, label, async (pen) => {
      const rigging = await db.riggings.get(id);
      if (!rigging) return refuse<Rigging>({ code: 'bench.gone', what: 'rig run' });
      if (rigging.state !== 'rigging')
        return refuse<Rigging>({ code: 'bench.rigging-ended', no: rigging.no });
      const next = await to(rigging, pen);
      await pen.put('riggings', next);
      return granted(next);
    });

  return {
    all: (): Promise<Rigging[]> => db.riggings.orderBy('no').toArray(),

    /** Begins a run: pulls its parts and cuts its lengths, or refuses and touches nothing. */
    begin: (run: NewRigging): Promise<BenchOutcome<Rigging>> =>
      attempt(store, `Rig ${run.count}`, async (pen) => {
        if ((await db.riggings.where('state').equals('rigging').count()) > 0) {
          return refuse<Rigging>({ code: 'bench.rigging-on' });
        }
        const last = await db.riggings.orderBy('no').last();
        const no = (last?.no ?? 0) + 1;
        const note = `rig run ${no}`;
        for (const { binId, qty } of run.taken) {
          await mustHold(store, binId, qty);
          await pen.enter({ binId, kind: 'taken', qty: -qty, note });
        }
        for (const { binId, lengthId, fromMm, cuts, leftMm, isKept } of run.cut) {
          const thereMm = await lengthOf(store, binId, lengthId);
          if (Math.abs(thereMm - fromMm) > SAME_MM) {
            const bin = (await db.bins.get(binId))?.name ?? 'a roll';
            throw new RefusedInside({ code: 'bench.length-changed', bin, thereMm, toldMm: fromMm });
          }
          const usedMm = sum(cuts.map(({ lengthMm, count }) => lengthMm * count));
          await pen.enter({ binId, lengthId, kind: 'taken', qty: -usedMm, note });
          const kerfMm = fromMm - usedMm - leftMm;
          if (kerfMm > SAME_MM)
            await pen.enter({ binId, lengthId, kind: 'lost', qty: -kerfMm, note: 'cutting' });
          if (!isKept && leftMm > 0) {
            await pen.enter({ binId, lengthId, kind: 'lost', qty: -leftMm, note: 'too short to keep' });
          }
        }
        const rigging: Rigging = {
          ...run,
          ...{
            id: store.newId(),
            no,
            state: 'rigging',
            putBack: [],
            cutDone: 0,
            isThrough: false,
            passed: 0,
            failed: [],
          },
          card: { step: 0, bait: 0, counted: 0 },
          ...{ startedAt: store.now(), inHand: store.now(), seconds: 0, endedAt: null },
        };
        await pen.put('riggings', rigging);
        return granted(rigging);
      }),

    /** One cut more, or one taken back; never under none. */
    cutOne: (id: string, by: 1 | -1) =>
      change(id, by === 1 ? 'A cut made' : 'A cut taken back', (rigging) =>
        Promise.resolve({ ...rigging, cutDone: Math.max(0, rigging.cutDone + by) }),
      ),

    /** Everything is cut: `cuts` is how many there are in all. */
    cutAll: (id: string, cuts: number) =>
      change(id, 'All of it cut', (rigging) => Promise.resolve({ ...rigging, cutDone: cuts })),

    /** One press of the card. `times` is how often each step counts; `drying`, by step, what is glued in it. */
    press: (id: string, times: readonly number[], drying: readonly (Drying | null)[]) =>
      change(id, 'A press of the card', (rigging, pen) =>
        pressed(store, pen, rigging, times, drying, `rig run ${rigging.no}`),
      ),

    /** Takes one press back; `steps` is how many the card has. */
    pressBack: (id: string, steps: number) =>
      change(id, 'The card one back', (rigging) => Promise.resolve(pressedBack(rigging, steps))),

    /** Lays the run aside, or takes it in hand again: its clock stands while it rests. */
    rest: (id: string, isResting: boolean) =>
      change(id, isResting ? 'Lay the rigs aside' : 'Take the rigs in hand', (rigging) =>
        Promise.resolve(
          isResting ? rested(rigging, store.now()) : { ...rigging, inHand: rigging.inHand ?? store.now() },
        ),
      ),

    /** Ends a run: what passed lies in the rig wallet, parts that are over go back to their bins. */
    end: (id: string, { passed, failed, putBack, massG }: RiggingEnd) =>
      change(id, `Rigged ${passed}`, async (rigging, pen) => {
        const rig: RigRecord | undefined = await db.rigs.get(rigging.rigId);
        if (!rig) throw new RefusedInside({ code: 'bench.gone', what: 'rig' });
        const note = `rig run ${rigging.no}`;
        for (const { binId, qty } of putBack) {
          const took = rigging.taken.find((each) => each.binId === binId)?.qty ?? 0;
          if (qty > took + 1e-6) {
            throw new RefusedInside({ code: 'bench.more-back-than-taken', taken: took, back: qty });
          }
          await pen.enter({ binId, kind: 'returned', qty, note });
        }
        if (passed > 0) {
          const bin = await rigBin(store, pen, rig, massG);
          await pen.enter({ binId: bin.id, kind: 'rigged', qty: passed, note });
        }
        return {
          ...rested(rigging, store.now()),
          state: passed > 0 ? 'made' : 'dropped',
          passed,
          failed: [...failed],
          putBack: [...putBack],
          endedAt: store.now(),
        };
      }),
  };
}
