import type { Deed } from '@/core/history/deed';
import { did } from '../did';
import { countPieces, shrinkBatch, takeStep, type DressBatch } from '@/core/dress/dress-batch';
import { dressPace } from '@/core/dress/dress-pace';
import { findDressStep, type DressStepId } from '@/core/dress/dress-steps';
import { sum } from '@/core/numeric/sum';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { CauseId } from '@/core/quality/causes/cause';
import type { Batch } from '@/records/batch';
import type { Flaw } from '@/records/flaw';
import type { Run } from '@/records/run';
import type { Store } from '../store';
import { attempt, granted, type WriteTransaction, refuse, write } from '../write';
import { headBin, type NameHead } from './head-bin';
import type { NewBatch } from '@/records/batch';

export type NewFlaw = Pick<Flaw, 'cavity' | 'kind' | 'count' | 'fate' | 'cause'> & {
  readonly moldId: string | null;
};

/** Batches on the dressing bench: steps counted, pieces sorted, what was wrong with them. */
export function batchRepository(store: Store) {
  const { db } = store;

  const change = (
    id: string,
    deed: Deed,
    to: (batch: Batch, tx: WriteTransaction, all: readonly Batch[]) => Batch,
  ): Promise<BenchOutcome<Batch>> =>
    attempt(store, deed, async (tx) => {
      const batch = await db.batches.get(id);
      if (!batch) return refuse<Batch>({ code: 'bench.gone', what: 'batch' });
      const changed = to(batch, tx, await db.batches.toArray());
      await tx.put('batches', changed);
      return granted(changed);
    });

  const withState = (batch: Batch, state: Pick<DressBatch, 'steps' | 'inHand'>): Batch => ({
    ...batch,
    steps: [...state.steps],
    inHand: state.inHand,
  });

  const onHand = async (binId: string) =>
    sum((await db.entries.where('binId').equals(binId).toArray()).map(({ qty }) => qty));

  /** Refuses to take more heads than lie there. */
  async function lacking(binId: string, asked: number): Promise<BenchOutcome<never> | null> {
    const [bin, there] = [await db.bins.get(binId), await onHand(binId)];
    if (!bin) return refuse<never>({ code: 'bench.gone', what: 'bin' });
    return asked > there
      ? refuse<never>({ code: 'bench.too-little', bin: bin.name, onHand: there, asked, unit: 'pieces' })
      : null;
  }

  /** Takes scrapped castings out of the books of their run: what nobody asked for first, then who came last. */
  async function unmake(
    tx: WriteTransaction,
    run: Run,
    batch: Batch,
    binId: string,
    count: number,
  ): Promise<void> {
    const made = (await db.entries.where('runId').equals(run.id).toArray()).filter(
      (entry) => entry.binId === binId && entry.kind === 'made',
    );
    const owners = [{ ticketId: null, lineId: null }, ...run.wants.toReversed()].map(
      ({ ticketId, lineId }) => ({
        ticketId,
        lineId,
        count: sum(
          made.filter((each) => each.ticketId === ticketId && each.lineId === lineId).map(({ qty }) => qty),
        ),
      }),
    );
    let left = count;
    for (const { ticketId, lineId, count: has } of owners) {
      const taken = Math.min(left, Math.max(0, has));
      left -= taken;
      await tx.enter({
        binId,
        kind: 'made',
        qty: -taken,
        note: 'scrapped in dressing',
        ticketId,
        lineId,
        runId: run.id,
      });
    }
    await tx.enter({ binId, kind: 'lost', qty: -left, note: 'scrapped in dressing', runId: run.id });
    const metalG = metalEachG(run, batch);
    if (batch.metalBinId && metalG > 0) {
      const note = 'scrapped in dressing';
      await tx.enter({ binId: batch.metalBinId, kind: 'returned', qty: metalG * count, note, runId: run.id });
    }
  }

  return {
    all: (): Promise<Batch[]> => db.batches.toArray(),
    flaws: (): Promise<Flaw[]> => db.flaws.toArray(),

    /** Lays heads on the dressing bench, with the steps they need. */
    begin: ({ steps, ...batch }: NewBatch): Promise<string> =>
      write(store, did('batch.begun', { title: batch.title }), async (tx) => {
        const id = store.newId();
        await tx.put('batches', {
          ...batch,
          id,
          steps: steps.map((step) => ({ step, done: 0, seconds: 0 })),
          inHand: null,
          sortedOut: [],
          startedAt: tx.at,
          endedAt: null,
        });
        return id;
      }),

    /** Takes a step in hand, or lays the batch by with null. */
    take: (id: string, step: DressStepId | null): Promise<BenchOutcome<Batch>> =>
      change(
        id,
        step ? did('batch.step', { step: findDressStep(step).name }) : did('batch.laid-by'),
        (batch, tx) => withState(batch, takeStep(batch, step, tx.at)),
      ),

    /** Counts pieces through the step in hand; fewer with a number under 0. */
    count: (id: string, pieces: number): Promise<BenchOutcome<Batch>> =>
      change(id, did('batch.counted', { pieces }), (batch, tx, all) => {
        const others = all.filter((each) => each.id !== id);
        const usual = batch.inHand ? dressPace(batch.inHand.step, others).secondsEach : 0;
        return withState(batch, countPieces(batch, pieces, tx.at, usual));
      }),

    /** How many pieces one tap counts, and how far from its weight a piece may be. */
    set: (
      id: string,
      settings: Partial<Pick<Batch, 'tray' | 'toleranceShare'>>,
    ): Promise<BenchOutcome<Batch>> => change(id, did('batch.set'), (batch) => ({ ...batch, ...settings })),

    /** Ends a batch, or takes it up again. */
    end: (id: string, isEnded: boolean): Promise<BenchOutcome<Batch>> =>
      change(id, did(isEnded ? 'batch.dressed' : 'batch.resumed'), (batch, tx) => ({
        ...batch,
        inHand: null,
        endedAt: isEnded ? tx.at : null,
      })),

    /**
     * Notes castings of a batch that are wrong. Those that are scrapped leave the shelf and the ticket they were
     * for, and their metal goes back to its lot. Refuses to scrap more than there are.
     */
    note: (id: string, { moldId, ...flaw }: NewFlaw): Promise<BenchOutcome<string>> =>
      attempt(store, did(flaw.fate === 'scrapped' ? 'flaw.scrapped' : 'flaw.noted'), async (tx) => {
        const batch = await db.batches.get(id);
        if (!batch) return refuse<string>({ code: 'bench.gone', what: 'batch' });
        if (flaw.fate === 'scrapped') {
          const asked = flaw.count;
          if (asked > batch.count) {
            return refuse<string>({
              code: 'bench.too-little',
              bin: batch.title,
              onHand: batch.count,
              asked,
              unit: 'pieces',
            });
          }
          const lack = batch.headBinId === null ? null : await lacking(batch.headBinId, asked);
          if (lack) return lack;
          const run = await db.runs.get(batch.runId ?? '');
          if (batch.headBinId !== null && run) await unmake(tx, run, batch, batch.headBinId, asked);
          else if (batch.headBinId !== null) {
            await tx.enter({
              binId: batch.headBinId,
              kind: 'lost',
              qty: -asked,
              note: 'scrapped in dressing',
            });
          }
          const { count, steps } = shrinkBatch(batch, batch.count - asked);
          await tx.put('batches', { ...batch, count, steps: [...steps] });
        }
        const noted: Flaw = {
          ...flaw,
          id: store.newId(),
          at: tx.at,
          runId: batch.runId,
          batchId: id,
          moldId,
        };
        await tx.put('flaws', noted);
        return granted(noted.id);
      }),

    /** Says of what a noted flaw came. */
    setCause: (flaw: Flaw, cause: CauseId | null): Promise<void> =>
      write(store, did('cause.said'), (tx) => tx.put('flaws', { ...flaw, cause })),

    /** Moves pieces to bins of their true weight. Refuses more than lie on the shelf. */
    sortOut: (
      id: string,
      moves: readonly { readonly nominalG: number; readonly count: number }[],
      nameHead: NameHead,
    ): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('batch.sorted'), async (tx) => {
        const batch = await db.batches.get(id);
        if (!batch?.headBinId) return refuse<undefined>({ code: 'bench.gone', what: 'batch' });
        const lack = await lacking(batch.headBinId, sum(moves.map(({ count }) => count)));
        if (lack) return lack;
        const { style, hookBinId, metalBinId } = batch;
        const note = 'sorted by true weight';
        for (const { nominalG, count } of moves) {
          const to = await headBin(store, tx, { style, nominalG, hookBinId, metalBinId }, nameHead);
          await tx.enter({ binId: batch.headBinId, kind: 'taken', qty: -count, note });
          await tx.enter({ binId: to, kind: 'returned', qty: count, note });
        }
        await tx.put('batches', { ...batch, sortedOut: addUp([...batch.sortedOut, ...moves]) });
        return granted(undefined);
      }),
  };
}

function addUp(moves: Batch['sortedOut']): Batch['sortedOut'] {
  const counts = new Map<number, number>();
  for (const { nominalG, count } of moves) counts.set(nominalG, (counts.get(nominalG) ?? 0) + count);
  return [...counts].map(([nominalG, count]) => ({ nominalG, count }));
}

/** The metal in one head of a batch, as its run reckoned it, g. */
function metalEachG(run: Run, { style, nominalG, hookBinId }: Batch): number {
  const key = run.heads.find(
    (head) => head.style === style && head.nominalG === nominalG && head.hookBinId === hookBinId,
  )?.key;
  const cells = run.cells.filter((cell) => cell.key === key);
  return cells.length > 0 ? sum(cells.map(({ metalG }) => metalG)) / cells.length : 0;
}
