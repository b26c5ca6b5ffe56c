import { partKind } from '../part-kind';
import { round, size } from '../size';
import type { PartKind, TypicalSize } from '../thing-kind';
import { kgf } from './joints';

const common = { group: 'Line, cable and tube', as: 'line', unit: 'mm' } as const;
const YARD_MM = 914.4;

type Row = readonly [pounds: number, diameterMm: number];

/** By what they break at, which is how they are sold. */
const lines = (rows: readonly Row[]): TypicalSize[] =>
  rows.map(([pounds, diameterMm]) =>
    size(`${pounds}`, {
      sizes: { diameterMm, breakKgf: kgf(pounds) },
      metric: `${diameterMm} mm, ${round(kgf(pounds), 2)} kg`,
      inch: `${pounds} lb`,
    }),
  );

export const nylonLine: PartKind = partKind({
  ...common,
  id: 'nylon-line',
  line: 'strand',
  one: 'Nylon line',
  many: 'Nylon line (mono)',
  words: ['mono', 'monofilament', 'leader', 'shock leader'],
  source: 'Typical: nylon of 0.4 mm breaks at some 8.6 kg, twice as thick at four times as much.',
  sizes: lines([
    [4, 0.18],
    [6, 0.22],
    [8, 0.26],
    [10, 0.29],
    [12, 0.32],
    [15, 0.36],
    [20, 0.41],
    [25, 0.46],
    [30, 0.51],
    [40, 0.6],
    [50, 0.67],
    [60, 0.74],
    [80, 0.86],
    [100, 0.97],
    [130, 1.1],
    [150, 1.2],
    [200, 1.4],
  ]),
  usual: '20',
  pack: 100 * YARD_MM,
});

export const fluoroLine: PartKind = partKind({
  ...common,
  id: 'fluorocarbon-line',
  line: 'strand',
  one: 'Fluorocarbon line',
  many: 'Fluorocarbon line',
  words: ['fluoro', 'leader', 'hook length', 'snood'],
  source: 'Typical: fluorocarbon of 0.4 mm breaks at some 8 kg, twice as thick at four times as much.',
  sizes: lines([
    [4, 0.19],
    [6, 0.23],
    [8, 0.27],
    [10, 0.3],
    [12, 0.33],
    [15, 0.37],
    [20, 0.43],
    [25, 0.48],
    [30, 0.52],
    [40, 0.6],
    [50, 0.67],
    [60, 0.74],
    [80, 0.85],
    [100, 0.95],
    [130, 1.09],
  ]),
  usual: '20',
  pack: 50 * YARD_MM,
});

export const braidLine: PartKind = partKind({
  ...common,
  id: 'braid',
  line: 'cord',
  one: 'Braid',
  many: 'Braid and assist cord',
  words: ['braided line', 'cord', 'assist cord', 'plaited', 'stinger braid', 'hair braid'],
  source: 'Typical: plaited line of 0.2 mm breaks at some 6.8 kg, twice as thick at four times as much.',
  sizes: lines([
    [10, 0.16],
    [15, 0.2],
    [20, 0.23],
    [30, 0.28],
    [40, 0.32],
    [50, 0.36],
    [65, 0.41],
    [80, 0.46],
    [100, 0.52],
    [130, 0.59],
    [150, 0.63],
    [200, 0.73],
    [300, 0.9],
  ]),
  usual: '50',
  pack: 150 * YARD_MM,
});

export const hollowCord: PartKind = partKind({
  ...common,
  id: 'hollow-cord',
  line: 'hollow',
  one: 'Hollow cord',
  many: 'Hollow cord, for bead weights',
  words: ['parachute cord', 'paracord', 'sleeve', 'shot cord', 'snagless', 'slinky'],
  source: 'Typical: sizes that empty cord is commonly sold in.',
  sizes: (
    [
      ['3', 3, 100, '1/8 in'],
      ['4', 4, 250, '5/32 in'],
      ['4.8', 4.8, 300, '3/16 in'],
      ['6.4', 6.4, 350, '1/4 in'],
      ['8', 8, 400, '5/16 in'],
    ] as const
  ).map(([key, diameterMm, pounds, inch]) =>
    size(key, { sizes: { diameterMm, breakKgf: kgf(pounds) }, metric: `${key} mm`, inch }),
  ),
  usual: '4.8',
  pack: 50 * 304.8,
});

