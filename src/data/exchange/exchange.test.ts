import fc from 'fast-check';
import { demoBench } from '@/demo/demo-bench';
import { EMPTY_CONTENTS, type BenchContents } from '@/records/bench-file';
import { readBenchFile } from '@/records/read-bench-file';
import { PLAIN_BIN } from '@/records/plain-bin';
import { HOOKS, LOT, testWorkshop } from '../../../tests/support/test-bench';
import { runsCsv, shelfCsv } from './csv';

const NOW = Date.UTC(2026, 10, 23, 12);

const word = fc.string({ minLength: 1, maxLength: 12 }).filter((text) => text.trim() !== '');
const finite = (min: number, max: number) =>
  fc.double({ min, max, noNaN: true }).map((value) => (Object.is(value, -0) ? 0 : value));

/** Any bench that hangs together: bins of every unit, entries on them, tickets over them, clocks, acts. */
const anyBench: fc.Arbitrary<BenchContents> = fc
  .record({
    names: fc.uniqueArray(word, { minLength: 1, maxLength: 8 }),
    quantities: fc.array(fc.tuple(fc.nat(7), finite(-1e6, 1e6)), { maxLength: 20 }),
    notes: word,
    counts: fc.array(fc.integer({ min: 1, max: 500 }), { minLength: 1, maxLength: 5 }),
    at: fc.nat(4_000_000_000),
  })
  .map(({ names, quantities, notes, counts, at }): BenchContents => {
    const bins = names.map((name, index) =>
      index % 2 === 0
        ? {
            ...LOT,
            kind: 'metal' as const,
            id: `bin-${index}`,
            retired: false,
            ...PLAIN_BIN,
            name: name.trim(),
            note: notes,
          }
        : {
            ...HOOKS,
            kind: 'hook' as const,
            costEach: null,
            id: `bin-${index}`,
            retired: index % 3 === 0,
            ...PLAIN_BIN,
            name: name.trim(),
            note: notes,
          },
    ) as BenchContents['bins'];
    const entries = quantities.map(([place, qty], index) => ({
      id: `entry-${String(index).padStart(3, '0')}`,
      at: at + index,
      binId: bins[place % bins.length]!.id,
      kind: 'counted' as const,
      qty,
      note: notes,
      ticketId: null,
      lineId: null,
      runId: null,
      unitCost: null,
      pieceShare: null,
      lengthId: null,
      reverses: null,
    }));
    return {
      ...EMPTY_CONTENTS,
      bins,
      entries,
      tickets: [
        {
          id: 'ticket',
          no: 1,
          title: notes.trim(),
          buyer: null,
          toleranceShare: 0.05,
          state: 'open',
          wares: [],
          note: notes,
          createdAt: at,
          lines: counts.map((count, index) => ({
            id: `line-${index}`,
            style: 'round',
            nominalG: count / 7,
            count,
            hookBinId: null,
            metalBinId: bins[0]!.id,
            coatId: null,
            skirtId: null,
            guardBinId: null,
            collarBinId: null,
            dueOn: '2026-11-28',
          })),
        },
      ],
      clocks: [{ id: 'clock', name: notes.trim(), startedAt: at, endsAt: at + 60_000, silencedAt: null }],
      acts: [
        {
          id: 'act',
          no: 1,
          at,
          deed: { code: 'clock.started', facts: { name: notes, count: at } },
          undoes: null,
          changes: [{ table: 'clocks', key: 'clock', before: null, after: { id: 'clock', name: notes } }],
        },
      ],
    };
  });

describe('backup', () => {
  it('goes through a file and back exactly, whatever is on the bench', async () => {
    const { db, workshop } = testWorkshop();
    await fc.assert(
      fc.asyncProperty(anyBench, async (contents) => {
        await workshop.backup.restore(contents);
        const text = JSON.stringify(await workshop.backup.save());
        await workshop.backup.restore(EMPTY_CONTENTS);
        const reading = readBenchFile(text);
        if (!reading.ok) throw new Error(JSON.stringify(reading.problem));
        await workshop.backup.restore(reading.file.contents);
        const back = (await workshop.backup.save()).contents;
        expect(back).toEqual(contents);
        expect(JSON.stringify(await db.entries.toArray())).toBe(JSON.stringify(contents.entries));
      }),
      { numRuns: 40 },
    );
  });

  it('takes the made-up bench as it is', async () => {
    const { workshop } = testWorkshop();
    await workshop.backup.restore(demoBench(NOW));
    const reading = readBenchFile(JSON.stringify(await workshop.backup.save()));
    expect(reading.ok).toBe(true);
  });

  it('says beforehand what would come, change and go', async () => {
    const { workshop } = testWorkshop();
    await workshop.shelf.add(LOT, 5);
    const { contents } = await workshop.backup.save();
    const [bin] = contents.bins;
    const coming: BenchContents = {
      ...contents,
      bins: [
        { ...bin!, place: 'elsewhere' },
        { ...bin!, id: 'new' },
      ],
      entries: [],
    };
    const differences = await workshop.backup.preview(coming);
    expect(differences.find(({ table }) => table === 'bins')).toEqual({
      table: 'bins',
      added: 1,
      changed: 1,
      removed: 0,
      same: 0,
    });
    expect(differences.find(({ table }) => table === 'entries')).toMatchObject({ removed: 1 });
    expect((await workshop.backup.save()).contents).toEqual(contents);
  });

  it('keeps the bench before, and goes back to it', async () => {
    const { workshop } = testWorkshop();
    expect(await workshop.backup.goBack()).toMatchObject({ problem: { code: 'bench.no-earlier-bench' } });
    await workshop.shelf.add(LOT, 5);
    const { contents } = await workshop.backup.save();
    await workshop.backup.restore(EMPTY_CONTENTS);
    expect(await workshop.backup.earlierBench()).not.toBeNull();
    await workshop.backup.goBack();
    expect((await workshop.backup.save()).contents).toEqual(contents);
  });

  it('leaves the bench whole where a restore breaks off half way', async () => {
    const { workshop } = testWorkshop();
    await workshop.shelf.add(LOT, 5);
    const { contents } = await workshop.backup.save();
    const [bin] = contents.bins;
    // Two bins of one id cannot both be added: the transaction as a whole must fall.
    await expect(workshop.backup.restore({ ...contents, bins: [bin!, bin!] })).rejects.toThrow();
    expect((await workshop.backup.save()).contents).toEqual(contents);
  });
});

describe('CSV', () => {
  const demo = demoBench(NOW);

  it('writes a row a bin, and no formula a spreadsheet would run', () => {
    const [bin] = demo.bins;
    const csv = shelfCsv([
      { bin: { ...bin!, name: 'Lot 9, soft lead' }, onHand: 9400, promised: 12.5, free: 9387.5 },
      { bin: { ...bin!, name: '=HYPERLINK("x")' }, onHand: 1, promised: 0, free: 1 },
    ]);
    const [header, first, second] = csv.split('\r\n');
    expect(header).toBe('name,kind,place,unit,on hand,promised,free,low at');
    expect(first).toBe('"Lot 9, soft lead",metal,"Ingot shelf, left",g,9400,12.5,9387.5,2000');
    expect(second).toMatch(/^"'=HYPERLINK/);
  });

  it('writes a row a run with its books', () => {
    const lines = runsCsv(demo.runs, demo.bins, demo.molds).split('\r\n');
    expect(lines).toHaveLength(demo.runs.length + 1);
    expect(lines[1]).toContain('Block F');
    expect(lines[1]).toContain('"Lot 14, hard lead"');
  });
});
