import { PLAIN_GAUGE } from '@/core/parts/part-roles';
import { demoBench } from '@/demo/demo-bench';
import type { BenchContents } from './bench-file';
import { build, type BuildRecord } from './build';
import { findLooseEnd } from './find-loose-end';
import { gauge } from './gauge';
import { plastic } from './plastic';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const withIn = (change: Partial<BenchContents>) => findLooseEnd({ ...demo, ...change });

describe('findLooseEnd, from the skirt station on', () => {
  it('finds skirts that are named and not there: on lines, heads, runs and notes', () => {
    const gone = 'there is no skirt';
    const [ticket] = demo.tickets.filter(({ lines }) => lines.some(({ skirtId }) => skirtId !== null));
    const lines = ticket!.lines.map((line) => ({ ...line, skirtId: 'gone' }));
    expect(withIn({ tickets: [{ ...ticket!, lines }] })?.why).toContain(gone);
    expect(withIn({ tyings: [{ ...demo.tyings[0]!, skirtId: 'gone' }] })).toMatchObject({
      where: 'tyings.0.skirtId',
    });
    expect(
      withIn({ waterNotes: [{ ...demo.waterNotes[0]!, of: { kind: 'skirt', id: 'gone' } }] })?.why,
    ).toContain(gone);
    const bins = demo.bins.map((bin) => (bin.kind === 'head' ? { ...bin, skirtId: 'gone' } : bin));
    expect(withIn({ bins })?.why).toContain(gone);
  });

  it('finds a layer whose material is gone', () => {
    const [skirt] = demo.skirts;
    const layers = skirt!.layers.map((layer) => ({ ...layer, binId: 'gone' }));
    expect(withIn({ skirts: [{ ...skirt!, layers }, ...demo.skirts.slice(1)] })).toEqual({
      where: 'skirts.0.layers.0.binId',
      why: "there is no bin 'gone'",
    });
  });

  it('finds parts of a build that are gone, wherever on it they are', () => {
    const tandem = demo.builds.find(({ name }) => name === 'Quay tandem')!;
    const others = demo.builds.filter((each) => each !== tandem);
    const arm = tandem.arm.map((piece) => ({ ...piece, bladeBinId: 'gone' }));
    const changes: readonly (readonly [Partial<BuildRecord>, string])[] = [
      [{ frameBinId: 'gone' }, 'frameBinId'],
      [{ arm }, 'arm.0.bladeBinId'],
      [{ end: { ...tandem.end, binId: 'gone' } }, 'end.binId'],
      [{ end: { ...tandem.end, bladeBinId: 'gone' } }, 'end.bladeBinId'],
      [{ slots: [{ slot: 'keeper', binId: 'gone' }] }, 'slots.0.binId'],
    ];
    for (const [change, where] of changes) {
      expect(withIn({ builds: [{ ...tandem, ...change }, ...others] })).toEqual({
        where: `builds.0.${where}`,
        why: "there is no bin 'gone'",
      });
    }
    expect(withIn({ builds: [{ ...tandem, skirtId: 'gone' }, ...others] })?.where).toBe('builds.0.skirtId');
    expect(withIn({ buildings: [{ ...demo.buildings[0]!, buildId: 'gone' }] })?.why).toBe(
      "there is no build 'gone'",
    );
  });

  it('finds a batch of a color that is gone', () => {
    expect(withIn({ plastics: [] })).toMatchObject({ where: 'plasticBatches.0.plasticId' });
    expect(withIn({ plasticBatches: [{ ...demo.plasticBatches[0]!, binId: 'gone' }] })).toMatchObject({
      where: 'plasticBatches.0.binId',
    });
  });

  it('finds parts of a rig that are gone, branches that hang from nothing, runs and kits of nothing', () => {
    const dropper = demo.rigs.find(({ kind }) => kind === 'dropper')!;
    const others = demo.rigs.filter((each) => each !== dropper);
    const items = (change: object) => dropper.items.map((item) => ({ ...item, ...change }));
    expect(withIn({ rigs: [{ ...dropper, items: items({ binId: 'gone' }) }, ...others] })).toEqual({
      where: 'rigs.0.items.0.binId',
      why: "there is no bin 'gone'",
    });
    expect(withIn({ rigs: [{ ...dropper, items: items({ on: 'nowhere' }) }, ...others] })?.why).toBe(
      "nothing is called 'nowhere' to hang from",
    );
    expect(withIn({ riggings: [{ ...demo.riggings[0]!, rigId: 'gone' }] })?.where).toBe('riggings.0.rigId');
    const lines = [{ binId: 'gone', qty: 1, back: null }];
    expect(withIn({ kits: [{ ...demo.kits[0]!, lines }] })?.where).toBe('kits.0.lines.0.binId');
  });

  it('finds what packs, orders, substitutes, drawers, pictures, batches and flaws name and is gone', () => {
    const [pack, purchase, substitute, batch, flaw] = [
      demo.packs[0]!,
      demo.purchases[0]!,
      demo.substitutes[0]!,
      demo.batches[0]!,
      demo.flaws[0]!,
    ];
    const [bin, ...others] = demo.bins;
    const changes: readonly (readonly [Partial<BenchContents>, string, string])[] = [
      [{ packs: [{ ...pack, sellerId: 'gone' }] }, 'packs.0.sellerId', 'seller'],
      [{ packs: [{ ...pack, binId: 'gone' }] }, 'packs.0.binId', 'bin'],
      [{ packs: [] }, 'purchases.0.lines.0.packId', 'pack'],
      [{ purchases: [{ ...purchase, sellerId: 'gone' }] }, 'purchases.0.sellerId', 'seller'],
      [{ substitutes: [{ ...substitute, standsForId: 'gone' }] }, 'substitutes.0.standsForId', 'bin'],
      [{ bins: [{ ...bin!, drawerId: 'gone' }, ...others] }, 'bins.0.drawerId', 'drawer'],
      [{ bins: [{ ...bin!, photoId: 'gone' }, ...others] }, 'bins.0.photoId', 'picture'],
      [{ batches: [{ ...batch, headBinId: 'gone' }] }, 'batches.0.headBinId', 'bin'],
      [{ flaws: [{ ...flaw, runId: 'gone' }] }, 'flaws.0.runId', 'run'],
    ];
    for (const [change, where, why] of changes) {
      const found = withIn(change);
      expect(found?.where).toBe(where);
      expect(found?.why).toMatch(new RegExp(`^there is no ${why} '`));
    }
  });

  it('leaves alone what was cleared off the shelf, and what may outlive what it names', () => {
    const bins = demo.bins.map((bin) =>
      bin.kind === 'head' ? { ...bin, retired: true, skirtId: 'gone' } : bin,
    );
    expect(withIn({ bins, runs: demo.runs, clocks: [] })).toBeNull();
    const entries = demo.entries.map((entry) => ({ ...entry, ticketId: 'sold and forgotten' }));
    expect(withIn({ entries })).toBeNull();
  });

  it('finds an id that stands twice', () => {
    const [first] = demo.builds;
    expect(withIn({ builds: [...demo.builds, first!] })).toEqual({
      where: `builds.${demo.builds.length}.id`,
      why: `'${first!.id}' stands twice`,
    });
  });
});

