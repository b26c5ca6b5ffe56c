import { sum } from '@/core/numeric/sum';
import { backCard, pressCard } from '@/core/skirts/turn-card';
import { tabPieces } from '@/core/skirts/tab-pieces';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Skirt } from '@/records/skirt';
import type { TakenOf, Tying } from '@/records/tying';
import type { Store } from '../store';
import { attempt, granted, type Pen, refuse, RefusedInside } from '../write';
import { dressedBin, looseBin } from './dressed-bin';

export type NewTying = Pick<
  Tying,
  'skirtId' | 'count' | 'headBinId' | 'ticketId' | 'lineId' | 'swaps' | 'taken'
>;

/** What seals the skirts of a run, and how long it dries. */
interface Drying {
  readonly what: string;
  readonly minutes: number;
}

const SAME = 1e-6;

/** Runs of skirts: what is pulled for them, where the card stands, what comes of them and what goes back. */
export function tyingRepository(store: Store) {
  const { db } = store;

  const entriesOf = (binId: string) => db.entries.where('binId').equals(binId).toArray();

  const change = <T = Tying>(
    id: string,
    label: string,
    to: (tying: Tying, pen: Pen) => Promise<BenchOutcome<T>>,
  ): Promise<BenchOutcome<T>> =>
    attempt(store, label, async (pen) => {
      const tying = await db.tyings.get(id);
      if (!tying) return refuse<T>({ code: 'bench.gone', what: 'tying run' });
      if (tying.state !== 'tying') return refuse<T>({ code: 'bench.tying-ended', no: tying.no });
      return to(tying, pen);
    });

  const put = async (pen: Pen, tying: Tying): Promise<BenchOutcome<Tying>> => {
    await pen.put('tyings', tying);
    return granted(tying);
  };

  /** Hands off: what was spent since they were on it is added up. */
  const rested = (tying: Tying): Tying => ({
    ...tying,
    seconds: tying.seconds + (tying.inHand === null ? 0 : Math.max(0, (store.now() - tying.inHand) / 1000)),
    inHand: null,
  });

  /** Throws a refusal where a bin does not hold what is to be taken, piece by piece. */
  async function mustHold({ binId, pieces, qty }: TakenOf): Promise<void> {
    const [bin, entries] = [await db.bins.get(binId), await entriesOf(binId)];
    if (!bin) throw new RefusedInside({ code: 'bench.gone', what: 'bin' });
    const there = sum(entries.map((entry) => entry.qty));
    const asked = pieces.length > 0 ? sum(pieces.map(({ share, count }) => share * count)) : qty;
    const shelf = tabPieces(entries);
    const isMissing = pieces.some(
      ({ share, count }) => count > (shelf.find((each) => Math.abs(each.share - share) < SAME)?.count ?? 0),
    );
    if (asked > there + SAME || isMissing) {
      throw new RefusedInside({
        code: 'bench.too-little',
        bin: bin.name,
        onHand: there,
        asked,
        unit: bin.unit,
      });
    }
  }

  async function move(
    pen: Pen,
    { binId, pieces, qty }: TakenOf,
    sign: 1 | -1,
    tying: Pick<Tying, 'no' | 'ticketId' | 'lineId'>,
  ): Promise<void> {
    const kind = sign < 0 ? 'taken' : 'returned';
    const note = `tying run ${tying.no}`;
    for (const { share, count } of pieces) {
      const pieceShare = share < 1 - SAME ? share : null;
      await pen.enter({ binId, kind, qty: sign * share * count, note, pieceShare });
    }
    if (qty > 0) await pen.enter({ binId, kind, qty: sign * qty, note });
  }

  /** Heads become dressed ones, or loose skirts come to lie on the shelf. */
  async function make(pen: Pen, tying: Tying, skirt: Skirt, done: number): Promise<void> {
    const { no, headBinId, ticketId, lineId } = tying;
    const note = `tying run ${no}`;
    if (headBinId === null) {
      const bin = await looseBin(store, pen, skirt);
      await pen.enter({ binId: bin.id, kind: 'made', qty: done, note });
      return;
    }
    const head = await db.bins.get(headBinId);
    if (head?.kind !== 'head') throw new RefusedInside({ code: 'bench.gone', what: 'bin' });
    await mustHold({ binId: headBinId, pieces: [], qty: done });
    const dressed = await dressedBin(store, pen, head, skirt);
    await pen.enter({ binId: headBinId, kind: 'tied', qty: -done, note, ticketId, lineId });
    await pen.enter({ binId: dressed.id, kind: 'tied', qty: done, note, ticketId, lineId });
  }

  return {
    all: (): Promise<Tying[]> => db.tyings.orderBy('no').toArray(),

    /** Begins a run: pulls what it takes off the shelf, or refuses and takes nothing. */
    begin: (run: NewTying): Promise<BenchOutcome<Tying>> =>
      attempt(store, `Tie ${run.count} skirts`, async (pen) => {
        if ((await db.tyings.where('state').equals('tying').count()) > 0) {
          return refuse<Tying>({ code: 'bench.tying-on' });
        }
        for (const each of run.taken) await mustHold(each);
        if (run.headBinId !== null) await mustHold({ binId: run.headBinId, pieces: [], qty: run.count });
        const last = await db.tyings.orderBy('no').last();
        const tying: Tying = {
          ...run,
          id: store.newId(),
          no: (last?.no ?? 0) + 1,
          state: 'tying',
          done: 0,
          putBack: [],
          card: { step: 0, counted: 0 },
          startedAt: store.now(),
          inHand: store.now(),
          seconds: 0,
          endedAt: null,
        };
        for (const each of run.taken) await move(pen, each, -1, tying);
        return put(pen, tying);
      }),

    /** Where the card stands now. Takes the run in hand again where it rested. */
    turnCard: (id: string, card: Tying['card']): Promise<BenchOutcome<Tying>> =>
      change(id, 'A step of the card', (tying, pen) =>
        put(pen, { ...tying, card, inHand: tying.inHand ?? store.now() }),
      ),

    /**
     * One press of the card: a count, the next step, or one more tied. `times` is how often each step counts. What seals
     * them dries from the last one on: one clock for the run.
     */
    press: (id: string, times: readonly number[], drying: Drying | null): Promise<BenchOutcome<Tying>> =>
      change(id, 'A press of the card', async (tying, pen) => {
        if (tying.done >= tying.count) return granted(tying);
        const card = pressCard(tying.card, times);
        const done = tying.done + (card === null ? 1 : 0);
        if (done === tying.count && drying) {
          const startedAt = store.now();
          await pen.put('clocks', {
            id: store.newId(),
            name: `${drying.what}, tying run ${tying.no}`,
            startedAt,
            endsAt: startedAt + drying.minutes * 60_000,
            silencedAt: null,
          });
        }
        return put(pen, {
          ...tying,
          done,
          card: card ?? { step: 0, counted: 0 },
          inHand: tying.inHand ?? store.now(),
        });
      }),

    /** Takes one press back. */
    pressBack: (id: string): Promise<BenchOutcome<Tying>> =>
      change(id, 'The card one back', (tying, pen) => put(pen, { ...tying, card: backCard(tying.card) })),

    /** Lays the run aside, or takes it in hand again: its clock stands while it rests. */
    rest: (id: string, isResting: boolean): Promise<BenchOutcome<Tying>> =>
      change(id, isResting ? 'Lay the tying aside' : 'Take the tying in hand', (tying, pen) =>
        put(pen, isResting ? rested(tying) : { ...tying, inHand: tying.inHand ?? store.now() }),
      ),

    /** Ends a run: skirts tied are entered, and what is over goes back as the pieces it is. */
    end: (id: string, done: number, putBack: readonly TakenOf[]): Promise<BenchOutcome<Tying>> =>
      change(id, `Tied ${done} skirts`, async (tying, pen) => {
        const skirt = await db.skirts.get(tying.skirtId);
        if (!skirt) return refuse<Tying>({ code: 'bench.gone', what: 'skirt' });
        if (done > 0) await make(pen, tying, skirt, done);
        for (const each of putBack) await move(pen, each, 1, tying);
        return put(pen, {
          ...rested(tying),
          state: done > 0 ? 'tied' : 'dropped',
          done,
          putBack: [...putBack],
          endedAt: store.now(),
        });
      }),

    /** Pulls loose skirts from the shelf over heads. */
    dress: (
      dressing: Pick<Tying, 'skirtId' | 'count' | 'ticketId' | 'lineId'> & { readonly headBinId: string },
    ): Promise<BenchOutcome<undefined>> =>
      attempt(store, `Pull ${dressing.count} skirts over heads`, async (pen) => {
        const { skirtId, headBinId, count, ticketId, lineId } = dressing;
        const [skirt, head] = [await db.skirts.get(skirtId), await db.bins.get(headBinId)];
        if (!skirt || head?.kind !== 'head') {
          return refuse<undefined>({ code: 'bench.gone', what: skirt ? 'bin' : 'skirt' });
        }
        const loose = await looseBin(store, pen, skirt);
        await mustHold({ binId: loose.id, pieces: [], qty: count });
        await mustHold({ binId: headBinId, pieces: [], qty: count });
        const dressed = await dressedBin(store, pen, head, skirt);
        const note = 'a loose skirt over it';
        await pen.enter({ binId: loose.id, kind: 'taken', qty: -count, note });
        await pen.enter({ binId: headBinId, kind: 'tied', qty: -count, note, ticketId, lineId });
        await pen.enter({ binId: dressed.id, kind: 'tied', qty: count, note, ticketId, lineId });
        return granted(undefined);
      }),
  };
}
