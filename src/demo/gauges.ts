import type { BladeFormId } from '@/core/builds/blades/definition';
import { findBladeForm } from '@/core/builds/blades';
import { PLAIN_GAUGE, type SizeId } from '@/core/parts/part-roles';
import type { PartBin } from '@/records/bin';
import type { Gauge } from '@/records/gauge';

type Measured = Pick<PartBin, 'gauge' | 'massG' | 'costEach'>;

const BRASS = 8.5;
const GLASS = 2.5;
const STEEL = 7.85;

/** A gauge that was taken with calipers. */
export function gaugeOf(
  as: Gauge['as'],
  sizes: Partial<Record<SizeId, number>>,
  more: Partial<Pick<Gauge, 'form' | 'plastic' | 'bend' | 'line' | 'basis'>> = {},
): Gauge {
  return { ...PLAIN_GAUGE, as, sizes, basis: 'measured', ...more };
}

/** A blade of brass sheet as wide as its form usually is; the packet's size is not always its own. */
export function bladeOf(form: BladeFormId, lengthMm: number, widthMm: number, hubMm?: number): Measured {
  const thickMm = 0.5;
  const areaMm2 = findBladeForm(form).areaShare * lengthMm * widthMm;
  return {
    gauge: gaugeOf('blade', { lengthMm, widthMm, thickMm, ...(hubMm ? { hubMm } : {}) }, { form }),
    massG: round((areaMm2 * thickMm * BRASS) / 1000),
    costEach: round(0.1 + areaMm2 / 4000),
  };
}

function bead(diameterMm: number, density: number): Measured {
  const massG = round((Math.PI / 6) * (diameterMm / 10) ** 3 * density);
  return {
    gauge: gaugeOf('bead', { diameterMm, holeMm: round(0.9 + diameterMm / 10) }),
    massG,
    costEach: 0.03,
  };
}

