import { sum } from '@/core/numeric/sum';
import { tabPieces } from '@/core/skirts/tab-pieces';
import type { Store } from '../store';
import { RefusedInside } from '../write';

const SAME = 1e-6;

/** So many pieces of a tab, each this share of a whole one. */
interface Pieces {
  readonly share: number;
  readonly count: number;
}

/** Throws a refusal where a bin does not hold what is to be taken from it, each of the cut `pieces` for itself. */
export async function mustHold(
  store: Store,
  binId: string,
  asked: number,
  pieces: readonly Pieces[] = [],
): Promise<void> {
  const bin = await store.db.bins.get(binId);
  if (!bin) throw new RefusedInside({ code: 'bench.gone', what: 'bin' });
  const entries = await store.db.entries.where('binId').equals(binId).toArray();
  const onHand = sum(entries.map(({ qty }) => qty));
  const there = pieces.length > 0 ? tabPieces(entries) : [];
  const isMissing = pieces.some(
    ({ share, count }) => count > (there.find((each) => Math.abs(each.share - share) < SAME)?.count ?? 0),
  );
  if (asked <= onHand + SAME && !isMissing) return;
  const { name, unit } = bin;
  throw new RefusedInside({ code: 'bench.too-little', bin: name, onHand, asked, unit });
}
