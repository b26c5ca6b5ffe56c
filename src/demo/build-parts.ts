import type { PartBin } from '@/records/bin';
import { PLAIN_PART } from '@/records/plain-part';
import { PLAIN_BIN } from '@/records/plain-bin';
import { bladeOf, gaugeOf, wireMass } from './gauges';
import { COLOR_HEX } from './strands';
import type { DemoTools } from './tools';

type Measured = Pick<PartBin, 'gauge' | 'massG' | 'costEach'>;
type Plan = readonly [
  id: string,
  sort: string,
  name: string,
  place: string,
  measured: Measured,
  hex?: string,
];

/** A head of a marked weight cast on its wire, hook and all: the arms are bent, the loop is not closed yet. */
function wired(
  headG: number,
  wireMm: number,
  upperMm: number,
  gapeMm: number,
  bend: 'bent' | 'raised' | 'under' = 'bent',
): Measured {
  const across = 2 * 10 * Math.cbrt((3 * (headG / 10.9)) / (4 * Math.PI));
  const spreadDeg = bend === 'under' ? 30 : 42;
  const sizes = {
    wireMm,
    upperMm,
    lowerMm: 40,
    spreadDeg,
    loopMm: 3,
    gapeMm,
    headG,
    bodyMm: Math.round(across * 10) / 10,
  };
  const gauge = gaugeOf('frame', sizes, { bend });
  const hookG = 0.9 + gapeMm / 20;
  return { gauge, massG: Math.round((headG + wireMass(gauge) + hookG) * 100) / 100, costEach: 0.95 };
}

const PLANS: readonly Plan[] = [
  ['wired-10-long', 'wired heads', 'Head on wire, 10 g, long arm', 'Wire rack', wired(10, 1, 72, 15)],
  ['wired-14-long', 'wired heads', 'Head on wire, 14 g, long arm', 'Wire rack', wired(14, 1, 72, 16)],
  ['wired-14-short', 'wired heads', 'Head on wire, 14 g, short arm', 'Wire rack', wired(14, 1, 52, 16)],
  ['wired-21-short', 'wired heads', 'Head on wire, 21 g, short arm', 'Wire rack', wired(21, 1.2, 50, 18)],
  ['buzz-14', 'wired heads', 'Head on buzz wire, 14 g', 'Wire rack', wired(14, 1.2, 66, 17, 'raised')],
  ['buzz-18', 'wired heads', 'Head on buzz wire, 18 g', 'Wire rack', wired(18, 1.2, 84, 18, 'raised')],
  ['under-7', 'wired heads', 'Head with wire under, 7 g', 'Wire rack', wired(7, 0.9, 24, 13, 'under')],
  ['wing-small', 'winged blades', 'Winged blade, plain 32 mm', 'Blade box', bladeOf('wing', 32, 28, 20)],
  ['wing-large', 'winged blades', 'Winged blade, plain 42 mm', 'Blade box', bladeOf('wing', 42, 34, 25)],
  ['wing-huge', 'winged blades', 'Winged blade, plain 56 mm', 'Blade box', bladeOf('wing', 56, 42, 32)],
  ['plate-small', 'plates', 'Plate, steel 26 mm', 'Blade box', bladeOf('plate', 26.4, 19)],
  ['plate-large', 'plates', 'Plate, steel 31 mm', 'Blade box', bladeOf('plate', 31.2, 22)],
  [
    'spacer-8',
    'spacers',
    'Spacer tube 8 mm',
    'Tin 2',
    { gauge: gaugeOf('spacer', { lengthMm: 8, diameterMm: 2.4, holeMm: 1.4 }), massG: 0.18, costEach: 0.05 },
  ],
  [
    'spacer-14',
    'spacers',
    'Spacer tube 14 mm',
    'Tin 2',
    { gauge: gaugeOf('spacer', { lengthMm: 14, diameterMm: 2.4, holeMm: 1.4 }), massG: 0.31, costEach: 0.06 },
  ],
  [
    'rivet',
    'rivets',
    'Rivet, hollow 5 mm',
    'Tin 2',
    { gauge: gaugeOf('rivet', { lengthMm: 5, diameterMm: 3, holeMm: 1.6 }), massG: 0.12, costEach: 0.04 },
  ],
  [
    'body-5',
    'body weights',
    'Body weight, brass 5 g',
    'Tin 9',
    { gauge: gaugeOf('weight', { lengthMm: 18, diameterMm: 7, holeMm: 1.4 }), massG: 5, costEach: 0.4 },
  ],
  [
    'body-8',
    'body weights',
    'Body weight, brass 8 g',
    'Tin 9',
    { gauge: gaugeOf('weight', { lengthMm: 23, diameterMm: 8, holeMm: 1.6 }), massG: 8, costEach: 0.5 },
  ],
  [
    'keeper-disc',
    'keepers',
    'Keeper disc, rubber',
    'Tin 6',
    { gauge: gaugeOf('keeper', { diameterMm: 6 }), massG: 0.05, costEach: 0.02 },
  ],
  [
    'braid-strap',
    'straps',
    'Stinger braid, cut lengths',
    'Rig drawer',
    { gauge: gaugeOf('strap', { lengthMm: 60, wireMm: 0.5 }), massG: 0.05, costEach: 0.06 },
    '#4c5a3a',
  ],
  [
    'wire-strap',
    'straps',
    'Walking strap, steel 30 mm',
    'Rig drawer',
    { gauge: gaugeOf('strap', { lengthMm: 30, wireMm: 0.8 }), massG: 0.3, costEach: 0.15 },
  ],
];

/** What of each there is at least, and at most. */
const [LEAST, MOST] = [14, 48];

/** Parts that only builds take: heads on wire, winged blades, plates, spacers, rivets, straps. */
export function demoBuildParts(tools: DemoTools): { bin: PartBin; qty: number }[] {
  return PLANS.map(([id, sort, name, place, measured, hex]) => ({
    bin: {
      ...PLAIN_PART,
      id: `part-${id}`,
      kind: 'part',
      unit: 'pieces',
      name,
      place,
      lowAt: 6,
      retired: false,
      ...PLAIN_BIN,
      note: '',
      sort,
      hex: hex ?? COLOR_HEX[name] ?? null,
      ...measured,
    },
    qty: tools.whole(LEAST, MOST),
  }));
}
