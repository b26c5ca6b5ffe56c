import { sum } from '@/core/numeric/sum';
import type { Entry } from '@/records/entry';
import type { BenchDatabase } from '../database';
import type { ChangedKeys } from './changed-keys';
import { keepPacked, markOf, nextTurn, readPacked, unpackEntries } from './packed-ledger';
import type { LedgerReading } from '@/records/ledger-reading';

/** Before anything came or went. */
export const EMPTY_LEDGER: LedgerReading = {
  levels: new Map(),
  entriesByBin: new Map(),
  ticketEntries: [],
  madeEntries: [],
  cutEntries: [],
  lengthEntries: [],
};

/** Read in pages, so that no single one holds up the page. */
const PAGE = 4000;

/** From so many on a ledger is worth a copy, and a copy is made anew when so many were entered since. */
const PACKED_FROM = 5000;

const STALE_FROM = 2000;

const PICKS: Record<Exclude<keyof LedgerReading, 'levels' | 'entriesByBin'>, (entry: Entry) => boolean> = {
  ticketEntries: ({ ticketId }) => ticketId !== null,
  madeEntries: ({ kind, runId }) => kind === 'made' && runId !== null,
  cutEntries: ({ pieceShare }) => pieceShare !== null,
  lengthEntries: ({ lengthId }) => lengthId !== null,
};

type Picked = keyof typeof PICKS;

const PICKED = Object.keys(PICKS) as Picked[];

/** A ledger that grows by stretches of entries, in the order in which they were entered. */
function growing(reading: LedgerReading) {
  const entriesByBin = new Map(reading.entriesByBin);
  const touched = new Map<string, Entry[]>();
  const picked: Record<Picked, Entry[]> = {
    ticketEntries: [],
    madeEntries: [],
    cutEntries: [],
    lengthEntries: [],
  };
  return {
    add(entries: readonly Entry[]): void {
      for (const entry of entries) {
        const mine = touched.get(entry.binId) ?? [...(entriesByBin.get(entry.binId) ?? [])];
        mine.push(entry);
        touched.set(entry.binId, mine);
        for (const key of PICKED) if (PICKS[key](entry)) picked[key].push(entry);
      }
    },

    done(): LedgerReading {
      const levels = new Map(reading.levels);
      for (const [binId, mine] of touched) {
        entriesByBin.set(binId, mine);
        levels.set(binId, sum(mine.map(({ qty }) => qty)));
      }
      const grown = (key: Picked) =>
        picked[key].length > 0 ? [...reading[key], ...picked[key]] : reading[key];
      return {
        levels,
        entriesByBin,
        ticketEntries: grown('ticketEntries'),
        madeEntries: grown('madeEntries'),
        cutEntries: grown('cutEntries'),
        lengthEntries: grown('lengthEntries'),
      };
    },
  };
}

const inOrder = (entries: readonly Entry[]) => [...entries].sort((a, b) => a.at - b.at);

/**
 * The ledger with more entries, in the order in which they were entered. What nothing was added to stays the same
 * object.
 *
 * @example growLedger(EMPTY_LEDGER, [took5]).levels.get('hook-2-0') // -5
 */
export function growLedger(reading: LedgerReading, more: readonly Entry[]): LedgerReading {
  const ledger = growing(reading);
  ledger.add(inOrder(more));
  return ledger.done();
}

/** Every entry, in pages. */
async function readEntries(db: BenchDatabase): Promise<Entry[]> {
  const all: Entry[] = [];
  for (let after = ''; ;) {
    const page = await db.entries.where('id').above(after).limit(PAGE).toArray();
    for (const entry of page) all.push(entry);
    const last = page.at(-1);
    if (!last || page.length < PAGE) return all;
    after = last.id;
  }
}

/** Makes the copy anew beside all else. It saves time and no more: where it cannot be kept, nothing is lost. */
function keepCopy(db: BenchDatabase, make: () => Promise<boolean>): void {
  make().catch(() => db.packedLedger.clear().catch(() => undefined));
}

async function repack(db: BenchDatabase): Promise<boolean> {
  const mark = await markOf(db);
  return keepPacked(db, inOrder(await readEntries(db)), mark);
}

/** The whole ledger in stretches, in the order in which they were entered: from its copy where that holds. */
async function* wholeLedger(db: BenchDatabase): AsyncGenerator<Entry[]> {
  const kept = await readPacked(db);
  if (kept) {
    yield* unpackEntries(kept.packed);
    yield inOrder(kept.since);
    if (kept.since.length >= STALE_FROM) keepCopy(db, () => repack(db));
    return;
  }
  const mark = await markOf(db);
  const all = inOrder(await readEntries(db));
  if (all.length >= PACKED_FROM) keepCopy(db, () => keepPacked(db, all, mark));
  for (let from = 0; from < all.length; from += PAGE) {
    yield all.slice(from, from + PAGE);
    await nextTurn();
  }
}

/** Reads the ledger once, and from then on only what was entered since. Entries are added and never changed. */
export function ledgerReader(db: BenchDatabase) {
  let known = new Set<string>();
  let reading = EMPTY_LEDGER;

  async function readWhole(): Promise<LedgerReading> {
    known = new Set();
    const ledger = growing(EMPTY_LEDGER);
    for await (const entries of wholeLedger(db)) {
      const fresh = entries.filter(({ id }) => !known.has(id));
      for (const { id } of fresh) known.add(id);
      ledger.add(fresh);
    }
    return ledger.done();
  }

  return async (changed: ChangedKeys): Promise<LedgerReading> => {
    const added = changed === 'all' ? null : await db.entries.bulkGet([...changed]);
    // An entry that is gone means that the whole bench is another.
    if (added === null || added.includes(undefined)) {
      reading = await readWhole();
      return reading;
    }
    const fresh = added.filter((entry) => entry !== undefined).filter(({ id }) => !known.has(id));
    for (const { id } of fresh) known.add(id);
    reading = growLedger(reading, fresh);
    return reading;
  };
}
