import 'fake-indexeddb/auto';
import { RangeSet } from 'dexie';
import fc from 'fast-check';
import { demoBench } from '@/demo/demo-bench';
import { EMPTY_CONTENTS } from '@/records/bench-file';
import type { Entry } from '@/records/entry';
import { HOOKS, LOT, testWorkshop } from '../../../tests/support/test-bench';
import type { BenchReading } from '@/records/bench-reading';
import { changedKeys } from './changed-keys';
import { EMPTY_LEDGER, growLedger } from './ledger';

/** The readings as they come, and the next one that a condition holds of. */
function follow(workshop: ReturnType<typeof testWorkshop>['workshop']) {
  const seen: BenchReading[] = [];
  const waiting: { is: (reading: BenchReading) => boolean; tell: (reading: BenchReading) => void }[] = [];
  const end = workshop.follow(
    (reading) => {
      seen.push(reading);
      for (const each of waiting.slice()) if (each.is(reading)) each.tell(reading);
    },
    (error) => {
      throw error instanceof Error ? error : new Error(String(error));
    },
  );
  const until = (is: (reading: BenchReading) => boolean) =>
    new Promise<BenchReading>((tell) => {
      const last = seen.at(-1);
      if (last && is(last)) tell(last);
      else waiting.push({ is, tell });
    });
  return { seen, until, end };
}

describe('following the bench', () => {
  it('gives what changed anew, and what did not as the very same', async () => {
    const { workshop } = testWorkshop();
    const lot = await workshop.shelf.add(LOT, 1000);
    const { until, end } = follow(workshop);
    const first = await until(() => true);
    expect(first.levels.get(lot)).toBe(1000);
    await workshop.shelf.move(lot, 'taken', 200);
    const second = await until(({ levels }) => levels.get(lot) === 800);
    expect(second.entriesByBin.get(lot)).toHaveLength(2);
    expect(second.undo).toEqual({ code: 'shelf.taken', facts: {} });
    expect(second.bins).toBe(first.bins);
    expect(second.skirts).toBe(first.skirts);
    await workshop.history.undo();
    const third = await until(({ levels }) => levels.get(lot) === 1000);
    expect(third.entriesByBin.get(lot)).toHaveLength(3);
    end();
  });

  it('reads the whole ledger anew where another bench takes its place', async () => {
    const { workshop } = testWorkshop();
    const hooks = await workshop.shelf.add(HOOKS, 20);
    const { until, end } = follow(workshop);
    await until(({ levels }) => levels.get(hooks) === 20);
    const demo = demoBench(Date.UTC(2026, 10, 23, 12));
    await workshop.backup.restore(demo);
    const after = await until(({ bins }) => bins.length > 100);
    expect(after.levels.has(hooks)).toBe(false);
    expect(after.levels.get('hook-2-0')).toBe(210);
    await workshop.backup.restore(EMPTY_CONTENTS);
    expect((await until(({ bins }) => bins.length === 0)).levels.size).toBe(0);
    end();
  });

  it('tells nothing more once it is ended', async () => {
    const { workshop } = testWorkshop();
    const { seen, until, end } = follow(workshop);
    await until(() => true);
    end();
    const before = seen.length;
    // One who still follows is told of it.
    const other = follow(workshop);
    const lot = await workshop.shelf.add(LOT, 5);
    await other.until(({ levels }) => levels.get(lot) === 5);
    other.end();
    expect(seen).toHaveLength(before);
  });
});

describe('changedKeys', () => {
  it('tells keys one by one, ranges as all, other databases not at all', () => {
    const parts = {
      'idb://ruvek/bins/': new RangeSet().addKeys(['a', 'b', 'c']),
      'idb://ruvek/bins/name': new RangeSet().addKeys(['x']),
      'idb://ruvek/entries/': new RangeSet('a', 'z'),
      'idb://ruvek/molds/:dels': new RangeSet().addKeys(['m']),
      'idb://other/racks/': new RangeSet().addKeys(['r']),
    };
    const changed = changedKeys(parts, 'ruvek');
    expect(changed).toEqual(
      new Map<string, unknown>([
        ['bins', new Set(['a', 'b', 'c'])],
        ['entries', 'all'],
        ['molds', new Set(['m'])],
      ]),
    );
  });
});

describe('growLedger', () => {
  it('is the same ledger, however it is cut', () => {
    const entry = fc.record({
      binId: fc.constantFrom('a', 'b', 'c'),
      qty: fc.integer({ min: -20, max: 20 }),
      ticketId: fc.option(fc.constant('t')),
      lengthId: fc.option(fc.constant('l')),
    });
    fc.assert(
      fc.property(fc.array(entry, { maxLength: 30 }), fc.nat(30), (plans, cut) => {
        const entries = plans.map((plan, nth): Entry => ({
          id: `e${nth}`,
          at: nth,
          kind: 'counted',
          note: '',
          lineId: null,
          runId: null,
          unitCost: null,
          pieceShare: null,
          reverses: null,
          ...plan,
        }));
        const whole = growLedger(EMPTY_LEDGER, entries);
        const parts = growLedger(growLedger(EMPTY_LEDGER, entries.slice(0, cut)), entries.slice(cut));
        expect(parts).toEqual(whole);
        for (const [binId, mine] of whole.entriesByBin) {
          expect(whole.levels.get(binId)).toBe(mine.reduce((so, { qty }) => so + qty, 0));
        }
        expect(whole.ticketEntries).toHaveLength(entries.filter(({ ticketId }) => ticketId !== null).length);
      }),
    );
  });
});
