import fc from 'fast-check';
import { PLAIN_GAUGE, type PartGauge } from '../parts/part-roles';
import { standInDifferences, standInsFor, type Standing } from './stand-ins';

const hook = (gapeMm: number, wireMm = 1, size = '2/0'): Standing => ({
  kind: 'hook',
  unit: 'pieces',
  size,
  shankMm: 20,
  gapeMm,
  wireMm,
});
const GAUGE: PartGauge = {
  ...PLAIN_GAUGE,
  as: 'swivel',
  sizes: { lengthMm: 20, breakKgf: 30 },
  basis: 'measured',
};
const part = (change: Partial<PartGauge> = {}, condition: 'new' | 'used' | 'worn' = 'new'): Standing => ({
  kind: 'part',
  unit: 'pieces',
  hex: null,
  condition,
  gauge: { ...GAUGE, ...change },
});
const strand = (hex: string, longMm = 120): Standing => ({
  kind: 'strand',
  unit: 'pieces',
  form: 'tab',
  strandWidthMm: 1,
  hex,
  longMm,
});

describe('standInDifferences', () => {
  it('lets a hook stand in within a tenth of the gape, and says how it differs', () => {
    expect(standInDifferences(hook(10), hook(10))).toEqual([]);
    expect(standInDifferences(hook(10), hook(10.9))).toMatchObject([{ what: 'gapeMm', from: 10, to: 10.9 }]);
    expect(standInDifferences(hook(10), hook(11.2))).toBeNull();
    expect(standInDifferences(hook(10), hook(10, 1.2))).toBeNull();
    expect(standInDifferences(hook(10), hook(10, 1, '3/0'))).toMatchObject([{ what: 'size', to: '3/0' }]);
    expect(standInDifferences(hook(10), { ...hook(10), shankMm: 28 } as Standing)).toMatchObject([
      { what: 'shankMm', from: 20, to: 28 },
    ]);
    expect(standInDifferences(hook(10), { ...hook(10), shankMm: 31 } as Standing)).toBeNull();
  });

  it('never lets a weaker link stand in, and always a stronger one', () => {
    const sizes = (breakKgf: number) => part({ sizes: { lengthMm: 20, breakKgf } });
    expect(standInDifferences(part(), sizes(80))).toEqual([]);
    expect(standInDifferences(part(), sizes(29))).toMatchObject([{ what: 'breakKgf', to: 29 }]);
    expect(standInDifferences(part(), sizes(28))).toBeNull();
  });

  it('judges parts by what they were measured as alone', () => {
    expect(standInDifferences(part(), part({ as: 'snap' }))).toBeNull();
    expect(standInDifferences(part(), part({ sizes: { lengthMm: 20 } }))).toBeNull();
    const unmeasured: Standing = { kind: 'part', unit: 'pieces', hex: null, condition: 'new', gauge: null };
    expect(standInDifferences(unmeasured, unmeasured)).toBeNull();
    expect(standInDifferences(part(), part({}, 'used'))).toMatchObject([{ what: 'condition', to: 'used' }]);
    expect(standInDifferences(part(), part({}, 'worn'))).toBeNull();
  });

  it('takes colors that look alike, and longer strands than asked for', () => {
    expect(standInDifferences(strand('#2f6f3a'), strand('#2f6f3a', 150))).toEqual([]);
    expect(standInDifferences(strand('#2f6f3a'), strand('#34753f'))).toMatchObject([{ what: 'color' }]);
    expect(standInDifferences(strand('#2f6f3a'), strand('#c8501e'))).toBeNull();
    expect(standInDifferences(strand('#2f6f3a', 120), strand('#2f6f3a', 100))).toBeNull();
  });

  it('takes no metal that would weigh another mark, nor zinc for lead', () => {
    const metal = (densityGcm3: number, composition: Record<string, number> | null): Standing => ({
      kind: 'metal',
      unit: 'g',
      densityGcm3,
      composition,
    });
    expect(standInDifferences(metal(11.3, { Pb: 1 }), metal(11.25, { Pb: 0.99, Sb: 0.01 }))).toHaveLength(1);
    expect(standInDifferences(metal(11.3, { Pb: 1 }), metal(10.9, { Pb: 0.94, Sb: 0.06 }))).toBeNull();
    expect(standInDifferences(metal(7.1, { Zn: 1 }), metal(7.1, { Sn: 1 }))).toBeNull();
  });

  it('needs the same unit and kind', () => {
    expect(standInDifferences(strand('#2f6f3a'), { ...strand('#2f6f3a'), unit: 'g' })).toBeNull();
    expect(standInDifferences(hook(10), part())).toBeNull();
    expect(standInDifferences({ kind: 'head', unit: 'pieces' }, { kind: 'head', unit: 'pieces' })).toBeNull();
  });

  it('finds every hook a stand-in for itself, with no difference', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        (gape, wire) => {
          expect(standInDifferences(hook(gape, wire), hook(gape, wire))).toEqual([]);
        },
      ),
    );
  });
});

describe('standInsFor', () => {
  it('puts the nearest first and leaves itself out', () => {
    const shelf = [
      { ...hook(10), id: 'mine' },
      { ...hook(10.8), id: 'wide' },
      { ...hook(10.1), id: 'near' },
      { ...hook(14), id: 'other' },
    ];
    expect(standInsFor(shelf[0]!, shelf).map(({ id }) => id)).toEqual(['near', 'wide']);
  });
});
