import type { Entry } from '@/records/entry';
import type { Store } from '../store';
import type { WriteTransaction } from '../write';

/** What of a bin is told apart: a roll by its id, heads by the ticket's line that they were made for. */
type Share = Pick<Entry, 'lengthId' | 'lineId' | 'ticketId'>;

interface There extends Share {
  readonly qty: number;
}

/** What lies in a bin, share by share; `counts` says which entries are looked at. */
async function sharesOf(
  { db }: Store,
  binId: string,
  counts: (entry: Entry) => boolean = () => true,
): Promise<There[]> {
  const shares = new Map<string, There>();
  for (const entry of await db.entries.where('binId').equals(binId).toArray()) {
    if (!counts(entry)) continue;
    const { lengthId, lineId, ticketId } = entry;
    const key = `${lengthId} ${lineId}`;
    shares.set(key, { lengthId, lineId, ticketId, qty: (shares.get(key)?.qty ?? 0) + entry.qty });
  }
  return [...shares.values()];
}

/** Goes through shares one after the other until so much is settled; what no share holds is left to the plain entry. */
async function spend(
  shares: readonly There[],
  wanted: number,
  enter: (share: Share, qty: number) => Promise<void>,
): Promise<void> {
  let left = wanted;
  for (const { qty, ...share } of shares) {
    const some = Math.min(qty, left);
    if (some > 0) await enter(share, some);
    left -= Math.max(0, some);
  }
  if (left > 1e-9) await enter({ lengthId: null, lineId: null, ticketId: null }, left);
}

/**
 * Takes so much out of a bin whose things are told apart. Of rolls the shortest that is long enough, else one after the
 * other, shortest first. Of heads those first that no open ticket was given, then those of a ticket, for which they are then
 * gone.
 */
export async function takeApart(
  store: Store,
  tx: WriteTransaction,
  binId: string,
  qty: number,
  note: string,
): Promise<void> {
  const all = (await sharesOf(store, binId)).filter((share) => share.qty > 0);
  const bin = await store.db.bins.get(binId);
  const byLength = [...all].sort((one, other) => one.qty - other.qty);
  const enough = byLength.find((share) => share.qty >= qty);
  const rolls = enough ? [enough] : byLength;
  const open = new Set(await store.db.tickets.where('state').equals('open').primaryKeys());
  const isGiven = ({ ticketId }: Share) => Number(ticketId !== null && open.has(ticketId));
  const heads = [...all].sort((one, other) => isGiven(one) - isGiven(other));
  await spend(bin?.unit === 'mm' ? rolls : heads, qty, (share, some) =>
    tx.enter({ binId, ...share, kind: 'taken', qty: -some, note }),
  );
}

/** Gives back what a run took: heads to the tickets they were taken from. What was cut off a roll stays cut, and is an offcut. */
export async function giveBack(
  store: Store,
  tx: WriteTransaction,
  binId: string,
  qty: number,
  note: string,
): Promise<void> {
  const taken = await sharesOf(store, binId, (entry) => entry.note === note && entry.lineId !== null);
  const given = taken.map((share) => ({ ...share, qty: -share.qty })).filter((share) => share.qty > 0);
  await spend(given, qty, ({ lineId, ticketId }, some) =>
    tx.enter({ binId, lengthId: null, lineId, ticketId, kind: 'returned', qty: some, note }),
  );
}