export const floss: PartKind = partKind({
  ...common,
  id: 'floss',
  line: 'floss',
  one: 'Tying thread',
  many: 'Thread and floss',
  words: ['flat waxed nylon', 'tying', 'vise', 'bobbin', 'whipping'],
  source: 'Typical: what tying threads state of themselves.',
  sizes: (
    [
      ['Fine', 0.1, 2],
      ['Middle', 0.15, 4],
      ['Strong', 0.25, 9],
    ] as const
  ).map(([key, diameterMm, pounds]) => size(key, { sizes: { diameterMm, breakKgf: kgf(pounds) } })),
  usual: 'Middle',
  pack: 100 * YARD_MM,
});

export const cable: PartKind = partKind({
  ...common,
  id: 'cable',
  line: 'cable',
  one: 'Cable',
  many: 'Steel cable',
  words: ['wire trace', '7x7', '49 strand', 'leader wire', 'multistrand', 'shark'],
  source:
    'Typical: stainless cable of seven strands breaks at some 85 kg for each square millimeter of its thickness squared, as in the published table of aircraft cable (MIL-DTL-83420).',
  sizes: lines([
    [20, 0.32],
    [30, 0.4],
    [45, 0.49],
    [60, 0.57],
    [90, 0.69],
    [110, 0.79],
    [135, 0.86],
    [175, 0.97],
    [280, 1.19],
    [400, 1.45],
    [480, 1.59],
    [600, 1.79],
    [800, 2.07],
    [920, 2.38],
  ]),
  usual: '90',
  pack: 30 * 304.8,
});

const tubeSource = 'Typical: inside sizes that shrink tube is commonly sold in.';
/** Inside as it comes, in fractions of an inch: the trade's sizes everywhere. */
const TUBES: readonly (readonly [key: string, holeMm: number, inch: string])[] = [
  ['1.2', 1.2, '3/64 in'],
  ['1.6', 1.6, '1/16 in'],
  ['2.4', 2.4, '3/32 in'],
  ['3.2', 3.2, '1/8 in'],
  ['4.8', 4.8, '3/16 in'],
  ['6.4', 6.4, '1/4 in'],
  ['9.5', 9.5, '3/8 in'],
  ['12.7', 12.7, '1/2 in'],
];

const tube = (id: string, shrinkRatio: number): PartKind =>
  partKind({
    id,
    group: 'Line, cable and tube',
    as: 'tube',
    unit: 'mm',
    one: `Shrink tube (${shrinkRatio}:1)`,
    many: `Shrink tube (${shrinkRatio}:1)`,
    words: ['heat shrink', 'sleeve', 'shrink tubing'],
    source: tubeSource,
    sizes: TUBES.map(([key, holeMm, inch]) =>
      size(key, { sizes: { holeMm, shrinkRatio }, metric: `${key} mm`, inch }),
    ),
    usual: '3.2',
    pack: 4 * 304.8,
  });

export const shrinkTubeTwo = tube('shrink-tube-2', 2);
export const shrinkTubeThree = tube('shrink-tube-3', 3);
export const shrinkTubeFour = tube('shrink-tube-4', 4);

export const crimp: PartKind = partKind({
  id: 'crimp',
  group: 'Line, cable and tube',
  as: 'crimp',
  one: 'Crimp',
  many: 'Crimps',
  words: ['sleeve', 'ferrule', 'swage', 'double barrel'],
  source:
    'Typical: the inside that takes a cable twice with a little room. Packets number their sizes each in their own way: measure the inside.',
  sizes: [0.4, 0.5, 0.6, 0.8, 1, 1.2, 1.4, 1.6, 1.8, 2, 2.2, 2.5, 3, 3.5, 4.2, 5].map((holeMm) =>
    size(`${holeMm}`, {
      sizes: { holeMm, lengthMm: round(4 + 3.2 * holeMm, 2) },
      massG: round(0.045 * holeMm ** 2 + 0.06, 2),
      metric: `${holeMm} mm inside`,
      inch: `.${Math.round((holeMm / 25.4) * 1000)
        .toString()
        .padStart(3, '0')} in inside`,
    }),
  ),
  usual: '1.6',
  pack: 50,
});
