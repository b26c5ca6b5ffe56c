import { did } from '../did';
import { sum } from '@/core/numeric/sum';
import type { StockRow } from '@/core/stock/list/stock-row';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Bin } from '@/records/bin';
import type { Entry, EntryKind } from '@/records/entry';
import { PLAIN_PART } from '@/records/plain-part';
import { PLAIN_BIN } from '@/records/plain-bin';
import { EMPTY_LEDGER, growLedger } from '../reading/ledger';
import type { LedgerReading } from '@/records/ledger-reading';
import type { Store } from '../store';
import { attempt, granted, type NewEntry, refuse, write } from '../write';
import { putDownRepository } from './put-down';
import type { NewBin } from '@/records/plain-bin';

type HandMove = Extract<EntryKind, 'received' | 'taken' | 'returned' | 'lost'>;

/** What a list brought. */
export interface BroughtIn {
  readonly bins: number;
  readonly entries: number;
}

/** What was found in a bin on a count day. */
export interface CountedBin {
  readonly binId: string;
  readonly counted: number;
  readonly reason: string;
}

function newBinOf({ name, sort, unit, place, lowAt, note }: StockRow, id: string): Bin {
  return {
    ...PLAIN_BIN,
    ...PLAIN_PART,
    id,
    kind: 'part',
    name,
    unit,
    place,
    lowAt,
    note,
    retired: false,
    sort: sort || 'other',
  };
}

