import { did } from '../did';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { PlasticBatchRecord, PlasticRecord } from '@/records/plastic';
import type { Store } from '../store';
import { attempt, granted, refuse, write } from '../write';
import { PLAIN_BIN, type NewBin } from '@/records/plain-bin';
import type { NewPlastic } from '@/records/plastic';

/** A batch as it was poured; the good ones may get a bin of their own, which is put down with them. */
export type NewPlasticBatch = Omit<PlasticBatchRecord, 'id' | 'no' | 'at'> & { readonly own?: NewBin };

/** Colors of soft plastic and the batches poured of them. */
export function plasticRepository(store: Store) {
  const { db } = store;
  return {
    all: (): Promise<PlasticRecord[]> => db.plastics.toArray(),
    batches: (): Promise<PlasticBatchRecord[]> => db.plasticBatches.orderBy('no').toArray(),

    /** Keeps a color: a new one, or what is known of one anew. */
    keep: (plastic: NewPlastic, id: string | null): Promise<PlasticRecord> =>
      write(store, did('plastic.kept', { name: plastic.name }), async (tx) => {
        const known = id === null ? undefined : await db.plastics.get(id);
        const kept: PlasticRecord = {
          ...plastic,
          id: known?.id ?? store.newId(),
          createdAt: known?.createdAt ?? tx.at,
          retired: false,
        };
        await tx.put('plastics', kept);
        return kept;
      }),

    putAway: (id: string): Promise<BenchOutcome<undefined>> =>
      attempt(store, did('plastic.put-away'), async (tx) => {
        const plastic = await db.plastics.get(id);
        if (!plastic) return refuse<undefined>({ code: 'bench.gone', what: 'color' });
        await tx.put('plastics', { ...plastic, retired: true });
        return granted(undefined);
      }),

    /** Logs a batch as it was poured; good baits go to their bin. */
    pour: ({ own, ...batch }: NewPlasticBatch): Promise<BenchOutcome<PlasticBatchRecord>> =>
      attempt(store, did('plastic.poured', { baits: batch.good }), async (tx) => {
        const plastic = await db.plastics.get(batch.plasticId);
        if (!plastic) return refuse<PlasticBatchRecord>({ code: 'bench.gone', what: 'color' });
        if (batch.binId !== null && !(await db.bins.get(batch.binId))) {
          return refuse<PlasticBatchRecord>({ code: 'bench.gone', what: 'bin' });
        }
        const last = await db.plasticBatches.orderBy('no').last();
        const ownId = own && batch.good > 0 ? store.newId() : null;
        if (own && ownId !== null) {
          await tx.put('bins', { ...PLAIN_BIN, ...own, id: ownId, retired: false });
        }
        const poured: PlasticBatchRecord = {
          ...batch,
          binId: ownId ?? batch.binId,
          id: store.newId(),
          no: (last?.no ?? 0) + 1,
          at: tx.at,
        };
        await tx.put('plasticBatches', poured);
        if (poured.binId !== null && batch.good > 0) {
          await tx.enter({
            binId: poured.binId,
            kind: 'made',
            qty: batch.good,
            note: `${plastic.name}, batch ${poured.no}`,
          });
        }
        return granted(poured);
      }),
  };
}
