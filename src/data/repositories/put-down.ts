import { sum } from '@/core/numeric/sum';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Bin } from '@/records/bin';
import { PLAIN_BIN, type NewBin } from '@/records/plain-bin';
import { did } from '../did';
import type { Store } from '../store';
import { attempt, granted, refuse, write, type WriteTransaction } from '../write';

/** A thing as it is put down. */
export interface ThingPutDown {
  readonly bin: NewBin;
  /** The bin that it goes into; null where it gets one of its own. */
  readonly intoId: string | null;
  /** How much there is of it, in the bin's unit: rolls and sticks each for itself. */
  readonly lots: readonly number[];
  /** Of what it is kept by; null where nobody said. */
  readonly unitCost: number | null;
  /** The pack it came in; null where nobody said who sells it. */
  readonly pack: PackPutDown | null;
}

interface PackPutDown {
  readonly seller: string;
  readonly qty: number;
  readonly price: number;
  readonly pricedOn: string;
}

const GRAMS_PER_KG = 1000;

/** A seller that was named for the first time: of whose post nobody said anything. */
const NEW_SELLER = { postage: 0, freeFrom: null, leadDays: null, note: '', retired: false } as const;

/** A bin at what was last paid for what is in it. */
function priced(bin: Bin, unitCost: number | null): Bin {
  if (unitCost === null) return bin;
  return bin.kind === 'metal'
    ? { ...bin, costPerKg: unitCost * GRAMS_PER_KG }
    : { ...bin, costEach: unitCost };
}

/** Notes the pack that a thing came in, with its seller by name. */
async function keepPack(
  store: Store,
  tx: WriteTransaction,
  binId: string,
  { seller, qty, price, pricedOn }: PackPutDown,
): Promise<void> {
  const name = seller.trim();
  const known = (await store.db.sellers.toArray()).find(
    (each) => each.name.toLowerCase() === name.toLowerCase(),
  );
  const sellerId = known?.id ?? store.newId();
  if (!known) await tx.put('sellers', { ...NEW_SELLER, id: sellerId, name });
  await tx.put('packs', {
    id: store.newId(),
    binId,
    sellerId,
    qty,
    price,
    breaks: [],
    pricedOn,
    retired: false,
  });
}

/** How things come onto the shelf: put down one by one, laid out many at once, counted in where they were missed. */
export function putDownRepository(store: Store) {
  const { db } = store;
  const onHand = async (binId: string) =>
    sum((await db.entries.where('binId').equals(binId).toArray()).map((entry) => entry.qty));

  return {
    /**
     * Puts a thing down with what is there of it, what it cost and who sells it, all in one go: a new bin, or more in
     * one that is there. Gives the bin.
     */
    putDown: ({ bin, intoId, lots, unitCost, pack }: ThingPutDown): Promise<Bin> =>
      write(store, did(intoId === null ? 'bin.new' : 'bin.more', { name: bin.name }), async (tx) => {
        const known = intoId === null ? undefined : await db.bins.get(intoId);
        const id = known?.id ?? store.newId();
        const kept: Bin = known ? priced(known, unitCost) : { ...PLAIN_BIN, ...bin, id, retired: false };
        if (kept !== known) await tx.put('bins', kept);
        for (const qty of lots) {
          const lengthId = bin.unit === 'mm' ? store.newId() : null;
          await tx.enter({ binId: id, kind: 'received', qty, unitCost, lengthId });
        }
        if (pack) await keepPack(store, tx, id, pack);
        return kept;
      }),

    /** Notes what one of a thing costs, in what it is kept by. */
    price: (binId: string, unitCost: number): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('bin.priced'), async (tx) => {
        const bin = await db.bins.get(binId);
        if (!bin) return refuse<undefined>({ code: 'bench.gone', what: 'bin' });
        await tx.put('bins', priced(bin, unitCost));
        return granted(undefined);
      }),

    /** Puts many things down of which nothing was counted yet, in one go. Gives their bins in the same order. */
    layOut: (bins: readonly NewBin[]): Promise<Bin[]> =>
      write(store, did('bins.laid-out', { things: bins.length }), async (tx) => {
        const kept = bins.map((bin): Bin => ({ ...PLAIN_BIN, ...bin, id: store.newId(), retired: false }));
        await tx.putMany('bins', kept);
        return kept;
      }),

    /**
     * Sets a bin right to what lies there, with what one of it cost where the maker said so: of what is kept by its length,
     * a roll more. Gives the difference.
     */
    countIn: (binId: string, counted: number, unitCost: number | null): Promise<BenchOutcome<number>> =>
      attempt(store, did('bin.counted'), async (tx) => {
        const bin = await db.bins.get(binId);
        if (!bin) return refuse<number>({ code: 'bench.gone', what: 'bin' });
        if (unitCost !== null) await tx.put('bins', priced(bin, unitCost));
        if (bin.unit === 'mm') {
          await tx.enter({ binId, kind: 'received', qty: counted, lengthId: store.newId(), unitCost });
          return granted(counted);
        }
        const difference = sum([counted, -(await onHand(binId))]);
        const kind = difference > 0 ? 'received' : 'counted';
        await tx.enter({ binId, kind, qty: difference, unitCost: difference > 0 ? unitCost : null });
        return granted(difference);
      }),
  };
}