describe('a gauge', () => {
  const bead = { ...PLAIN_GAUGE, as: 'bead', sizes: { diameterMm: 4, holeMm: 1.2 }, basis: 'measured' };
  const problemOf = (of: object) => gauge.safeParse({ ...bead, ...of }).error?.issues[0]?.message ?? null;

  it('takes what a part can be', () => {
    expect(problemOf({})).toBeNull();
    expect(problemOf({ as: 'blade', form: 'leaf', sizes: { lengthMm: 46, widthMm: 17 } })).toBeNull();
    expect(problemOf({ as: 'frame', bend: 'bent', sizes: { wireMm: 1 } })).toBeNull();
  });

  it('takes a form on blades alone, a bend on wires alone, and no size that such a part cannot have', () => {
    expect(problemOf({ form: 'leaf' })).toContain('a blade has a form');
    expect(problemOf({ as: 'blade' })).toContain('a blade has a form');
    expect(problemOf({ line: 'cable' })).toContain('a line says what it is made of');
    expect(problemOf({ as: 'line' })).toContain('a line says what it is made of');
    expect(problemOf({ bend: 'bent' })).toContain('a wire has a bend');
    expect(problemOf({ as: 'frame' })).toContain('a wire has a bend');
    expect(problemOf({ sizes: { diameterMm: 400 } })).toContain('larger than such a part');
    expect(problemOf({ sizes: { diameterMm: 0 } })).not.toBeNull();
    expect(problemOf({ sizes: { girthMm: 3 } })).not.toBeNull();
  });
});

describe('builds and colors as they are stored', () => {
  it('are what the made-up bench has, and nothing beyond their bounds', () => {
    for (const each of demo.builds) expect(build.safeParse(each).success).toBe(true);
    for (const each of demo.plastics) expect(plastic.safeParse(each).success).toBe(true);
    const [first] = demo.builds;
    const arm = Array.from({ length: 25 }, (_, nth) => ({ id: `a${nth}`, binId: 'b', bladeBinId: null }));
    expect(build.safeParse({ ...first, arm }).success).toBe(false);
    expect(build.safeParse({ ...first, kind: 'kite' }).success).toBe(false);
    expect(build.safeParse({ ...first, seenMs: 0 }).success).toBe(false);
    expect(build.safeParse({ ...first, surprise: 1 }).success).toBe(false);
    const [color] = demo.plastics;
    expect(plastic.safeParse({ ...color, colors: [] }).success).toBe(false);
    expect(plastic.safeParse({ ...color, colors: [{ ...color!.colors[0], baseCm3: 0 }] }).success).toBe(
      false,
    );
  });
});
