import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { EMPTY_CONTENTS } from '@/records/bench-file';
import type { Entry } from '@/records/entry';
import { HOOKS, testWorkshop } from '../../../tests/support/test-bench';
import { EMPTY_LEDGER, growLedger, ledgerReader } from './ledger';
import { keepPacked, markOf, packEntries, readPacked, unpackEntries } from './packed-ledger';
import { until } from '../../../tests/support/until';

const text = fc.option(fc.string({ minLength: 1, maxLength: 6 }));
const entry = fc.record({
  at: fc.integer({ min: 0, max: 2e12 }),
  binId: fc.constantFrom('a', 'b', 'c'),
  kind: fc.constantFrom('received' as const, 'taken' as const, 'counted' as const),
  qty: fc.double({ min: -1e6, max: 1e6, noNaN: true, noDefaultInfinity: true }),
  note: fc.string({ maxLength: 12 }),
  ticketId: text,
  lineId: text,
  runId: text,
  unitCost: fc.option(fc.double({ min: 0, max: 1e6, noNaN: true })),
  pieceShare: fc.option(fc.constantFrom(0.25, 0.5)),
  lengthId: text,
  reverses: text,
});

async function through(entries: readonly Entry[]): Promise<Entry[]> {
  const back: Entry[] = [];
  for await (const stretch of unpackEntries(await packEntries(entries))) back.push(...stretch);
  return back;
}

describe('a packed ledger', () => {
  it('gives every entry back as it was, nulls, odd texts and halves included', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(entry, { maxLength: 40 }), async (plans) => {
        const entries = plans.map((plan, nth): Entry => ({ id: `e${nth}`, ...plan }));
        expect(await through(entries)).toEqual(entries);
        expect((await through(entries)).map((each) => JSON.stringify(each))).toEqual(
          entries.map((each) => JSON.stringify(each)),
        );
      }),
      { numRuns: 40 },
    );
  });

  it('gives more than a stretch of them back in their order', async () => {
    const base: Entry = {
      id: '',
      at: 0,
      binId: 'a',
      kind: 'received',
      qty: 1,
      note: '',
      ticketId: null,
      lineId: null,
      runId: null,
      unitCost: null,
      pieceShare: null,
      lengthId: null,
      reverses: null,
    };
    const many = Array.from({ length: 9001 }, (_, nth) => ({ ...base, id: `e${nth}`, at: nth }));
    const back = await through(many);
    expect(back).toHaveLength(9001);
    expect(back[8999]).toEqual(many[8999]);
  });
});

/** More than the ledger is copied from. */
const LONG = 5200;

async function longBench() {
  const { db, workshop } = testWorkshop();
  const binId = await workshop.shelf.add(HOOKS, 1);
  const [first] = await db.entries.toArray();
  const more = Array.from({ length: LONG }, (_, nth): Entry => ({
    ...first!,
    id: `more-${nth}`,
    at: nth,
    qty: nth % 7 === 0 ? -1 : 1,
  }));
  await db.entries.bulkAdd(more);
  return { db, workshop, binId };
}

const untilPacked = ({ db }: Awaited<ReturnType<typeof longBench>>) =>
  until(async () => (await db.packedLedger.count()) === 1);

describe('reading from the copy', () => {
  it('reads the same ledger as without it, with what was entered, undone and done again since', async () => {
    const bench = await longBench();
    const { db, workshop, binId } = bench;
    await ledgerReader(db)('all');
    await untilPacked(bench);
    await workshop.shelf.move(binId, 'taken', 3);
    await workshop.shelf.move(binId, 'received', 5);
    await workshop.history.undo();
    const kept = await readPacked(db);
    expect(kept?.since).toHaveLength(3);
    const read = await ledgerReader(db)('all');
    const whole = growLedger(EMPTY_LEDGER, await db.entries.toArray());
    expect(read.levels).toEqual(whole.levels);
    expect(new Set(read.entriesByBin.get(binId)!.map(({ id }) => id))).toEqual(
      new Set(whole.entriesByBin.get(binId)!.map(({ id }) => id)),
    );
  });

  it('is left where the ledger is not what it was made of', async () => {
    const bench = await longBench();
    const { db, workshop, binId } = bench;
    await ledgerReader(db)('all');
    await untilPacked(bench);
    const [any] = await db.entries.toArray();
    await db.entries.add({ ...any!, id: 'from nowhere' });
    expect(await readPacked(db)).toBeNull();
    const { levels } = await ledgerReader(db)('all');
    expect(levels.get(binId)).toBe(growLedger(EMPTY_LEDGER, await db.entries.toArray()).levels.get(binId));
    await workshop.backup.restore(EMPTY_CONTENTS);
    expect(await db.packedLedger.count()).toBe(0);
    expect((await ledgerReader(db)('all')).levels.size).toBe(0);
  });

  it('is not kept of a moment that has passed', async () => {
    const { db, workshop, binId } = await longBench();
    const mark = await markOf(db);
    const before = await db.entries.toArray();
    await workshop.shelf.move(binId, 'taken', 1);
    expect(await keepPacked(db, before, mark)).toBe(false);
    expect(await readPacked(db)).toBeNull();
  });
});
