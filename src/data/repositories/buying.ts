import { did } from '../did';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { BuyIn, Pack, Purchase, Seller, Substitute } from '@/records/buying';
import type { Store } from '../store';
import { attempt, granted, refuse, RefusedInside, write } from '../write';

type New<T> = Omit<T, 'id'> & { readonly id?: string };

/** What came of one line of an order. */
export interface ArrivedLine {
  readonly packId: string;
  readonly packs: number;
  /** How many pieces were in them, where they were counted; as many as the packs say where this is left out. */
  readonly counted?: number;
}

/** Sellers, packs and prices, orders and what comes of them, what may stand in for what. */
export function buyingRepository(store: Store) {
  const { db } = store;
  const named = <T extends object>(record: New<T>) => ({ ...record, id: record.id ?? store.newId() });
  return {
    sellers: (): Promise<Seller[]> => db.sellers.toArray(),
    packs: (): Promise<Pack[]> => db.packs.toArray(),
    purchases: (): Promise<Purchase[]> => db.purchases.orderBy('no').toArray(),
    substitutes: (): Promise<Substitute[]> => db.substitutes.toArray(),
    buyIns: (): Promise<BuyIn[]> => db.buyIns.toArray(),

    saveSeller: (seller: New<Seller>): Promise<Seller> =>
      write(store, did('seller.kept', { name: seller.name }), async (tx) => {
        const kept = named<Seller>(seller) as Seller;
        await tx.put('sellers', kept);
        return kept;
      }),

    savePack: (pack: New<Pack>): Promise<Pack> =>
      write(store, did('pack.noted'), async (tx) => {
        const kept = named<Pack>(pack) as Pack;
        await tx.put('packs', kept);
        return kept;
      }),

    /** Notes what a piece costs ready made; what was noted of it before is replaced. */
    saveBuyIn: (buyIn: Omit<BuyIn, 'id'>): Promise<void> =>
      write(store, did('buy-in.noted'), async (tx) => {
        const known = (await db.buyIns.toArray()).find(
          ({ kind, key }) => kind === buyIn.kind && key === buyIn.key,
        );
        await tx.put('buyIns', { ...buyIn, id: known?.id ?? store.newId() });
      }),

    /** Writes down orders, one a seller. */
    order: (orders: readonly Omit<Purchase, 'id' | 'no' | 'orderedAt' | 'state'>[]): Promise<Purchase[]> =>
      write(store, did('order.placed', { sellers: orders.length }), async (tx) => {
        const last = await db.purchases.orderBy('no').last();
        const kept = orders.map((order, nth): Purchase => {
          const no = (last?.no ?? 0) + nth + 1;
          return { ...order, id: store.newId(), no, orderedAt: tx.at, state: 'ordered' };
        });
        for (const purchase of kept) await tx.put('purchases', purchase);
        return kept;
      }),

    /**
     * Receives what came of an order: it lies in its bins, at what it cost with its share of the post. Short
     * deliveries leave the rest on order.
     */
    receive: (id: string, arrived: readonly ArrivedLine[]): Promise<BenchOutcome<Purchase>> =>
      attempt(store, did('order.received'), async (tx) => {
        const purchase = await db.purchases.get(id);
        if (!purchase) return refuse<Purchase>({ code: 'bench.gone', what: 'order' });
        if (purchase.state !== 'ordered') {
          return refuse<Purchase>({ code: 'bench.order-done', no: purchase.no });
        }
        const goods = purchase.lines.reduce((so, { packs, packPrice }) => so + packs * packPrice, 0);
        const withPost = goods > 0 ? 1 + purchase.postage / goods : 1;
        const lines = [];
        for (const line of purchase.lines) {
          const { packs: came = 0, counted } = arrived.find(({ packId }) => packId === line.packId) ?? {};
          if (came + line.came > line.packs) {
            throw new RefusedInside({ code: 'bench.more-came', asked: line.packs, came: came + line.came });
          }
          lines.push({ ...line, came: line.came + came });
          if (came === 0) continue;
          const bin = await db.bins.get(line.binId);
          if (!bin) throw new RefusedInside({ code: 'bench.gone', what: 'bin' });
          const said = line.packQty * came;
          const qty = counted ?? said;
          // What was paid is paid for what came.
          const unitCost = (line.packPrice * came * withPost) / qty;
          const note = `order ${purchase.no}${qty === said ? '' : `, ${qty} counted where the packs say ${said}`}`;
          // Rolls and sticks stay told apart: each pack is one length.
          const pieces = bin.unit === 'mm' ? came : 1;
          for (let nth = 0; nth < pieces; nth += 1) {
            await tx.enter({
              binId: bin.id,
              kind: 'received',
              note,
              unitCost,
              qty: qty / pieces,
              lengthId: bin.unit === 'mm' ? store.newId() : null,
            });
          }
        }
        const isAll = lines.every(({ packs, came }) => came === packs);
        const kept: Purchase = { ...purchase, lines, state: isAll ? 'received' : 'ordered' };
        await tx.put('purchases', kept);
        return granted(kept);
      }),

    /** Gives up on what has not come. */
    giveUp: (id: string): Promise<BenchOutcome<Purchase>> =>
      attempt(store, did('order.given-up'), async (tx) => {
        const purchase = await db.purchases.get(id);
        if (!purchase) return refuse<Purchase>({ code: 'bench.gone', what: 'order' });
        const kept: Purchase = { ...purchase, state: 'given-up' };
        await tx.put('purchases', kept);
        return granted(kept);
      }),
  };
}
