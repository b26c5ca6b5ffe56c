import { PLAIN_GAUGE, type SizeId } from '../../src/core/parts/part-roles';
import { repeatableRandom } from '../../src/core/numeric/repeatable-random';
import { tallyByItem } from '../../src/core/stock/tally-by-item';
import type { MixRecipe } from '../../src/core/stock/mix-stock';
import type { BenchContents } from '../../src/records/bench-file';
import type { PartBin } from '../../src/records/bin';
import type { BuildRecord } from '../../src/records/build';
import type { Gauge } from '../../src/records/gauge';
import { PLAIN_BIN } from '../../src/records/plain-bin';
import { PLAIN_PART } from '../../src/records/plain-part';

export interface BigMix {
  readonly recipes: readonly MixRecipe[];
  readonly shelf: readonly { readonly item: string; readonly onHand: number; readonly reserved: number }[];
}

/** 300 parts: wires with heads, clevises, beads, small blades, swivels, large blades. */
const FAMILIES = [
  ['frame', 40],
  ['clevis', 20],
  ['bead', 120],
  ['small', 50],
  ['swivel', 20],
  ['large', 50],
] as const;
const BEADS = 7;

/** Sixty two-blade spinnerbaits that share three hundred parts, none of which is there in plenty. */
export function bigMix(start = 7, baits = 60): BigMix {
  const next = repeatableRandom(start);
  const whole = (low: number, high: number) => low + Math.floor(next() * (high - low + 1));
  const shelf = FAMILIES.flatMap(([family, count]) =>
    Array.from({ length: count }, (_, nth) => ({
      item: `${family}-${nth}`,
      onHand: family === 'bead' ? whole(4, 60) : whole(1, 24),
      reserved: 0,
    })),
  );
  // Every part is taken by some bait; beyond that chance has it.
  const one = (family: string, count: number, at: number) => ({
    item: `${family}-${at < count ? at : whole(0, count - 1)}`,
    qty: 1,
  });
  const recipes = Array.from({ length: baits }, (_, nth): MixRecipe => {
    const uses = [
      ...FAMILIES.filter(([family]) => family !== 'bead').map(([family, count]) => one(family, count, nth)),
      ...Array.from({ length: BEADS }, (_, bead) => one('bead', 120, nth * BEADS + bead)),
    ];
    return {
      id: `bait-${nth}`,
      uses: [...tallyByItem(uses)].map(([item, qty]) => ({ item, qty })),
      value: whole(20, 99) / 10,
    };
  });
  return { recipes, shelf };
}

const SIZES: Readonly<Record<string, readonly [Gauge['as'], Partial<Record<SizeId, number>>]>> = {
  frame: [
    'frame',
    { wireMm: 1, upperMm: 110, lowerMm: 40, spreadDeg: 45, loopMm: 3, headG: 14, bodyMm: 14, gapeMm: 16 },
  ],
  clevis: ['clevis', { lengthMm: 4, holeMm: 1.3 }],
  bead: ['bead', { diameterMm: 4, holeMm: 1.3 }],
  small: ['blade', { lengthMm: 22, widthMm: 10 }],
  swivel: ['swivel', { lengthMm: 10, ringMm: 0.8 }],
  large: ['blade', { lengthMm: 46, widthMm: 17 }],
};

/** The same as what lies on a bench. */
export function bigMixContents({
  recipes,
  shelf,
}: BigMix): Pick<BenchContents, 'bins' | 'entries' | 'builds'> {
  const family = (item: string) => item.slice(0, item.indexOf('-'));
  return {
    bins: shelf.map(({ item }): PartBin => {
      const [as, sizes] = SIZES[family(item)] ?? (['bead', {}] as const);
      return {
        ...PLAIN_BIN,
        ...PLAIN_PART,
        id: item,
        kind: 'part',
        unit: 'pieces',
        name: item,
        place: 'Tin',
        lowAt: null,
        retired: false,
        note: '',
        sort: family(item),
        massG: 1,
        gauge: {
          ...PLAIN_GAUGE,
          as,
          sizes,
          basis: 'measured',
          form: as === 'blade' ? 'leaf' : null,
          bend: as === 'frame' ? 'bent' : null,
        },
      };
    }),
    entries: shelf.map(({ item, onHand }) => ({
      id: `in-${item}`,
      at: 1,
      binId: item,
      kind: 'received',
      qty: onHand,
      note: '',
      ticketId: null,
      lineId: null,
      runId: null,
      pieceShare: null,
      lengthId: null,
      unitCost: null,
      reverses: null,
    })),
    builds: recipes.map(({ id, uses, value }): BuildRecord => {
      const of = (name: string) => uses.find(({ item }) => family(item) === name)?.item ?? '';
      const beads = uses.filter(({ item }) => family(item) === 'bead');
      return {
        id,
        family: id,
        version: 1,
        name: id,
        kind: 'spinnerbait',
        skirtId: null,
        armMm: null,
        head: { style: 'round', nominalG: 14, hookBinId: null, coatId: null },
        frameBinId: of('frame'),
        arm: [
          { id: `${id} 0`, binId: of('clevis'), bladeBinId: of('small') },
          ...beads.flatMap(({ item, qty }) =>
            Array.from({ length: qty }, (_, nth) => ({
              id: `${id} ${item} ${nth}`,
              binId: item,
              bladeBinId: null,
            })),
          ),
        ],
        end: { binId: of('swivel'), bladeBinId: of('large') },
        slots: [],
        minFreeMm: 3,
        pattern: null,
        seenMs: null,
        worth: value,
        createdAt: 1,
        retired: false,
        note: '',
      };
    }),
  };
}
