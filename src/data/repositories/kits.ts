import { did } from '../did';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Kit } from '@/records/rig';
import type { Store } from '../store';
import { attempt, granted, refuse, RefusedInside } from '../write';
import { mustHold } from './must-hold';

export interface NewKit {
  readonly name: string;
  readonly note: string;
  readonly lines: readonly { readonly binId: string; readonly qty: number }[];
}

/** Trip kits: packed from the shelf for one outing, booked back after it. */
export function kitRepository(store: Store) {
  const { db } = store;
  return {
    all: (): Promise<Kit[]> => db.kits.orderBy('no').toArray(),

    /** Packs a kit: all of it leaves the shelf, or nothing does. */
    pack: ({ name, note, lines }: NewKit): Promise<BenchOutcome<Kit>> =>
      attempt(store, did('kit.packed', { name }), async (tx) => {
        const last = await db.kits.orderBy('no').last();
        const kit: Kit = {
          id: store.newId(),
          no: (last?.no ?? 0) + 1,
          name,
          note,
          state: 'packed',
          lines: lines.map((line) => ({ ...line, back: null })),
          packedAt: tx.at,
          backAt: null,
        };
        for (const { binId, qty } of lines) {
          await mustHold(store, binId, qty);
          await tx.enter({ binId, kind: 'taken', qty: -qty, note: `trip kit ${kit.no}` });
        }
        await tx.put('kits', kit);
        return granted(kit);
      }),

    /**
     * Takes some out of a kit that is out, as in the boat: they are the shelf's again, and the kit has so many fewer. A kit
     * of which nothing is left is back. Refuses more than is in it.
     */
    takeOut: (
      id: string,
      out: readonly { readonly binId: string; readonly qty: number }[],
    ): Promise<BenchOutcome<Kit>> =>
      attempt(store, did('kit.taken-out-of'), async (tx) => {
        const kit = await db.kits.get(id);
        if (!kit) return refuse<Kit>({ code: 'bench.gone', what: 'kit' });
        if (kit.state === 'back') return refuse<Kit>({ code: 'bench.kit-back', no: kit.no });
        const wanted = new Map(out.map(({ binId, qty }) => [binId, qty]));
        const left = kit.lines.map((each) => {
          const qty = wanted.get(each.binId) ?? 0;
          if (qty > each.qty + 1e-9) {
            throw new RefusedInside({ code: 'bench.more-back-than-taken', taken: each.qty, back: qty });
          }
          return { ...each, qty: each.qty - qty };
        });
        for (const { binId, qty } of out) {
          if (qty > 0) await tx.enter({ binId, kind: 'returned', qty, note: `out of trip kit ${kit.no}` });
        }
        const lines = left.filter(({ qty }) => qty > 1e-9);
        const isOver = lines.length === 0;
        // What was in a kit stays on its list, though all of it was taken out.
        const now: Kit = isOver
          ? {
              ...kit,
              lines: kit.lines.map((each) => ({ ...each, back: each.qty })),
              state: 'back',
              backAt: tx.at,
            }
          : { ...kit, lines };
        await tx.put('kits', now);
        return granted(now);
      }),

    /** Books a kit back: what came home returns to its bins, the rest was used or lost. */
    bringBack: (
      id: string,
      back: readonly { readonly binId: string; readonly qty: number }[],
    ): Promise<BenchOutcome<Kit>> =>
      attempt(store, did('kit.booked-back'), async (tx) => {
        const kit = await db.kits.get(id);
        if (!kit) return refuse<Kit>({ code: 'bench.gone', what: 'kit' });
        if (kit.state === 'back') return refuse<Kit>({ code: 'bench.kit-back', no: kit.no });
        const lines = kit.lines.map((line) => {
          const qty = back.find(({ binId }) => binId === line.binId)?.qty ?? 0;
          if (qty > line.qty + 1e-9) {
            throw new RefusedInside({ code: 'bench.more-back-than-taken', taken: line.qty, back: qty });
          }
          return { ...line, back: qty };
        });
        for (const { binId, back: qty } of lines) {
          if (qty > 0) await tx.enter({ binId, kind: 'returned', qty, note: `trip kit ${kit.no}` });
        }
        const home: Kit = { ...kit, lines, state: 'back', backAt: tx.at };
        await tx.put('kits', home);
        return granted(home);
      }),
  };
}
