import type { BenchOutcome } from '@/core/problems/bench-problem';
import { nextPour } from '@/core/pours/next-pour';
import { settleRun } from '@/core/pours/settle-run';
import type { Act } from '@/records/act';
import type { HeadBin } from '@/records/bin';
import type { Booking, Pour, Run } from '@/records/run';
import type { Store } from '../store';
import { granted, refuse, write, type Pen } from '../write';

export type NewRun = Omit<Run, 'id' | 'no' | 'state' | 'startedAt' | 'endedAt' | 'moldIndex' | 'booking'>;

/** How a head that a run made is to be called on the shelf, and where it goes. */
export type NameHead = (head: Run['heads'][number]) => { name: string; place: string };

/** Pour runs: begun, tallied pour by pour, and booked all at once or dropped. */
export function runRepository(store: Store) {
  const { db } = store;

  /** The run while it can still change, or why not. */
  async function underWay(runId: string): Promise<BenchOutcome<{ run: Run; pours: Pour[] }>> {
    const run = await db.runs.get(runId);
    if (!run) return refuse({ code: 'bench.gone', what: 'run' });
    if (run.state !== 'pouring') return refuse({ code: 'bench.run-ended', no: run.no });
    return granted({ run, pours: await db.pours.where('runId').equals(runId).sortBy('no') });
  }

  async function headBin(pen: Pen, run: Run, head: Run['heads'][number], name: NameHead): Promise<string> {
    const same = await db.bins
      .where('kind')
      .equals('head')
      .filter(
        (bin) =>
          bin.kind === 'head' &&
          bin.style === head.style &&
          bin.nominalG === head.nominalG &&
          bin.hookBinId === head.hookBinId &&
          bin.metalBinId === run.metalBinId,
      )
      .first();
    if (same) {
      if (same.retired) await pen.put('bins', { ...same, retired: false });
      return same.id;
    }
    const { style, nominalG, hookBinId } = head;
    const made: HeadBin = {
      id: store.newId(),
      kind: 'head',
      unit: 'pieces',
      lowAt: null,
      retired: false,
      note: '',
      style,
      nominalG,
      hookBinId,
      metalBinId: run.metalBinId,
      ...name(head),
    };
    await pen.put('bins', made);
    return made.id;
  }

  return {
    all: (): Promise<Run[]> => db.runs.orderBy('no').toArray(),
    current: (): Promise<Run | undefined> => db.runs.where('state').equals('pouring').first(),
    pours: (runId: string): Promise<Pour[]> => db.pours.where('runId').equals(runId).sortBy('no'),

    /** Begins a run. One at a time: two would share one pot. */
    start: (run: NewRun): Promise<BenchOutcome<string>> =>
      write(store, 'Begin a run', async (pen) => {
        if (await db.runs.where('state').equals('pouring').first()) {
          return refuse<string>({ code: 'bench.run-under-way' });
        }
        const last = await db.runs.orderBy('no').last();
        const id = store.newId();
        await pen.put('runs', {
          ...run,
          id,
          no: (last?.no ?? 0) + 1,
          state: 'pouring',
          startedAt: store.now(),
          endedAt: null,
          moldIndex: 0,
          booking: null,
        });
        return granted(id);
      }),

    /** Tallies one pour of the block on the bench, every cavity good until tapped. */
    pour: (runId: string): Promise<BenchOutcome<Pour>> =>
      write(store, 'Pour', async (pen) => {
        const found = await underWay(runId);
        if (!found.ok) return found;
        const { run, pours } = found.value;
        const block = run.blocks[run.moldIndex];
        if (!block) return refuse<Pour>({ code: 'bench.gone', what: 'block' });
        const cast = pours.filter((pour) => pour.moldId === block.moldId).flatMap((pour) => pour.castings);
        const next = nextPour(block.fills, cast, block.fillAll);
        if (next.length === 0) return refuse<Pour>({ code: 'bench.nothing-to-pour', mold: 'This block' });
        const pour: Pour = {
          id: store.newId(),
          runId,
          no: (pours.at(-1)?.no ?? 0) + 1,
          moldId: block.moldId,
          at: store.now(),
          castings: next.map((slot) => ({ ...slot, good: true })),
        };
        await pen.put('pours', pour);
        return granted(pour);
      }),

    /** Marks a cavity of a pour misfilled, or good again. */
    toggle: (pourId: string, cavity: number): Promise<BenchOutcome<boolean>> =>
      write(store, 'Mark a misfill', async (pen) => {
        const pour = await db.pours.get(pourId);
        if (!pour) return refuse<boolean>({ code: 'bench.gone', what: 'pour' });
        const found = await underWay(pour.runId);
        if (!found.ok) return found;
        const casting = pour.castings.find((each) => each.cavity === cavity);
        if (!casting) return refuse<boolean>({ code: 'bench.gone', what: 'casting' });
        const castings = pour.castings.map((each) =>
          each === casting ? { ...each, good: !each.good } : each,
        );
        await pen.put('pours', { ...pour, castings });
        return granted(!casting.good);
      }),

    /** Puts another block of the run on the bench. */
    turnTo: (runId: string, moldIndex: number): Promise<BenchOutcome<undefined>> =>
      write(store, 'Next block', async (pen) => {
        const found = await underWay(runId);
        if (!found.ok) return found;
        if (!found.value.run.blocks[moldIndex])
          return refuse<undefined>({ code: 'bench.gone', what: 'block' });
        await pen.put('runs', { ...found.value.run, moldIndex });
        return granted(undefined);
      }),

    /** Books a run: heads in, metal and hooks out, rejects, sprues and what is left in the pot back. */
    book: (runId: string, drossG: number, nameHead: NameHead): Promise<BenchOutcome<Booking>> =>
      write(store, 'Book a run', async (pen) => {
        const found = await underWay(runId);
        if (!found.ok) return found;
        const { run, pours } = found.value;
        if (pours.length === 0) return refuse<Booking>({ code: 'bench.nothing-poured' });
        const { figures, heads, hooks } = settleRun(run, pours, drossG);
        if (figures.potLeftG < 0)
          return refuse<Booking>({ code: 'bench.overcast', shortG: -figures.potLeftG });

        for (const { key, ticketId, lineId, count } of heads) {
          const head = run.heads.find((each) => each.key === key);
          if (!head) throw new Error(`book requires run ${run.no} to know the head ${key}`);
          const binId = await headBin(pen, run, head, nameHead);
          await pen.enter({ binId, kind: 'made', qty: count, ticketId, lineId, runId });
        }
        for (const [binId, count] of hooks) {
          await pen.enter({ binId, kind: 'taken', qty: -count, note: 'cast in', runId });
        }
        const metal = (kind: 'taken' | 'returned', qty: number, note: string) =>
          pen.enter({ binId: run.metalBinId, kind, qty, note, runId });
        await metal('taken', -run.chargedG, 'into the pot');
        await metal('returned', figures.rejectedG, 'misfills');
        await metal('returned', figures.sprueG, 'sprues');
        await metal('returned', figures.potLeftG, 'left in the pot');
        await pen.put('runs', { ...run, state: 'booked', endedAt: store.now(), booking: figures });
        return granted(figures);
      }),

    /** Ends a run without booking it: all goes back into the pot, nothing moves on the shelf. */
    drop: (runId: string): Promise<BenchOutcome<undefined>> =>
      write(store, 'Drop a run', async (pen) => {
        const found = await underWay(runId);
        if (!found.ok) return found;
        await pen.put('runs', { ...found.value.run, state: 'dropped', endedAt: store.now() });
        return granted(undefined);
      }),
  };
}

/** Whether an act tallied a pour or marked a casting, and nothing else: what Backspace takes back in a run. */
export function isTally(act: Act): boolean {
  return act.changes.every((change) => change.table === 'pours');
}
