import { FIRST_VERSION } from '../../tests/support/first-version';
import { demoBench } from '@/demo/demo-bench';
import { BENCH_FILE_FORMAT, BENCH_FILE_VERSION, EMPTY_CONTENTS, type BenchContents } from './bench-file';
import { findLooseEnd } from './find-loose-end';
import { LARGEST_FILE_BYTES, readBenchFile } from './read-bench-file';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const file = (contents: unknown, change = {}) =>
  JSON.stringify({ format: BENCH_FILE_FORMAT, version: BENCH_FILE_VERSION, savedAt: 1, contents, ...change });

function problemOf(text: string) {
  const reading = readBenchFile(text);
  return reading.ok ? null : reading.problem;
}

describe('findLooseEnd', () => {
  it('finds a color, a powder, a head or an oven that is named and not there', () => {
    const [coat] = demo.coats;
    const [rack] = demo.racks;
    const coats = demo.coats.map((each) => ({ ...each, clearBinId: 'powder-moss' }));
    expect(findLooseEnd({ ...demo, coats })?.why).toBe("there is no bin 'powder-moss'");
    expect(findLooseEnd({ ...demo, coats: [coat!] })?.why).toMatch(/^there is no color/);
    expect(findLooseEnd({ ...demo, heaters: [] })).toMatchObject({ where: 'racks.0.ovenId' });
    const hung = rack!.hung.map((head) => ({ ...head, headBinId: 'gone' }));
    expect(findLooseEnd({ ...demo, racks: [{ ...rack!, hung }] })?.why).toBe("there is no bin 'gone'");
  });
});

describe('readBenchFile', () => {
  it('reads what was saved', () => {
    const reading = readBenchFile(file(demo));
    expect(reading.ok && reading.file.contents).toEqual(demo);
  });

  it('tells a damaged, a foreign, a newer and a huge file apart', () => {
    expect(problemOf(file(demo).slice(0, 5000))).toEqual({ code: 'file.not-json' });
    expect(problemOf('')).toEqual({ code: 'file.not-json' });
    expect(problemOf('[]')).toEqual({ code: 'file.foreign' });
    expect(problemOf('null')).toEqual({ code: 'file.foreign' });
    expect(problemOf('{"format":"other","version":1}')).toEqual({ code: 'file.foreign' });
    expect(problemOf(file(demo, { version: BENCH_FILE_VERSION + 1 }))).toEqual({
      code: 'file.newer',
      version: BENCH_FILE_VERSION + 1,
      known: BENCH_FILE_VERSION,
    });
    expect(problemOf(' '.repeat(LARGEST_FILE_BYTES + 1))).toMatchObject({ code: 'file.too-large' });
  });

  it('brings a file of the first version up, its history too', () => {
    const reading = readBenchFile(file(FIRST_VERSION, { version: 1 }));
    if (!reading.ok) throw new Error(JSON.stringify(reading.problem));
    const { molds, bins, bench, acts, weighings } = reading.file.contents;
    expect(reading.file.version).toBe(BENCH_FILE_VERSION);
    expect(molds[0]!.cavities.map(({ id }) => id)).toEqual(['block-c1', 'block-c2']);
    expect(molds[0]!.cavities[0]!.inserts).toEqual([
      { name: 'Pin', count: 1, massG: 0, volumeCm3: 0.09, embeddedShare: 1, removed: true },
    ]);
    expect(molds[0]!.cavities[1]!.inserts).toEqual([]);
    expect(bins[0]).toMatchObject({ compositionBasis: 'guess', costPerKg: null });
    expect(bench[0]!.freezeTrial).toBeNull();
    expect(weighings).toEqual([]);
    const { runs, pours, beats } = reading.file.contents;
    expect(runs[0]).toMatchObject({ topUps: [], blocks: [{ copies: 1 }] });
    expect(runs[0]).not.toHaveProperty('moldIndex');
    expect(pours[0]).toMatchObject({ isWarmUp: false, potC: null, castings: [{ good: true, flaw: null }] });
    expect(molds[0]).toMatchObject({ copies: 1, maxPours: null, warmUpPours: 0, warmWork: null });
    expect(beats).toEqual([]);
    expect(acts[0]!.changes[0]!.before).toMatchObject({ name: 'Block I', spin: null });
  });

  it('names the place of damage in an old file too', () => {
    const [mold] = FIRST_VERSION.molds;
    const broken = { ...FIRST_VERSION, molds: [{ ...mold, cavities: 'none' }] };
    expect(problemOf(file(broken, { version: 1 }))).toMatchObject({ code: 'file.damaged' });
    expect(problemOf(file({ molds: [null, 7] }, { version: 1 }))).toMatchObject({ code: 'file.damaged' });
    expect(problemOf(file(null, { version: 1 }))).toMatchObject({ code: 'file.damaged' });
  });

  it('names the place of the damage', () => {
    const [bin, ...rest] = demo.bins;
    const where = (contents: unknown) => {
      const problem = problemOf(file(contents));
      return problem?.code === 'file.damaged' ? problem.where : problem?.code;
    };
    expect(where({ ...demo, bins: [{ ...bin, place: 7 }, ...rest] })).toBe('contents.bins.0.place');
    expect(where({ ...demo, bins: [{ ...bin, surprise: 1 }, ...rest] })).toBe('contents.bins.0');
    expect(where({ ...demo, pours: undefined })).toBe('contents.pours');
    expect(where({ ...demo, extra: [] })).toBe('contents');
  });
});

describe('findLooseEnd', () => {
  const whyOf = (contents: BenchContents) => findLooseEnd(contents)?.why ?? null;

  it('finds nothing wrong with the made-up bench', () => {
    expect(whyOf(demo)).toBeNull();
    expect(whyOf(EMPTY_CONTENTS)).toBeNull();
  });

  it('finds ids that stand twice and names that lead nowhere', () => {
    const [bin] = demo.bins;
    const [entry] = demo.entries;
    const [pour] = demo.pours;
    const [ticket] = demo.tickets;
    expect(whyOf({ ...EMPTY_CONTENTS, bins: [bin!, bin!] })).toContain('stands twice');
    expect(whyOf({ ...EMPTY_CONTENTS, entries: [entry!] })).toContain(`no bin '${entry!.binId}'`);
    expect(whyOf({ ...EMPTY_CONTENTS, pours: [pour!] })).toContain(`no run '${pour!.runId}'`);
    expect(whyOf({ ...EMPTY_CONTENTS, tickets: [ticket!] })).toContain(
      `no bin '${ticket!.lines[0]!.hookBinId}'`,
    );
  });
});
