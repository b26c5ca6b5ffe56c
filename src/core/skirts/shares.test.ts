import fc from 'fast-check';
import { arcOverlap } from './arc-overlap';
import { bundleStrands } from './bundle-strands';
import { coverShare } from './cover-share';
import { fullnessSchool } from './fullness';
import { layStrands } from './lay-strands';
import { outsideIn } from './outside-in';
import { placeArc } from './place-arc';
import { flaredShares, restShares } from './seen-shares';
import { skirtAppearance } from './skirt-appearance';
import type { SkirtLayer } from './skirt-layer';
import { FACING } from './skirt-view';

const ROUND = placeArc({ at: 'round' });

function layer(material: string, strands: number, rest: Partial<SkirtLayer> = {}): SkirtLayer {
  return { material, strands, strandWidthMm: 1, arc: ROUND, lengthMm: 60, isForward: true, ...rest };
}

function shareOf(outcome: ReturnType<typeof flaredShares>, material: string): number {
  if (!outcome.ok) throw new Error('nothing shows');
  return outcome.value.find((each) => each.material === material)?.share ?? 0;
}

describe('coverShare', () => {
  it('is nothing for no strand, all for endless ones, and their width while they are few', () => {
    expect(coverShare(0, 1, 20)).toBe(0);
    expect(coverShare(1e6, 1, 20)).toBeCloseTo(1, 12);
    expect(coverShare(1e-6, 1, 20)).toBeCloseTo(1e-6 / 20, 13);
  });
});

describe('skirtAppearance', () => {
  it('hides the inner layer behind a dense outer one, and shows both flared', () => {
    const layers = [
      { material: 'out', strands: 400 },
      { material: 'in', strands: 100 },
    ];
    const folded = skirtAppearance(layers, 1, 6, true);
    const left = skirtAppearance(layers, 1, 6, false);
    if (!folded.ok || !left.ok) throw new Error('both are well put');
    expect(folded.value.rest[0]!.share).toBeGreaterThan(0.999);
    expect(left.value.rest[1]!.share).toBeGreaterThan(0.99);
    expect(folded.value.flared).toEqual([
      { material: 'out', share: 0.8 },
      { material: 'in', share: 0.2 },
    ]);
  });

  it('sums a material in two layers, keeps all shares together at 1', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom('a', 'b', 'c'), fc.integer({ min: 1, max: 80 })), {
          minLength: 1,
          maxLength: 12,
        }),
        fc.boolean(),
        (drawn, isFolded) => {
          const layers = drawn.map(([material, strands]) => ({ material, strands }));
          const outcome = skirtAppearance(layers, 0.8, 5, isFolded);
          if (!outcome.ok) throw new Error('well put');
          for (const shares of [outcome.value.rest, outcome.value.flared]) {
            expect(shares.length).toBe(new Set(drawn.map(([material]) => material)).size);
            expect(shares.reduce((so, { share }) => so + share, 0)).toBeCloseTo(1, 12);
          }
        },
      ),
    );
  });
});

describe('restShares and flaredShares', () => {
  it('are skirtAppearance for layers all round, alike in width and length, from side and top', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom('a', 'b', 'c', 'd'), fc.integer({ min: 1, max: 60 })), {
          minLength: 1,
          maxLength: 9,
        }),
        fc.boolean(),
        fc.constantFrom('side' as const, 'top' as const),
        (drawn, isForward, view) => {
          const layers = drawn.map(([material, strands]) => layer(material, strands, { isForward }));
          const told = skirtAppearance(layers, 1, 6, isForward);
          const [rest, flared] = [restShares(layers, 6, view), flaredShares(layers)];
          if (!told.ok || !rest.ok || !flared.ok) throw new Error('well put');
          for (const { material, share } of told.value.rest)
            expect(shareOf(rest, material)).toBeCloseTo(share, 9);
          for (const { material, share } of told.value.flared)
            expect(shareOf(flared, material)).toBeCloseTo(share, 9);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('hide what lies on the far side, and what is cut short under others', () => {
    const layers = [
      layer('round', 40),
      layer('near', 10, { arc: placeArc({ at: 'left' }), isForward: false }),
      layer('far', 10, { arc: placeArc({ at: 'right' }), isForward: false }),
      layer('spark', 5, { lengthMm: 10 }),
    ];
    const rest = restShares(layers, 6, 'side');
    expect(shareOf(rest, 'far')).toBe(0);
    expect(shareOf(rest, 'near')).toBeGreaterThan(0.02);
    expect(shareOf(rest, 'spark')).toBeLessThan(0.01);
    expect(shareOf(flaredShares(layers), 'spark')).toBeCloseTo(50 / (60 * 60 + 50), 9);
  });

  it('say where nothing shows', () => {
    const far = [layer('far', 9, { arc: placeArc({ at: 'right' }) })];
    expect(restShares(far, 6, 'side')).toMatchObject({ ok: false, problem: { code: 'skirt.no-strands' } });
    expect(flaredShares([])).toMatchObject({ ok: false });
  });
});

