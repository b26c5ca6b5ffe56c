import { STEEL_GCM3 } from '@/core/cavities/steel-density';
import type { SizeId } from '@/core/parts/part-roles';
import { BRASS_GCM3, GLASS_GCM3, PLASTIC_GCM3 } from '../densities';
import { partKind } from '../part-kind';
import { round, size } from '../size';
import type { PartKind, TypicalSize } from '../thing-kind';

const SOURCE = 'Typical: the sizes that such parts are commonly sold in. Measure yours.';
const common = { group: 'Wire and beads', source: SOURCE } as const;
const MM3_PER_CM3 = 1000;

/** A ball with a hole through it: what is left of a ball when a cylinder as long as it is thick is drilled out. */
function ballMass(diameterMm: number, holeMm: number, density: number): number {
  const ball = (Math.PI / 6) * (diameterMm ** 2 - holeMm ** 2) ** 1.5;
  return round((ball * density) / MM3_PER_CM3, 2);
}

/** Beads by what they are across, in the sixteenths or thirty-seconds of an inch that they are sold by. */
const BEADS: readonly (readonly [key: string, diameterMm: number, holeMm: number, inch: string])[] = [
  ['2.4', 2.4, 0.9, '3/32 in'],
  ['3.2', 3.2, 1.1, '1/8 in'],
  ['4', 4, 1.3, '5/32 in'],
  ['4.8', 4.8, 1.5, '3/16 in'],
  ['6.4', 6.4, 1.8, '1/4 in'],
  ['8', 8, 2.2, '5/16 in'],
];

function beads(density: number): TypicalSize[] {
  return BEADS.map(([key, diameterMm, holeMm, inch]) =>
    size(key, {
      sizes: { diameterMm, holeMm },
      massG: ballMass(diameterMm, holeMm, density),
      metric: `${key} mm`,
      inch,
    }),
  );
}

export const brassBead: PartKind = partKind({
  ...common,
  id: 'brass-bead',
  as: 'bead',
  one: 'Bead, brass',
  many: 'Beads, brass',
  words: ['metal bead', 'hollow bead', 'spinnerbait bead'],
  sizes: beads(BRASS_GCM3),
  usual: '4',
  pack: 100,
});

export const glassBead: PartKind = partKind({
  ...common,
  id: 'glass-bead',
  as: 'bead',
  one: 'Bead, glass',
  many: 'Beads, glass',
  words: ['faceted bead', 'click bead'],
  sizes: beads(GLASS_GCM3),
  usual: '6.4',
  pack: 100,
});

export const plasticBead: PartKind = partKind({
  ...common,
  id: 'plastic-bead',
  as: 'bead',
  one: 'Bead, plastic',
  many: 'Beads, plastic',
  words: ['rig bead', 'buffer bead', 'rubber bead', 'float bead'],
  sizes: beads(PLASTIC_GCM3),
  usual: '4.8',
  pack: 100,
});

export const clevis: PartKind = partKind({
  ...common,
  id: 'clevis',
  as: 'clevis',
  one: 'Clevis',
  many: 'Clevises',
  words: ['stirrup', 'fold over', 'blade hanger', 'u clip'],
  sizes: (
    [
      ['#1', 2.5, 0.9, 0.04],
      ['#2', 3, 1.1, 0.05],
      ['#3', 4, 1.3, 0.08],
      ['#4', 5, 1.6, 0.12],
    ] as const
  ).map(([key, lengthMm, holeMm, massG]) => size(key, { sizes: { lengthMm, holeMm }, massG })),
  usual: '#3',
  pack: 50,
});

export const spacer: PartKind = partKind({
  ...common,
  id: 'spacer',
  as: 'spacer',
  one: 'Spacer',
  many: 'Spacers',
  words: ['tube spacer', 'brass tube', 'body tube'],
  sizes: (
    [
      ['6', 6, 2.4, '1/4 in'],
      ['10', 9.5, 2.4, '3/8 in'],
      ['13', 12.7, 3.2, '1/2 in'],
      ['19', 19, 3.2, '3/4 in'],
    ] as const
  ).map(([key, lengthMm, diameterMm, inch]) => {
    const holeMm = round(diameterMm - 0.9, 2);
    const wall = (Math.PI / 4) * (diameterMm ** 2 - holeMm ** 2) * lengthMm;
    return size(key, {
      sizes: { lengthMm, diameterMm, holeMm },
      massG: round((wall * BRASS_GCM3) / MM3_PER_CM3, 2),
      metric: `${key} mm`,
      inch,
    });
  }),
  usual: '10',
  pack: 50,
});