/** As measured, by the packet's order. Where a family is not here, nobody measured it yet. */
const BY_SORT: Readonly<Record<string, readonly Measured[]>> = {
  'leaf blades': [
    bladeOf('leaf', 30.2, 11),
    bladeOf('leaf', 35.4, 13),
    // The packet says 40; it is not.
    bladeOf('leaf', 41.6, 15.5),
    bladeOf('leaf', 46, 17),
    bladeOf('leaf', 52.3, 19.5),
    bladeOf('leaf', 60.1, 22),
  ],
  'round blades': [
    bladeOf('round', 16, 14.5),
    bladeOf('round', 20.2, 18),
    bladeOf('round', 24, 21.4),
    bladeOf('round', 28.3, 25),
    bladeOf('round', 33, 29.6),
  ],
  'drop blades': [
    bladeOf('drop', 22, 12.5),
    bladeOf('drop', 27.4, 15),
    bladeOf('drop', 32, 17.8),
    bladeOf('drop', 38.2, 21),
  ],
  clevises: [3, 4, 5].map((lengthMm, nth) => ({
    gauge: gaugeOf('clevis', { lengthMm, holeMm: [1.1, 1.3, 1.6][nth] ?? 1.3 }),
    massG: [0.05, 0.08, 0.12][nth] ?? 0.1,
    costEach: 0.05,
  })),
  beads: [2.4, 3.2, 4, 5].map((size) => bead(size, BRASS)).concat([4, 6, 8].map((size) => bead(size, GLASS))),
  swivels: [6, 8, 9, 11, 13, 16, 10, 12, 15].map((lengthMm, nth) => ({
    gauge: gaugeOf('swivel', {
      lengthMm,
      ringMm: [0.6, 0.7, 0.8, 0.9, 1.1, 1.4, 0.8, 1, 1.9][nth] ?? 1,
      breakKgf: [9, 14, 19, 26, 38, 55, 22, 34, 60][nth] ?? 20,
    }),
    massG: round(0.02 * lengthMm + 0.05),
    costEach: nth < 6 ? 0.08 : 0.22,
  })),
  snaps: [11, 13, 16, 20].map((lengthMm, nth) => ({
    gauge: gaugeOf('snap', { lengthMm, breakKgf: [10, 15, 22, 30][nth] ?? 10 }),
    massG: round(0.02 * lengthMm),
    costEach: 0.1,
  })),
  'split rings': [4, 5, 6, 7, 8, 10].map((diameterMm) => ({
    gauge: gaugeOf('ring', {
      diameterMm,
      ringMm: round(diameterMm / 8 + 0.3),
      breakKgf: Math.round(0.62 * diameterMm ** 2),
    }),
    massG: round((diameterMm / 10) ** 2 * 0.3),
    costEach: 0.04,
  })),
  'rig hooks': [
    [14, 7, 0.7],
    [16, 8.5, 0.8],
    [19, 10, 0.9],
    [25, 13, 1],
    [28, 15, 1.1],
    [35, 19, 1.3],
    [14, 6, 0.7, 3],
    [17, 7.5, 0.8, 3],
    [20, 9, 0.9, 3],
    [24, 11, 1.1, 3],
    [30, 14, 1.3, 3],
  ].map(([lengthMm = 20, gapeMm = 10, wireMm = 1, points = 1]) => ({
    gauge: gaugeOf('hook', {
      lengthMm,
      gapeMm,
      wireMm,
      eyeMm: round(wireMm * 1.6),
      points,
      breakKgf: Math.round(22 * wireMm ** 2),
    }),
    massG: round((Math.PI / 4) * wireMm ** 2 * (lengthMm + gapeMm * 2) * (STEEL / 1000)),
    costEach: 0.18,
  })),
  'solid rings': [4, 5, 6].map((diameterMm, nth) => ({
    gauge: gaugeOf('solid', {
      diameterMm,
      ringMm: [0.9, 1.1, 1.4][nth] ?? 1,
      breakKgf: [40, 65, 110][nth] ?? 40,
    }),
    massG: round((diameterMm / 10) ** 2 * 0.5),
    costEach: 0.12,
  })),
  crimps: [0.8, 1, 1.2, 1.4, 1.6, 2].map((holeMm, nth) => ({
    gauge: gaugeOf('crimp', { holeMm, lengthMm: [6, 7, 8, 9, 10, 11][nth] ?? 8 }),
    massG: round(0.05 + holeMm / 12),
    costEach: 0.05,
  })),
  'shrink tube': [1.6, 2.4, 3.2, 4.8].map((holeMm) => ({
    gauge: gaugeOf('tube', { holeMm, shrinkRatio: 3 }),
    massG: null,
    costEach: 0.002,
  })),
  floats: [10, 14, 18].map((diameterMm) => ({
    gauge: gaugeOf('float', { diameterMm, lengthMm: diameterMm * 3, holeMm: 1.2 }),
    massG: round(diameterMm / 12),
    costEach: 0.6,
  })),
  'line and cord': [
    gaugeOf('line', { diameterMm: 0.4, breakKgf: 9.5 }, { line: 'strand' }),
    gaugeOf('line', { diameterMm: 0.6, breakKgf: 19 }, { line: 'strand' }),
    gaugeOf('line', { diameterMm: 0.36, breakKgf: 9 }, { line: 'cable' }),
    gaugeOf('line', { diameterMm: 0.48, breakKgf: 18 }, { line: 'cable' }),
    gaugeOf('line', { diameterMm: 1.4, breakKgf: 62 }, { line: 'cord' }),
    gaugeOf('line', { diameterMm: 0.15, breakKgf: 1.4 }, { line: 'floss' }),
  ].map((gauge) => ({ gauge, massG: null, costEach: 0.0012 })),
  collars: Array.from({ length: 12 }, () => ({
    gauge: gaugeOf('collar', { diameterMm: 6, holeMm: 3, lengthMm: 5 }),
    massG: 0.06,
    costEach: null,
  })),
  'weed guards': Array.from({ length: 8 }, () => ({
    gauge: gaugeOf('guard', { lengthMm: 28, diameterMm: 3.2, fibers: 24 }),
    massG: 0.18,
    costEach: 0.12,
  })),
  rattles: [3, 4, 5].map((diameterMm) => ({
    gauge: gaugeOf('rattle', { lengthMm: diameterMm * 3.4, diameterMm }),
    massG: round(0.09 * diameterMm),
    costEach: 0.25,
  })),
  // Bare wires: a loop at the eye, no head on them.
  'wire frames': [
    gaugeOf('frame', { wireMm: 1, upperMm: 52, lowerMm: 34, spreadDeg: 44, loopMm: 3 }, { bend: 'bent' }),
    gaugeOf('frame', { wireMm: 1, upperMm: 72, lowerMm: 38, spreadDeg: 40, loopMm: 3 }, { bend: 'bent' }),
    gaugeOf('frame', { wireMm: 1.2, upperMm: 50, lowerMm: 36, spreadDeg: 46, loopMm: 3.4 }, { bend: 'bent' }),
    gaugeOf(
      'frame',
      { wireMm: 0.8, upperMm: 70, lowerMm: 1, spreadDeg: 1, loopMm: 2.6 },
      { bend: 'straight' },
    ),
    gaugeOf('frame', { wireMm: 1, upperMm: 84, lowerMm: 1, spreadDeg: 1, loopMm: 3 }, { bend: 'straight' }),
  ].map((gauge) => ({ gauge, massG: wireMass(gauge), costEach: 0.3 })),
  trailers: Array.from({ length: 12 }, (_, nth) => ({
    gauge: gaugeOf(
      'trailer',
      { lengthMm: nth % 3 === 2 ? 75 : 88, bodyMm: nth % 3 === 2 ? 7 : 9 },
      { plastic: nth % 5 === 4 ? 'stretch' : 'soft' },
    ),
    massG: 2.2,
    costEach: 0.28,
  })),
};

/** What was measured of a part of the made-up shelf; nothing where nobody did. */
export function measuredOf(sort: string, index: number): Measured | null {
  return BY_SORT[sort]?.[index] ?? null;
}

/** Of a wire alone, by its length, g. */
export function wireMass({ sizes }: Gauge): number {
  const { wireMm = 1, upperMm = 60, lowerMm = 38 } = sizes;
  return round((Math.PI / 4) * wireMm ** 2 * (upperMm + lowerMm) * (STEEL / 1000));
}

function round(value: number): number {
  return Math.round(value * 100) / 100;
}
