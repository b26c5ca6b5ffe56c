import { did } from '../did';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import { castInOf, oneCastIn, type CastIn } from '@/core/pours/cast-in';
import { beatFacts } from '@/core/pours/beat/beat-facts';
import { mendClock } from '@/core/pours/beat/mend-clock';
import { moveOn } from '@/core/pours/beat/move-on';
import { schoolFor } from '@/core/pours/beat/schools';
import { nextPour } from '@/core/pours/next-pour';
import { settleRun, type WeighedEnd } from '@/core/pours/settle-run';
import type { HistoryEntry } from '@/records/history-entry';
import type { Beat } from '@/records/beat';
import type { Booking, Pour, Run } from '@/records/run';
import type { Store } from '../store';
import { attempt, granted, refuse, write } from '../write';
import { beatOf } from './beat-of';
import { headBin, type NameHead } from './head-bin';
import { pourMarks } from './pour-marks';
import { runPlan } from './run-plan';
import { underWay } from './under-way';
import type { NewRun } from '@/records/run';

/** Steps that begin another pour. */
const BEGINS = new Set(['load', 'pour', 'close', 'clamp', 'spin']);

/** How the maker keeps the beat, and what was read at that moment. */
export interface BeatPress {
  readonly liked: 'hand' | 'tally';
  /** The maker sees that it is frozen. */
  readonly early?: boolean;
  /** The pot's temperature, C. */
  readonly potC?: number | null;
}

export interface PressDone {
  readonly word: string;
  readonly pour: Pour | null;
}