describe('layStrands', () => {
  /** What shows at each of many places across, outermost layer first. */
  const shown = (layers: readonly SkirtLayer[], diameterMm: number) => {
    const places = 2880;
    const own = new Int16Array(places).fill(-1);
    const laid = layStrands(layers, diameterMm, FACING.side);
    for (const { layer: index, from, to } of laid) {
      for (let at = Math.round(from * places); at < Math.round(to * places); at += 1)
        if (own[at] === -1) own[at] = index;
    }
    const covered = own.filter((index) => index >= 0).length;
    return layers.map((_, index) => own.filter((at) => at === index).length / covered);
  };

  it.each<[string, SkirtLayer[]]>([
    ['all round, folded back', [layer('a', 40), layer('b', 10), layer('c', 10), layer('d', 5)]],
    [
      'tied and left',
      [20, 10, 20].map((strands, index) => layer(String(index), strands, { isForward: false })),
    ],
    [
      'on top and below',
      [
        layer('a', 20),
        layer('b', 10, { arc: placeArc({ at: 'top' }) }),
        layer('c', 10, { arc: placeArc({ at: 'below' }) }),
      ],
    ],
    ['one alone', [layer('a', 30)]],
    ['twelve layers', Array.from({ length: 12 }, (_, index) => layer(String(index), 15))],
  ])('lays %s so that each layer shows what was reckoned, within 3 %%', (_, layers) => {
    const told = restShares(layers, 6, 'side');
    const drawn = shown(layers, 6);
    for (const [index, { material }] of layers.entries())
      expect(Math.abs(drawn[index]! - shareOf(told, material))).toBeLessThan(0.03);
  });

  it('is the same each time, keeps within the half, and lays no more strands than there are', () => {
    const layers = [layer('a', 23.5), layer('b', 6, { arc: placeArc({ at: 'below' }) })];
    const laid = layStrands(layers, 5, FACING.top);
    expect(layStrands(layers, 5, FACING.top)).toEqual(laid);
    expect(laid.every(({ from, to }) => from >= 0 && to <= 1 && from < to)).toBe(true);
    expect(laid.filter((strand) => strand.layer === 0)).toHaveLength(12);
    expect(laid.filter((strand) => strand.layer === 1)).toHaveLength(0);
  });
});

describe('what layers say of their place', () => {
  it('lays forward ties over back ties, the first tied outermost', () => {
    const [a, b, c, d] = [true, false, true, false].map((isForward, index) =>
      layer(String(index), 1, { isForward }),
    );
    expect(outsideIn([a!, b!, c!, d!])).toEqual([a, c, d, b]);
  });

  it('turns words and angles to arcs, over the top too', () => {
    expect(placeArc({ at: 'round' })).toEqual({ fromDeg: 0, toDeg: 360 });
    expect(placeArc({ at: 'angles', fromDeg: 300, toDeg: 60 })).toEqual({ fromDeg: 300, toDeg: 420 });
    expect(placeArc({ at: 'angles', fromDeg: 90, toDeg: 90 })).toEqual({ fromDeg: 90, toDeg: 450 });
    const left = placeArc({ at: 'left' });
    expect((left.fromDeg + left.toDeg) / 2).toBe(270);
  });

  it('measures what arcs share', () => {
    expect(arcOverlap({ fromDeg: 300, toDeg: 420 }, { fromDeg: 0, toDeg: 90 })).toBe(60);
    expect(arcOverlap(ROUND, { fromDeg: 180, toDeg: 360 })).toBe(180);
    expect(arcOverlap({ fromDeg: 10, toDeg: 20 }, { fromDeg: 30, toDeg: 40 })).toBe(0);
  });

  it('knows the schools at their edges, and a bundle by its thickness', () => {
    expect([1.99, 2, 2.49, 2.5, 2.99, 3].map(fullnessSchool)).toEqual([
      'thin',
      'two',
      'two',
      'two-and-a-half',
      'two-and-a-half',
      'three-up',
    ]);
    expect(bundleStrands(3, 0.12)).toBe(469);
    expect(bundleStrands(6, 0.12) / bundleStrands(3, 0.12)).toBeCloseTo(4, 1);
    expect(bundleStrands(0.01, 1)).toBe(1);
  });
});
