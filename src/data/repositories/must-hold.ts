import { sum } from '@/core/numeric/sum';
import type { Store } from '../store';
import { RefusedInside } from '../write';

const SAME = 1e-6;

/** Throws a refusal where a bin does not hold what is to be taken from it. */
export async function mustHold(store: Store, binId: string, asked: number): Promise<void> {
  const bin = await store.db.bins.get(binId);
  if (!bin) throw new RefusedInside({ code: 'bench.gone', what: 'bin' });
  const entries = await store.db.entries.where('binId').equals(binId).toArray();
  const onHand = sum(entries.map(({ qty }) => qty));
  if (asked <= onHand + SAME) return;
  const { name, unit } = bin;
  throw new RefusedInside({ code: 'bench.too-little', bin: name, onHand, asked, unit });
}