export const rivet: PartKind = partKind({
  ...common,
  id: 'rivet',
  as: 'rivet',
  one: 'Rivet',
  many: 'Rivets',
  words: ['buzzbait stop', 'squeal rivet', 'pop rivet'],
  sizes: [
    size('Small', { sizes: { lengthMm: 4.8, diameterMm: 3.2, holeMm: 1.2 }, massG: 0.1 }),
    size('Large', { sizes: { lengthMm: 6.4, diameterMm: 4, holeMm: 1.4 }, massG: 0.19 }),
  ],
  usual: 'Small',
  pack: 50,
});

/** Of a wire alone, by its length. */
function wireMass(wireMm: number, lengthMm: number): number {
  return round(((Math.PI / 4) * wireMm ** 2 * lengthMm * STEEL_GCM3) / MM3_PER_CM3, 2);
}

type Arms = readonly [key: string, wireMm: number, upperMm: number, lowerMm: number, inch: string];

function frames(rows: readonly Arms[], more: Partial<Record<SizeId, number>>): TypicalSize[] {
  return rows.map(([key, wireMm, upperMm, lowerMm, inch]) =>
    size(key, {
      sizes: { wireMm, upperMm, lowerMm, ...more },
      massG: wireMass(wireMm, upperMm + lowerMm),
      metric: `${key}, ${wireMm} mm`,
      inch: `${key}, ${inch}`,
    }),
  );
}

export const spinnerWire: PartKind = partKind({
  ...common,
  id: 'spinnerbait-wire',
  as: 'frame',
  bend: 'bent',
  one: 'Spinnerbait wire',
  many: 'Spinnerbait wires, bent',
  words: ['frame', 'wire form', 'v wire', 'arm'],
  sizes: frames(
    [
      ['Short', 0.9, 50, 34, '.035 in'],
      ['Middle', 0.9, 62, 38, '.036 in'],
      ['Long', 1, 75, 42, '.040 in'],
    ],
    { spreadDeg: 44, loopMm: 3 },
  ),
  usual: 'Middle',
  pack: 25,
});

export const buzzWire: PartKind = partKind({
  ...common,
  id: 'buzzbait-wire',
  as: 'frame',
  bend: 'raised',
  one: 'Buzzbait wire',
  many: 'Buzzbait wires, bent',
  words: ['frame', 'wire form', 'up and back'],
  sizes: frames(
    [
      ['Short', 1, 72, 42, '.040 in'],
      ['Long', 1.1, 90, 52, '.045 in'],
    ],
    { spreadDeg: 60, loopMm: 3 },
  ),
  usual: 'Short',
  pack: 25,
});

export const underspinWire: PartKind = partKind({
  ...common,
  id: 'underspin-wire',
  as: 'frame',
  bend: 'under',
  one: 'Underspin wire',
  many: 'Underspin wires, short',
  words: ['frame', 'wire form', 'under head', 'hanger'],
  sizes: frames(
    [
      ['Short', 0.8, 22, 8, '.031 in'],
      ['Middle', 0.9, 28, 10, '.036 in'],
    ],
    { spreadDeg: 30, loopMm: 2.6 },
  ),
  usual: 'Middle',
  pack: 25,
});

export const shaft: PartKind = partKind({
  ...common,
  id: 'in-line-shaft',
  as: 'frame',
  bend: 'straight',
  one: 'Looped shaft',
  many: 'Looped shafts, straight',
  words: ['in-line', 'inline spinner', 'spinner shaft', 'wire form'],
  sizes: frames(
    [
      ['Fine', 0.6, 120, 1, '.024 in'],
      ['Middle', 0.8, 150, 1, '.031 in'],
      ['Strong', 1, 200, 1, '.040 in'],
    ],
    { spreadDeg: 1, loopMm: 2.6 },
  ),
  usual: 'Middle',
  pack: 25,
});