/** Pour runs: begun, tallied pour by pour, and booked all at once or dropped. */
export function runRepository(store: Store) {
  const { db } = store;

  return {
    all: (): Promise<Run[]> => db.runs.orderBy('no').toArray(),
    current: (): Promise<Run | undefined> => db.runs.where('state').equals('pouring').first(),
    pours: (runId: string): Promise<Pour[]> => db.pours.where('runId').equals(runId).sortBy('no'),

    /** The beat of the run under way. */
    beat: async (runId: string): Promise<Beat | undefined> => {
      const run = await db.runs.get(runId);
      return run && beatOf(run, await db.beats.get(runId), store.now());
    },
    /** The pours of booked runs, for what is learned from them. */
    allPours: (): Promise<Pour[]> => db.pours.toArray(),

    /** Begins a run with so many blocks in hand. One run at a time: two would share one pot. */
    start: (run: NewRun, inHand = 1): Promise<BenchOutcome<string>> =>
      attempt(store, did('run.begun'), async (tx) => {
        if (await db.runs.where('state').equals('pouring').first()) {
          return refuse<string>({ code: 'bench.run-under-way' });
        }
        const last = await db.runs.orderBy('no').last();
        const id = store.newId();
        const bench = await db.bench.get('bench');
        const begun: Run = {
          ...run,
          ...(bench?.potLitAt === undefined ? {} : { litAt: bench.potLitAt }),
          id,
          no: (last?.no ?? 0) + 1,
          state: 'pouring',
          startedAt: tx.at,
          endedAt: null,
          booking: null,
        };
        await tx.put('runs', begun);
        if (bench?.potLitAt !== undefined) {
          const { potLitAt: _lit, ...cold } = bench;
          await tx.put('bench', cold);
        }
        await tx.put('beats', beatOf(begun, undefined, tx.at, inHand));
        return granted(id);
      }),

    /**
     * Does what a block asks for and moves its beat on; a pour is tallied, every cavity good until tapped. The
     * first pours of a cold block warm it. Refuses while a wait runs, and where the block has cast its share.
     */
    moveOn: async (runId: string, blockIndex: number, press: BeatPress): Promise<BenchOutcome<PressDone>> => {
      let word = 'Pour';
      const done = await attempt(
        store,
        () => did('run.beat', { step: word }),
        async (tx) => {
          const found = await underWay(db, runId);
          if (!found.ok) return found;
          const { run, pours } = found.value;
          const block = run.blocks[blockIndex];
          const mold = block && (await db.molds.get(block.moldId));
          if (!block || !mold) return refuse<PressDone>({ code: 'bench.gone', what: 'block' });
          const bench = await db.bench.get('bench');
          const beat = beatOf(run, await db.beats.get(runId), tx.at);
          const state = beat.blocks[blockIndex];
          if (!state) throw new Error(`moveOn requires a beat for block ${blockIndex} of run ${run.no}`);
          const mine = pours.filter((pour) => pour.moldId === block.moldId);
          const next = nextPour(
            block.fills,
            mine.flatMap(({ castings }) => castings),
            block.fillAll,
            block.copies,
          );
          const inMold = mine.at(-1)?.castings.map(({ cavity }) => cavity) ?? [];
          const facts = beatFacts(mold, inMold, bench?.freezeTrial ?? null);
          const school = schoolFor(mold.kind, press.liked);
          const move = moveOn(school, facts, state, tx.at, press.early);
          if (!move.isMoved)
            return refuse<PressDone>({ code: 'bench.not-yet', leftS: move.leftS, mold: mold.name });
          word = move.did.word;
          if (next.length === 0 && BEGINS.has(move.did.id)) {
            return refuse<PressDone>({ code: 'bench.nothing-to-pour', mold: mold.name });
          }
          let pour: Pour | null = null;
          if (move.pours) {
            const isWarmUp = mine.length < mold.warmUpPours && mine.every((each) => each.isWarmUp);
            pour = {
              id: store.newId(),
              runId,
              no: (pours.at(-1)?.no ?? 0) + 1,
              moldId: block.moldId,
              at: tx.at,
              isWarmUp,
              potC: press.potC ?? null,
              castings: next.map((slot) => ({ ...slot, good: !isWarmUp, flaw: null })),
            };
            await tx.put('pours', pour);
          }
          const blocks = beat.blocks.map((each, index) =>
            index === blockIndex ? { ...each, ...move.state, isIn: true } : each,
          );
          await tx.put('beats', { ...beat, held: blockIndex, blocks });
          return granted({ word: move.did.word, pour });
        },
      );
      return done;
    },

    /** Takes a block of the run in hand beside the others, or puts it by. */
    takeIn: (runId: string, blockIndex: number, isIn: boolean): Promise<BenchOutcome<undefined>> =>
      attempt(store, did(isIn ? 'block.in-hand' : 'block.put-by'), async (tx) => {
        const found = await underWay(db, runId);
        if (!found.ok) return found;
        const beat = beatOf(found.value.run, await db.beats.get(runId), tx.at);
        if (!beat.blocks[blockIndex]) return refuse<undefined>({ code: 'bench.gone', what: 'block' });
        const blocks = beat.blocks.map((each, index) => (index === blockIndex ? { ...each, isIn } : each));
        await tx.put('beats', { ...beat, held: isIn ? blockIndex : beat.held, blocks });
        return granted(undefined);
      }),

    /** Keeps the waits true after the clock jumped by so many ms, be it set or asleep. */
    mendClock: (runId: string, jumpMs: number): Promise<void> =>
      write(store, did('run.clock-jumped'), async (tx) => {
        const beat = await db.beats.get(runId);
        if (beat) await tx.put('beats', { ...beat, blocks: mendClock(beat.blocks, jumpMs, tx.at) });
      }),

    /** Metal of the same lot put into the pot while it runs. */
    topUp: (runId: string, g: number): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('pot.topped-up'), async (tx) => {
        const found = await underWay(db, runId);
        if (!found.ok) return found;
        const { run } = found.value;
        await tx.put('runs', { ...run, topUps: [...run.topUps, { at: tx.at, g }] });
        return granted(undefined);
      }),

    /** Whether what fails and the sprues go back into the pot as it runs, or are laid aside. */
    putBack: (runId: string, backInPot: boolean): Promise<BenchOutcome<undefined>> =>
      attempt(store, did(backInPot ? 'pot.takes-back' : 'pot.takes-none-back'), async (tx) => {
        const found = await underWay(db, runId);
        if (!found.ok) return found;
        await tx.put('runs', { ...found.value.run, backInPot });
        return granted(undefined);
      }),

    ...pourMarks(store),
    ...runPlan(store),

    /** Books a run: heads in, metal and hooks out, rejects, sprues and what is left in the pot back. */
    book: (
      runId: string,
      drossG: number,
      nameHead: NameHead,
      weighed?: WeighedEnd,
    ): Promise<BenchOutcome<Booking>> =>
      attempt(store, did('run.booked'), async (tx) => {
        const found = await underWay(db, runId);
        if (!found.ok) return found;
        const { run, pours } = found.value;
        if (pours.length === 0) return refuse<Booking>({ code: 'bench.nothing-poured' });
        const molds = new Map((await db.molds.toArray()).map((mold) => [mold.id, mold]));
        const frames = new Set(
          (await db.bins.where('kind').equals('part').toArray())
            .filter((bin) => bin.kind === 'part' && bin.gauge?.as === 'frame')
            .map(({ id }) => id),
        );
        const castIn: CastIn = (moldId, cavity) =>
          castInOf(molds.get(moldId)?.cavities[cavity]?.inserts ?? []);
        const { figures, heads, hooks } = settleRun(run, pours, drossG, weighed, castIn);
        if (figures.potLeftG < 0)
          return refuse<Booking>({ code: 'bench.overcast', shortG: -figures.potLeftG });

        for (const { key, ticketId, lineId, count } of heads) {
          const head = run.heads.find((each) => each.key === key);
          if (!head) throw new Error(`book requires run ${run.no} to know the head ${key}`);
          const frameBinId = oneCastIn(key, pours, castIn, (id) => frames.has(id));
          const cast = {
            ...head,
            metalBinId: run.metalBinId,
            ...(frameBinId === null ? {} : { frameBinId }),
          };
          const binId = await headBin(store, tx, cast, nameHead);
          await tx.enter({ binId, kind: 'made', qty: count, ticketId, lineId, runId });
        }
        for (const [binId, count] of hooks) {
          await tx.enter({ binId, kind: 'taken', qty: -count, note: 'cast in', runId });
        }
        const metal = (kind: 'taken' | 'returned', qty: number, note: string) =>
          tx.enter({ binId: run.metalBinId, kind, qty, note, runId });
        await metal('taken', -run.chargedG, 'into the pot');
        for (const { g } of run.topUps) await metal('taken', -g, 'topped up');
        await metal('returned', figures.rejectedG, 'misfills');
        await metal('returned', figures.sprueG, 'sprues');
        await metal('returned', figures.potLeftG, 'left in the pot');
        await tx.put('runs', { ...run, state: 'booked', endedAt: tx.at, booking: figures });
        await tx.remove('beats', runId);
        return granted(figures);
      }),

    /** Ends a run without booking it: all goes back into the pot, nothing moves on the shelf. */
    drop: (runId: string): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('run.dropped'), async (tx) => {
        const found = await underWay(db, runId);
        if (!found.ok) return found;
        await tx.put('runs', { ...found.value.run, state: 'dropped', endedAt: tx.at });
        await tx.remove('beats', runId);
        return granted(undefined);
      }),
  };
}

/** Whether an entry of the history moved the beat, tallied a pour or marked a casting, and nothing else: what Backspace takes back in a run. */
export function isTally(act: HistoryEntry): boolean {
  return act.changes.every((change) => change.table === 'pours' || change.table === 'beats');
}