/** Bins and the ledger of what goes in and out of them. Stock is the sum of a bin's entries. */
export function shelfRepository(store: Store) {
  const { db } = store;
  const onHand = async (binId: string) =>
    sum((await db.entries.where('binId').equals(binId).toArray()).map((entry) => entry.qty));

  return {
    /** Every bin on the shelf. */
    bins: async (): Promise<Bin[]> => (await db.bins.toArray()).filter((bin) => !bin.retired),

    /** The whole ledger as it stands. */
    ledger: async (): Promise<LedgerReading> => growLedger(EMPTY_LEDGER, await db.entries.toArray()),

    /** A bin's ledger, oldest first. */
    entriesOf: (binId: string): Promise<Entry[]> => db.entries.where('binId').equals(binId).sortBy('at'),

    /** Adds a bin with what is in it. */
    async add(bin: NewBin, qty: number): Promise<string> {
      const id = store.newId();
      return write(store, did('bin.new', { name: bin.name }), async (tx) => {
        await tx.put('bins', { ...PLAIN_BIN, ...bin, id, retired: false });
        await tx.enter({ binId: id, kind: 'received', qty });
        return id;
      });
    },

    ...putDownRepository(store),

    /** Changes what a bin says of itself, never what is in it. */
    edit: (bin: Bin): Promise<void> =>
      write(store, did('bin.edited', { name: bin.name }), (tx) => tx.put('bins', bin)),

    /** Puts what was measured onto bins, all of them in one go. */
    measured: (bins: readonly Bin[]): Promise<void> =>
      write(store, did('bins.measured', { bins: bins.length }), (tx) => tx.putMany('bins', [...bins])),

    /**
     * Brings in a list that was read: what is new gets a bin, what is there comes in or is set right to what was
     * counted. All of it in one go, or nothing. Rolls that come in are told apart, a row each.
     */
    bringIn: (rows: readonly StockRow[], how: 'received' | 'counted'): Promise<BroughtIn> =>
      write(store, did('list.brought-in', { rows: rows.length }), async (tx) => {
        const fresh = new Map<string, Bin>();
        const idOf = (row: StockRow) => {
          if (row.binId !== null) return row.binId;
          const key = row.name.toLowerCase();
          const bin = fresh.get(key) ?? newBinOf(row, store.newId());
          fresh.set(key, bin);
          return bin.id;
        };
        const placed = rows.map((row) => ({ ...row, binId: idOf(row) }));
        await tx.putMany('bins', [...fresh.values()]);
        const { levels } =
          how === 'counted' ? growLedger(EMPTY_LEDGER, await db.entries.toArray()) : EMPTY_LEDGER;
        const counted = new Map<string, number>();
        for (const { binId, qty } of placed) counted.set(binId, (counted.get(binId) ?? 0) + qty);
        const entries: NewEntry[] =
          how === 'counted'
            ? [...counted].map(([binId, qty]) => ({
                binId,
                kind: 'counted',
                note: 'by a list',
                qty: sum([qty, -(levels.get(binId) ?? 0)]),
              }))
            : placed.map(({ binId, qty, unitCost, unit }) => ({
                binId,
                kind: 'received',
                qty,
                unitCost,
                note: 'by a list',
                lengthId: unit === 'mm' ? store.newId() : null,
              }));
        await tx.enterMany(entries);
        return { bins: fresh.size, entries: entries.filter(({ qty }) => qty !== 0).length };
      }),

    /** Posts what a count day found, bin by bin, with a reason each; what was counted right is entered nowhere. */
    countDay: (found: readonly CountedBin[]): Promise<number> =>
      write(store, did('count-day.posted'), async (tx) => {
        const { levels } = growLedger(EMPTY_LEDGER, await db.entries.toArray());
        // Counted twice, the later count holds.
        const last = new Map(found.map((each) => [each.binId, each]));
        const entries = [...last.values()].map(({ binId, counted, reason }): NewEntry => ({
          binId,
          kind: 'counted',
          note: reason,
          qty: sum([counted, -(levels.get(binId) ?? 0)]),
        }));
        await tx.enterMany(entries);
        return entries.filter(({ qty }) => qty !== 0).length;
      }),

    /**
     * Moves an amount (over 0) in or out by hand; what is received at `unitCost` each, null where nobody said. Refuses to take out
     * more than there is.
     */
    async move(
      binId: string,
      kind: HandMove,
      amount: number,
      note = '',
      unitCost: number | null = null,
    ): Promise<BenchOutcome<undefined>> {
      return attempt(store, did(`shelf.${kind}`), async (tx) => {
        const bin = await db.bins.get(binId);
        if (!bin) return refuse<undefined>({ code: 'bench.gone', what: 'bin' });
        // Of which roll? The ledger must know.
        if (bin.unit === 'mm') return refuse<undefined>({ code: 'bench.kept-by-length', bin: bin.name });
        if (
          bin.unit === 'pieces' &&
          bin.kind !== 'part' &&
          bin.kind !== 'strand' &&
          !Number.isInteger(amount)
        ) {
          return refuse<undefined>({ code: 'bench.not-whole', bin: bin.name, asked: amount });
        }
        const isOut = kind === 'taken' || kind === 'lost';
        const there = await onHand(binId);
        if (isOut && amount > there * (1 + 1e-9)) {
          const { name, unit } = bin;
          return refuse<undefined>({
            code: 'bench.too-little',
            bin: name,
            onHand: there,
            asked: amount,
            unit,
          });
        }
        await tx.enter({ binId, kind, qty: isOut ? -amount : amount, note, unitCost });
        return granted(undefined);
      });
    },

    /**
     * Lets some of one bin stand in for another: it moves over at its own price, and the maker's word that it may is
     * kept. Refuses more than there is, and what is not of one unit.
     */
    standIn: (asked: {
      readonly binId: string;
      readonly standsForId: string;
      readonly qty: number;
      /** What one unit of it costs; null where nobody noted it. */
      readonly unitCost: number | null;
    }): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('part.stood-in'), async (tx) => {
        const { binId, standsForId, qty, unitCost } = asked;
        const [bin, other] = await db.bins.bulkGet([binId, standsForId]);
        if (!bin || !other) return refuse<undefined>({ code: 'bench.gone', what: 'bin' });
        if (bin.unit !== other.unit)
          return refuse<undefined>({ code: 'bench.other-unit', bin: bin.name, other: other.name });
        if (bin.unit === 'mm') return refuse<undefined>({ code: 'bench.kept-by-length', bin: bin.name });
        const there = await onHand(binId);
        if (qty > there * (1 + 1e-9)) {
          const { name, unit } = bin;
          return refuse<undefined>({ code: 'bench.too-little', bin: name, onHand: there, asked: qty, unit });
        }
        await tx.enter({ binId, kind: 'taken', qty: -qty, note: `stands in for ${other.name}` });
        await tx.enter({
          binId: standsForId,
          kind: 'received',
          qty,
          unitCost,
          note: `${bin.name} stands in`,
        });
        const said = (await db.substitutes.toArray()).some(
          (each) => each.binId === binId && each.standsForId === standsForId,
        );
        if (!said)
          await tx.put('substitutes', { id: store.newId(), binId, standsForId, at: tx.at, note: '' });
        return granted(undefined);
      }),

    /** Sets a bin right to what was counted: enters the difference. Gives the difference. */
    async count(binId: string, counted: number): Promise<BenchOutcome<number>> {
      return attempt(store, did('bin.counted'), async (tx) => {
        const bin = await db.bins.get(binId);
        if (!bin) return refuse<number>({ code: 'bench.gone', what: 'bin' });
        if (bin.unit === 'mm') return refuse<number>({ code: 'bench.kept-by-length', bin: bin.name });
        const difference = sum([counted, -(await onHand(binId))]);
        await tx.enter({ binId, kind: 'counted', qty: difference });
        return granted(difference);
      });
    },
  };
}
