import { sum } from '@/core/numeric/sum';
import type { Entry } from '@/records/entry';
import type { BenchDatabase } from '../database';
import type { ChangedKeys } from './changed-keys';

/** The ledger as it stands: all of it, what is in each bin, and the entries that other rooms ask for. */
export interface LedgerReading {
  readonly levels: ReadonlyMap<string, number>;
  /** By bin, in the order in which they were entered. */
  readonly entriesByBin: ReadonlyMap<string, readonly Entry[]>;
  /** Entries that name a ticket: what was made for whom and what was handed over. */
  readonly ticketEntries: readonly Entry[];
  /** What runs made, and what of it was scrapped since. */
  readonly madeEntries: readonly Entry[];
  /** Of cut pieces of tab. */
  readonly cutEntries: readonly Entry[];
  /** Of rolls, sticks and offcuts that are told apart. */
  readonly lengthEntries: readonly Entry[];
}

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

const PICKS: Record<Exclude<keyof LedgerReading, 'levels' | 'entriesByBin'>, (entry: Entry) => boolean> = {
  ticketEntries: ({ ticketId }) => ticketId !== null,
  madeEntries: ({ kind, runId }) => kind === 'made' && runId !== null,
  cutEntries: ({ pieceShare }) => pieceShare !== null,
  lengthEntries: ({ lengthId }) => lengthId !== null,
};

/**
 * The ledger with more entries, in the order in which they were entered. What nothing was added to stays the same
 * object.
 *
 * @example growLedger(EMPTY_LEDGER, [took5]).levels.get('hook-2-0') // -5
 */
export function growLedger(reading: LedgerReading, more: readonly Entry[]): LedgerReading {
  const fresh = [...more].sort((a, b) => a.at - b.at);
  const entriesByBin = new Map(reading.entriesByBin);
  const touched = new Map<string, Entry[]>();
  for (const entry of fresh) {
    const mine = touched.get(entry.binId) ?? [...(entriesByBin.get(entry.binId) ?? [])];
    mine.push(entry);
    touched.set(entry.binId, mine);
  }
  const levels = new Map(reading.levels);
  for (const [binId, mine] of touched) {
    entriesByBin.set(binId, mine);
    levels.set(binId, sum(mine.map(({ qty }) => qty)));
  }
  const grown = (key: keyof typeof PICKS) => {
    const picked = fresh.filter(PICKS[key]);
    return picked.length > 0 ? [...reading[key], ...picked] : reading[key];
  };
  return {
    levels,
    entriesByBin,
    ticketEntries: grown('ticketEntries'),
    madeEntries: grown('madeEntries'),
    cutEntries: grown('cutEntries'),
    lengthEntries: grown('lengthEntries'),
  };
}

/** Reads the ledger once, and from then on only what was entered since. Entries are added and never changed. */
export function ledgerReader(db: BenchDatabase) {
  let known = new Set<string>();
  let reading = EMPTY_LEDGER;

  async function readAll(): Promise<Entry[]> {
    const all: Entry[] = [];
    for (let after = ''; ;) {
      const page = await db.entries.where('id').above(after).limit(PAGE).toArray();
      all.push(...page);
      const last = page.at(-1);
      if (!last || page.length < PAGE) return all;
      after = last.id;
    }
  }

  return async (changed: ChangedKeys): Promise<LedgerReading> => {
    const added = changed === 'all' ? null : await db.entries.bulkGet([...changed]);
    // An entry that is gone means that the whole bench is another.
    const isAnother = added === null || added.includes(undefined);
    const base = isAnother ? EMPTY_LEDGER : reading;
    if (isAnother) known = new Set();
    const entries = isAnother ? await readAll() : added.filter((entry) => entry !== undefined);
    const fresh = entries.filter(({ id }) => !known.has(id));
    for (const { id } of fresh) known.add(id);
    reading = growLedger(base, fresh);
    return reading;
  };
}
