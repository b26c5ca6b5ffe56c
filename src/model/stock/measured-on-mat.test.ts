import type { ToldPart, ToldSize } from '@/core/outline/read-part';
import type { SightKindId, ToldId } from '@/core/outline/kinds/definition';
import { bin as binSchema, type Bin, type PartBin } from '@/records/bin';
import { PLAIN_BIN } from '@/records/plain-bin';
import { PLAIN_PART } from '@/records/plain-part';
import { PLAIN_GAUGE, type PartGauge } from '@/core/parts/part-roles';
import { knownSizes, mayBeIn, nearestBins, otherSizes, withMeasured } from './measured-on-mat';

const part = (name: string, gauge: Pick<PartGauge, 'as' | 'sizes' | 'form'> | null): PartBin => ({
  ...PLAIN_BIN,
  ...PLAIN_PART,
  id: name,
  kind: 'part',
  unit: 'pieces',
  name,
  sort: 'parts',
  place: '',
  lowAt: null,
  note: '',
  retired: false,
  gauge: gauge && { ...PLAIN_GAUGE, ...gauge, basis: 'guess' },
});
const hook = (name: string, gapeMm: number): Bin => ({
  ...PLAIN_BIN,
  id: name,
  kind: 'hook',
  unit: 'pieces',
  name,
  size: '2/0',
  place: '',
  lowAt: null,
  note: '',
  retired: false,
  massG: 1,
  massBasis: 'guess',
  costEach: null,
  wireMm: 1.2,
  shankMm: 28,
  gapeMm,
});
const told = (kind: SightKindId, sizes: Partial<Record<ToldId, number>>, off = 0.2): ToldPart => ({
  kind,
  heightMm: 1,
  outline: { outer: [], holes: [] },
  sizes: Object.entries(sizes).map(([id, value]): ToldSize => ({
    id: id as ToldId,
    label: id,
    value,
    unit: 'mm',
    soft: 0,
    off,
  })),
});

const willow = part('Willow 48', { as: 'blade', form: 'leaf', sizes: { lengthMm: 48, widthMm: 20 } });
const colorado = part('Colorado 30', { as: 'blade', form: 'round', sizes: { lengthMm: 30, widthMm: 24 } });
const bare = part('Blade, no packet', null);

describe('a part measured on the mat', () => {
  it('may be in bins of its kind, and in those nobody measured', () => {
    expect([willow, bare, hook('2/0', 12)].map((bin) => mayBeIn('blade', bin))).toEqual([true, true, false]);
    expect(mayBeIn('hook', hook('2/0', 12))).toBe(true);
    expect(mayBeIn('blade', { ...willow, retired: true })).toBe(false);
    expect(mayBeIn('blade', { ...willow, unit: 'mm' })).toBe(false);
  });

  it('tells which of them it is most alike, and by which size the others differ', () => {
    const near = nearestBins(told('blade', { lengthMm: 47.8, widthMm: 20.1 }), [colorado, bare, willow]);
    expect(near.map(({ bin }) => bin.name)).toEqual(['Willow 48', 'Colorado 30']);
    expect(near[1]?.farthest).toMatchObject({ size: { id: 'lengthMm' }, known: 30 });
  });

  it('names what a bin says otherwise, and nothing that measuring cannot tell apart', () => {
    const packet = hook('2/0', 12);
    expect(otherSizes(told('hook', { gapeMm: 12.1, wireMm: 1.25 }), packet)).toEqual([]);
    const [other] = otherSizes(told('hook', { gapeMm: 14, wireMm: 1.25 }), packet);
    expect(other).toMatchObject({ size: { id: 'gapeMm', value: 14 }, known: 12 });
  });
});

describe('withMeasured', () => {
  const sizes = { lengthMm: 47.634, widthMm: 20.5, holeMm: 2.2, areaMm2: 700 };

  it('puts what its role keeps onto a bin that knew nothing, a form by how slender it is', () => {
    const measured = withMeasured(bare, told('blade', sizes));
    expect(measured).toMatchObject({
      gauge: { as: 'blade', form: 'leaf', basis: 'measured', sizes: { lengthMm: 47.63, widthMm: 20.5 } },
    });
    expect(binSchema.safeParse(measured).success).toBe(true);
    expect(withMeasured(bare, told('blade', { lengthMm: 30, widthMm: 24 }))).toMatchObject({
      gauge: { form: 'round' },
    });
  });

  it('keeps what the picture does not tell', () => {
    const thick = part('Thick', { as: 'blade', form: 'drop', sizes: { thickMm: 0.8, lengthMm: 40 } });
    expect(withMeasured(thick, told('blade', sizes))).toMatchObject({
      gauge: { form: 'drop', sizes: { thickMm: 0.8, lengthMm: 47.63 } },
    });
  });

  it('sets a hook right: its wire, shank and gape', () => {
    const measured = withMeasured(hook('2/0', 12), told('hook', { gapeMm: 13.4, wireMm: 1.31, shankMm: 26 }));
    expect(measured).toMatchObject({ gapeMm: 13.4, wireMm: 1.31, shankMm: 26, massG: 1 });
  });

  it('doubles the wire of a split ring, and takes it back the same', () => {
    const split = part('Split', { as: 'ring', form: null, sizes: {} });
    const measured = withMeasured(split, told('ring', { diameterMm: 8, ringMm: 0.9 }));
    expect(measured).toMatchObject({ gauge: { sizes: { diameterMm: 8, ringMm: 1.8 } } });
    expect(measured && knownSizes(measured).ringMm).toBeCloseTo(0.9, 9);
  });

  it('puts nothing onto a bin that has no such sizes', () => {
    expect(withMeasured(part('Odd', null), told('other', sizes))).toBeNull();
  });
});
