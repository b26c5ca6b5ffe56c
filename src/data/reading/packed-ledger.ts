import type { Entry } from '@/records/entry';
import type { BenchDatabase } from '../database';
import type { PackedLedger } from '../packed-columns';

const NUMBERS = ['at', 'qty', 'unitCost', 'pieceShare'] as const satisfies (keyof Entry)[];

const TEXTS = [
  'id',
  'binId',
  'kind',
  'note',
  'ticketId',
  'lineId',
  'runId',
  'lengthId',
  'reverses',
] as const satisfies (keyof Entry)[];

/** Of so many entries at a time the page takes no notice. */
const STRETCH = 4000;

/** Lets the page do what waits. */
export const nextTurn = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

type Columns = Pick<PackedLedger, 'count' | 'texts' | 'numbers' | 'named'>;

/** Packs entries into columns, a stretch at a time. */
export async function packEntries(entries: readonly Entry[]): Promise<Columns> {
  const texts: string[] = [];
  const places = new Map<string, number>();
  const placeOf = (text: string | null) => {
    if (text === null) return -1;
    const known = places.get(text);
    if (known !== undefined) return known;
    places.set(text, texts.length);
    texts.push(text);
    return texts.length - 1;
  };
  const count = entries.length;
  const numbers = Object.fromEntries(NUMBERS.map((key) => [key, new Float64Array(count)]));
  const named = Object.fromEntries(TEXTS.map((key) => [key, new Int32Array(count)]));
  for (let from = 0; from < count; from += STRETCH) {
    entries.slice(from, from + STRETCH).forEach((entry, nth) => {
      for (const key of NUMBERS) (numbers[key] as Float64Array)[from + nth] = entry[key] ?? NaN;
      for (const key of TEXTS) (named[key] as Int32Array)[from + nth] = placeOf(entry[key]);
    });
    await nextTurn();
  }
  return { count, texts, numbers, named };
}

/** The entries of a stretch of columns, as they were packed. */
function unpack({ texts, numbers, named }: Columns, from: number, to: number): Entry[] {
  const number = (key: (typeof NUMBERS)[number], nth: number) => {
    const value = numbers[key]?.[nth] ?? NaN;
    return Number.isNaN(value) ? null : value;
  };
  const text = (key: (typeof TEXTS)[number], nth: number) => texts[named[key]?.[nth] ?? -1] ?? null;
  return Array.from({ length: to - from }, (_, index): Entry => {
    const nth = from + index;
    return {
      id: text('id', nth) ?? '',
      at: number('at', nth) ?? 0,
      binId: text('binId', nth) ?? '',
      kind: text('kind', nth) as Entry['kind'],
      qty: number('qty', nth) ?? 0,
      note: text('note', nth) ?? '',
      ticketId: text('ticketId', nth),
      lineId: text('lineId', nth),
      runId: text('runId', nth),
      unitCost: number('unitCost', nth),
      pieceShare: number('pieceShare', nth),
      lengthId: text('lengthId', nth),
      reverses: text('reverses', nth),
    };
  });
}

/** Unpacks columns, a stretch at a time; the page takes no notice. */
export async function* unpackEntries(columns: Columns): AsyncGenerator<Entry[]> {
  for (let from = 0; from < columns.count; from += STRETCH) {
    yield unpack(columns, from, Math.min(from + STRETCH, columns.count));
    await nextTurn();
  }
}

/** The entries that acts have made. */
async function enteredAfter(db: BenchDatabase, actNo: number): Promise<Entry[]> {
  const acts = await db.acts.where('no').above(actNo).toArray();
  return acts.flatMap(({ changes }) =>
    changes
      .filter(({ table, after }) => table === 'entries' && after !== null)
      .map(({ after }) => after as Entry),
  );
}

/** The copy with what was entered since; null where there is none, or where the ledger is not what it was made of. */
export async function readPacked(
  db: BenchDatabase,
): Promise<{ readonly packed: PackedLedger; readonly since: readonly Entry[] } | null> {
  return db.transaction('r', db.packedLedger, db.entries, db.acts, async () => {
    const packed = await db.packedLedger.get('ledger');
    if (!packed) return null;
    const last = packed.actId === null ? undefined : await db.acts.get(packed.actId);
    if (packed.actId !== null && last?.no !== packed.actNo) return null;
    const since = await enteredAfter(db, packed.actNo);
    return packed.count + since.length === (await db.entries.count()) ? { packed, since } : null;
  });
}

/** What the ledger is at one moment: a copy holds of just that. */
export interface LedgerMark {
  readonly actId: string | null;
  readonly actNo: number;
}

export async function markOf(db: BenchDatabase): Promise<LedgerMark> {
  const last = await db.acts.orderBy('no').last();
  return { actId: last?.id ?? null, actNo: last?.no ?? 0 };
}

/** Keeps a copy of a ledger as it was read at a mark, unless the bench went on meanwhile: then another reading will. */
export async function keepPacked(
  db: BenchDatabase,
  entries: readonly Entry[],
  mark: LedgerMark,
): Promise<boolean> {
  const columns = await packEntries(entries);
  return db.transaction('rw', db.packedLedger, db.entries, db.acts, async () => {
    const now = await markOf(db);
    const isSame = now.actId === mark.actId && (await db.entries.count()) === columns.count;
    if (isSame) await db.packedLedger.put({ id: 'ledger', ...mark, ...columns });
    return isSame;
  });
}
