import type { Deed } from '@/core/history/deed';
import { did } from '../did';
import type { EntityTable } from 'dexie';
import { backCard, passStep, pressCard, type CardPlace, type CardProgress } from '@/core/card-runs/turn-card';
import { sum } from '@/core/numeric/sum';
import type { PartGauge } from '@/core/parts/part-roles';
import type { BenchOutcome, CardRunSort } from '@/core/problems/bench-problem';
import type { Store } from '../store';
import { attempt, granted, type WriteTransaction, refuse, RefusedInside } from '../write';
import { mustHold } from './must-hold';
import { giveBack, takeApart } from './take-apart';

/** What is glued or sealed in a step, and how long it dries. */
export interface Drying {
  readonly what: string;
  readonly minutes: number;
}

/** How much of a bin: an amount, and of tabs the pieces. */
interface Amount {
  readonly binId: string;
  readonly qty: number;
  readonly pieces?: readonly { readonly share: number; readonly count: number }[];
}

/** What all runs with a step card keep. */
interface CardRun extends CardProgress {
  readonly id: string;
  readonly no: number;
  readonly state: string;
  readonly taken: readonly Amount[];
  readonly putBack: readonly Amount[];
  readonly inHand: number | null;
  readonly seconds: number;
  readonly passed: number;
  readonly failed: readonly { readonly reason: string; readonly count: number }[];
  readonly startedAt: number;
  readonly endedAt: number | null;
}

/** What is new about every run as it begins. */
type Fresh = Pick<
  CardRun,
  'id' | 'no' | 'card' | 'isThrough' | 'passed' | 'startedAt' | 'inHand' | 'seconds' | 'endedAt'
>;

/** How a run ends: how many passed, what failed and why, and what goes back. */
export interface CardRunEnd<Run extends CardRun> {
  readonly passed: number;
  readonly failed: Run['failed'];
  readonly putBack: Run['putBack'];
  /** What a finished one weighs, g; null where something was never weighed. */
  readonly massG: number | null;
  /** What it is to other things, where it is a part of them. */
  readonly gauge?: PartGauge | null;
}

/** What is asked of a table of runs. */
type Rows<Run extends CardRun> = Pick<EntityTable<Run, 'id'>, 'orderBy' | 'where'> & {
  readonly get: (id: string) => PromiseLike<Run | undefined>;
};

/** What runs of skirts, baits and rigs have each of their own. */
interface CardRunKind<Run extends CardRun, New> {
  readonly of: CardRunSort;
  readonly table: Rows<Run>;
  readonly put: (tx: WriteTransaction, run: Run) => Promise<void>;
  readonly states: { readonly underWay: Run['state']; readonly made: Run['state'] };
  /** What the ledger calls one: `tying run`. */
  readonly noun: string;
  /** Whose deeds they are, to the history. */
  readonly deeds: 'building' | 'rigging' | 'tying';
  readonly begun: (run: New, fresh: Fresh) => Run;
  /** What has to be there, or is used up, besides what is taken. */
  readonly prepare?: (tx: WriteTransaction, run: New, note: string) => Promise<void>;
  /** What passed goes where it lies from now on. */
  readonly book: (tx: WriteTransaction, run: Run, end: CardRunEnd<Run>, note: string) => Promise<void>;
}

/** Carries one change of a run out, as long as the run is under way. */
type Change<Run> = (
  id: string,
  deed: Deed,
  to: (run: Run, tx: WriteTransaction) => Run | Promise<Run>,
) => Promise<BenchOutcome<Run>>;

const SAME = 1e-6;
const START: CardPlace = { step: 0, piece: 0, counted: 0 };

/** How much there is of it in the bin's own unit. */
const amountOf = ({ qty, pieces = [] }: Amount): number =>
  qty + sum(pieces.map(({ share, count }) => share * count));

async function enter(
  store: Store,
  tx: WriteTransaction,
  { binId, qty, pieces = [] }: Amount,
  sign: 1 | -1,
  note: string,
): Promise<void> {
  const kind = sign < 0 ? 'taken' : 'returned';
  for (const { share, count } of pieces) {
    const pieceShare = share < 1 - SAME ? share : null;
    await tx.enter({ binId, kind, qty: sign * share * count, note, pieceShare });
  }
  if (pieces.length > 0) await tx.enter({ binId, kind, qty: sign * qty, note });
  else await (sign < 0 ? takeApart : giveBack)(store, tx, binId, qty, note);
}

/** Hands off: what was spent since they were on it is added up. */
function rested<Run extends CardRun>(run: Run, now: number): Run {
  const since = run.inHand === null ? 0 : Math.max(0, (now - run.inHand) / 1000);
  return { ...run, seconds: run.seconds + since, inHand: null };
}

