import { findRole } from '@/core/parts/part-roles';
import { findThingKind, findTypicalSize, THING_KINDS } from './index';
import type { PartKind, ThingKind, TypicalSize } from './thing-kind';

const parts = THING_KINDS.filter((kind): kind is PartKind => kind.makes === 'part');
/** Kinds whose sizes are one beside another, not one above another. */
const UNORDERED = ['metal'];

/** Of which size a larger one is larger. */
function rankOf({ sizes, massG }: TypicalSize): readonly number[] {
  return [massG ?? 0, ...Object.values(sizes).map((value) => value ?? 0)];
}

const kilograms = (pounds: number) => pounds * 0.45359237;
const sizesOf = (id: string): readonly TypicalSize[] => findThingKind(id).sizes;

describe('typical figures', () => {
  it('names each kind and each size of it once, with a source and a usual size', () => {
    expect(new Set(THING_KINDS.map(({ id }) => id)).size).toBe(THING_KINDS.length);
    for (const kind of THING_KINDS) {
      expect(new Set(kind.sizes.map(({ key }) => key)).size).toBe(kind.sizes.length);
      expect(kind.sizes.map(({ key }) => key)).toContain(kind.usual);
      expect(kind.source.length).toBeGreaterThan(10);
      expect(kind.pack).toBeGreaterThan(0);
    }
  });

  it.each(parts.map((kind) => [kind.id, kind] as const))(
    'gives %s only sizes of its role, each within what such a part can be',
    (_id, { as, sizes }) => {
      const known = new Map(findRole(as).sizes.map(({ id, most }) => [id as string, most]));
      for (const each of sizes) {
        for (const [id, value] of Object.entries(each.sizes)) {
          expect([...known.keys()]).toContain(id);
          expect(value).toBeGreaterThan(0);
          expect(value).toBeLessThanOrEqual(known.get(id) ?? 0);
        }
      }
    },
  );

  it.each(
    THING_KINDS.filter(({ id }) => !UNORDERED.includes(id)).map(
      (kind: ThingKind) => [kind.id, kind] as const,
    ),
  )('makes a larger %s larger, and in no measure smaller', (_id, { sizes }) => {
    sizes.slice(1).forEach((size, nth) => {
      const smaller = rankOf(sizes[nth]!);
      const larger = rankOf(size);
      larger.forEach((value, at) => expect(value).toBeGreaterThanOrEqual(smaller[at] ?? 0));
      expect(larger.some((value, at) => value > (smaller[at] ?? 0))).toBe(true);
    });
  });

  it('writes sizes in inches and pounds without a metric unit, and the other way round', () => {
    for (const { sizes } of THING_KINDS) {
      for (const { metric, inch } of sizes) {
        expect(inch).not.toMatch(/\d\s*(mm|g|kg)\b/);
        expect(metric).not.toMatch(/\d\s*(in|oz|lb)\b/);
      }
    }
  });

  it('knows every size of hook from #20 to 12/0 in one pattern or another', () => {
    const known = new Set(
      THING_KINDS.filter(({ group }) => group === 'Hooks').flatMap(({ sizes }) =>
        sizes.map(({ key }) => key),
      ),
    );
    for (const size of [20, 18, 16, 14, 12, 10, 8, 6, 4, 2, 1]) expect(known).toContain(`#${size}`);
    for (let size = 1; size <= 12; size += 1) expect(known).toContain(`${size}/0`);
  });
});

/**
 * Least breaking loads of stainless cable of seven strands, by its thickness in inches: MIL-DTL-83420, type I,
 * composition B, 7x7.
 */
const PUBLISHED_CABLE: readonly (readonly [inches: number, pounds: number])[] = [
  [1 / 32, 110],
  [3 / 64, 270],
  [1 / 16, 480],
  [3 / 32, 920],
];

/** How thick makers of nylon line state it to be, mm: the least and the most of common spools. */
const PUBLISHED_NYLON: readonly (readonly [pounds: number, least: number, most: number])[] = [
  [8, 0.24, 0.29],
  [12, 0.3, 0.36],
  [20, 0.38, 0.46],
  [30, 0.48, 0.56],
  [50, 0.62, 0.74],
  [80, 0.8, 0.93],
  [130, 1, 1.2],
];

describe('typical figures beside published ones', () => {
  it.each(PUBLISHED_CABLE)('cable of %d in breaks at %d lb', (inches, pounds) => {
    const near = sizesOf('cable').find(
      ({ sizes }) => Math.abs((sizes.diameterMm ?? 0) - inches * 25.4) < 0.02,
    );
    expect(near?.sizes.breakKgf).toBeGreaterThan(kilograms(pounds) * 0.95);
    expect(near?.sizes.breakKgf).toBeLessThan(kilograms(pounds) * 1.05);
  });

  it.each(PUBLISHED_NYLON)('nylon of %d lb is %d to %d mm thick', (pounds, least, most) => {
    const { sizes } = findTypicalSize(findThingKind('nylon-line'), `${pounds}`);
    expect(sizes.diameterMm).toBeGreaterThanOrEqual(least);
    expect(sizes.diameterMm).toBeLessThanOrEqual(most);
  });

  it('a ball of lead weighs what a ball of its thickness weighs: buckshot 4 of 0.24 in some 1.35 g', () => {
    const { sizes, massG } = findTypicalSize(findThingKind('lead-shot'), '6.4');
    const grams = 1.35 * ((sizes.diameterMm ?? 0) / (0.24 * 25.4)) ** 3;
    expect(massG).toBeCloseTo(grams, 1);
  });

  it('an air-gun ball of steel, .177 in, weighs about 0.35 g', () => {
    expect(findTypicalSize(findThingKind('steel-shot'), '4.5').massG).toBeCloseTo(0.37, 1);
  });

  it('a sinker weighs what it is marked, and its body of lead fills as much', () => {
    for (const { massG, sizes, inch } of sizesOf('egg-sinker')) {
      const [whole = '0', part = ''] = inch.replace(' oz', '').includes(' ')
        ? inch.replace(' oz', '').split(' ')
        : inch.includes('/')
          ? ['0', inch.replace(' oz', '')]
          : [inch.replace(' oz', '')];
      const [top = 0, bottom = 1] = part === '' ? [0, 1] : part.split('/').map(Number);
      expect(massG).toBeCloseTo((Number(whole) + top / bottom) * 28.3495, 1);
      const { lengthMm = 0, diameterMm = 0 } = sizes;
      const filled = ((Math.PI / 6) * diameterMm ** 2 * lengthMm * 11.34) / 1000;
      expect(filled / (massG ?? 1)).toBeGreaterThan(0.98);
      expect(filled / (massG ?? 1)).toBeLessThan(1.02);
    }
  });

  it('jig hooks weigh what a wire of their shank, bend and point weighs, within a fifth of it', () => {
    const density = 7.85;
    for (const { sizes, massG } of sizesOf('jig-hook')) {
      const { wireMm = 0, lengthMm = 0, gapeMm = 0 } = sizes;
      const straight = ((Math.PI / 4) * wireMm ** 2 * (lengthMm + 2 * gapeMm + 12 * wireMm) * density) / 1000;
      expect(Math.abs((massG ?? 0) / straight - 1)).toBeLessThan(0.2);
    }
  });

  it('some crimp takes every cable twice', () => {
    for (const { sizes } of sizesOf('cable')) {
      const twice = 2 * (sizes.diameterMm ?? 0);
      expect(sizesOf('crimp').some((crimp) => (crimp.sizes.holeMm ?? 0) >= twice)).toBe(true);
    }
  });
});