/** One press of the card, with the clock of what is glued in a step once the last piece of it is done. */
async function pressed<Run extends CardRun>(
  store: Store,
  tx: WriteTransaction,
  run: Run,
  times: readonly number[],
  drying: readonly (Drying | null)[],
  name: string,
  moveOn: typeof pressCard,
): Promise<Run> {
  if (run.isThrough) return run;
  const { card, count, way } = run;
  const next = moveOn(card, times, count, way);
  const glued = drying[card.step] ?? null;
  const isStepOver = next === null || next.step !== card.step;
  // By station a step is over with the last piece, however it was pressed.
  if (glued && isStepOver && (way === 'by-station' || card.piece === count - 1)) {
    const startedAt = tx.at;
    await tx.put('clocks', {
      id: store.newId(),
      name: `${glued.what}, ${name}`,
      startedAt,
      endsAt: startedAt + glued.minutes * 60_000,
      silencedAt: null,
    });
  }
  return { ...run, card: next ?? card, isThrough: next === null, inHand: run.inHand ?? tx.at };
}

/** Runs with a step card, of one kind: what is pulled for them, where the card stands, what comes of them and what goes back. */
export function cardRunRepository<
  Run extends CardRun,
  New extends { readonly count: number; readonly taken: readonly Amount[] },
>(store: Store, kind: CardRunKind<Run, New>) {
  const { of, table, put, states, deeds } = kind;
  const noteOf = ({ no }: Pick<CardRun, 'no'>) => `${kind.noun} ${no}`;

  const change: Change<Run> = (id, deed, to) =>
    attempt(store, deed, async (tx) => {
      const run = await table.get(id);
      if (!run) return refuse<Run>({ code: 'bench.gone', what: kind.noun });
      if (run.state !== states.underWay) {
        return refuse<Run>({ code: 'bench.card-run-ended', of, no: run.no });
      }
      const next = await to(run, tx);
      await put(tx, next);
      return granted(next);
    });

  const runs = {
    all: (): Promise<Run[]> => table.orderBy('no').toArray(),

    /** Begins a run: pulls what it takes off the shelf, or refuses and touches nothing. */
    begin: (run: New): Promise<BenchOutcome<Run>> =>
      attempt(store, did(`${deeds}.begun`, { count: run.count }), async (tx) => {
        if ((await table.where('state').equals(states.underWay).count()) > 0) {
          return refuse<Run>({ code: 'bench.card-run-on', of });
        }
        const last = await table.orderBy('no').last();
        const fresh: Fresh = {
          id: store.newId(),
          no: (last?.no ?? 0) + 1,
          card: START,
          isThrough: false,
          passed: 0,
          startedAt: tx.at,
          inHand: tx.at,
          seconds: 0,
          endedAt: null,
        };
        for (const each of run.taken) await mustHold(store, each.binId, amountOf(each), each.pieces);
        for (const each of run.taken) await enter(store, tx, each, -1, noteOf(fresh));
        await kind.prepare?.(tx, run, noteOf(fresh));
        const begun = kind.begun(run, fresh);
        await put(tx, begun);
        return granted(begun);
      }),

    /**
     * One press of the card. `times` is how often each step counts; `drying`, by step, what is glued in it: its clock starts
     * with the last piece of the step.
     */
    press: (id: string, times: readonly number[], drying: readonly (Drying | null)[]) =>
      change(id, did('card.pressed'), (run, tx) =>
        pressed(store, tx, run, times, drying, noteOf(run), pressCard),
      ),

    /** The step in hand was done in one go: for all pieces, or with all that it counts. */
    pass: (id: string, times: readonly number[], drying: readonly (Drying | null)[]) =>
      change(id, did('card.passed'), (run, tx) =>
        pressed(store, tx, run, times, drying, noteOf(run), passStep),
      ),

    /** Takes one press back; `steps` is how many the card has. */
    pressBack: (id: string, steps: number) =>
      change(id, did('card.back'), (run) =>
        run.isThrough
          ? { ...run, isThrough: false }
          : { ...run, card: backCard(run.card, steps, run.count, run.way) },
      ),

    /** Turns the card to another step of the piece in hand; its count begins anew. */
    turnTo: (id: string, step: number) =>
      change(id, did('card.step'), (run, tx) =>
        run.isThrough
          ? run
          : { ...run, card: { ...run.card, step, counted: 0 }, inHand: run.inHand ?? tx.at },
      ),

    /** Lays the run aside, or takes it in hand again: its clock stands while it rests. */
    rest: (id: string, isResting: boolean) =>
      change(id, did(isResting ? `${deeds}.resting` : `${deeds}.resumed`), (run, tx) =>
        isResting ? rested(run, tx.at) : { ...run, inHand: run.inHand ?? tx.at },
      ),

    /** Ends a run: what passed is booked, and what is over goes back to its bins. */
    end: (id: string, end: CardRunEnd<Run>) =>
      change(id, did(`${deeds}.ended`, { count: end.passed }), async (run, tx) => {
        const { passed, failed, putBack } = end;
        for (const each of putBack) {
          const took = run.taken.find(({ binId }) => binId === each.binId);
          const [taken, back] = [took ? amountOf(took) : 0, amountOf(each)];
          if (back > taken + SAME)
            throw new RefusedInside({ code: 'bench.more-back-than-taken', taken, back });
          await enter(store, tx, each, 1, noteOf(run));
        }
        if (passed > 0) await kind.book(tx, run, end, noteOf(run));
        return {
          ...rested(run, tx.at),
          state: passed > 0 ? states.made : 'dropped',
          passed,
          failed,
          putBack,
          endedAt: tx.at,
        };
      }),
  };
  return { runs, change };
}
