import { partKind } from '../part-kind';
import { round, size } from '../size';
import type { PartKind, TypicalSize } from '../thing-kind';

const SOURCE =
  'Typical: middle of what common packets state. The strain at which it breaks differs most between makers: see the packet.';
const common = { group: 'Joints', source: SOURCE } as const;

const KGF_PER_LB = 0.45359237;

/** What breaks at so many pounds, in kg. */
export const kgf = (pounds: number) => round(pounds * KGF_PER_LB, 3);

/** Steel and brass of such a joint fill about a fourteenth of a cube on its length. */
const jointMass = (lengthMm: number) => round((lengthMm ** 2 * 2.6) / 1000, 2);

type Row = readonly [key: string, lengthMm: number, ringMm: number, pounds: number];

const swivels = (rows: readonly Row[]): TypicalSize[] =>
  rows.map(([key, lengthMm, ringMm, pounds]) =>
    size(key, {
      sizes: { lengthMm, ringMm, breakKgf: kgf(pounds) },
      massG: jointMass(lengthMm),
      metric: `${key}, ${round(pounds * KGF_PER_LB, 2)} kg`,
      inch: `${key}, ${pounds} lb`,
    }),
  );

export const barrelSwivel: PartKind = partKind({
  ...common,
  id: 'barrel-swivel',
  as: 'swivel',
  one: 'Barrel swivel',
  many: 'Barrel swivels',
  words: ['rolling', 'crane', 'swivel'],
  sizes: swivels([
    ['#14', 8, 0.5, 15],
    ['#12', 9.5, 0.6, 25],
    ['#10', 11.5, 0.7, 35],
    ['#8', 13.5, 0.8, 50],
    ['#7', 15, 0.9, 60],
    ['#6', 16.5, 1, 70],
    ['#5', 18, 1.1, 80],
    ['#4', 20, 1.2, 95],
    ['#3', 22, 1.3, 110],
    ['#2', 24, 1.4, 125],
    ['#1', 27, 1.5, 150],
    ['1/0', 31, 1.7, 190],
    ['2/0', 35, 1.9, 230],
    ['3/0', 40, 2.2, 290],
  ]),
  usual: '#7',
  pack: 50,
});

export const ballSwivel: PartKind = partKind({
  ...common,
  id: 'ball-bearing-swivel',
  as: 'swivel',
  one: 'Ball bearing swivel',
  many: 'Ball bearing swivels',
  words: ['spinnerbait swivel', 'blade swivel', 'bearing'],
  sizes: swivels([
    ['#0', 8, 0.6, 15],
    ['#1', 9.5, 0.7, 25],
    ['#2', 11.5, 0.8, 35],
    ['#3', 14, 1, 60],
    ['#4', 17, 1.2, 90],
    ['#5', 20, 1.5, 135],
    ['#6', 23, 1.8, 190],
    ['#7', 27, 2.1, 260],
  ]),
  usual: '#2',
  pack: 25,
});

export const splitRing: PartKind = partKind({
  ...common,
  id: 'split-ring',
  as: 'ring',
  one: 'Split ring',
  many: 'Split rings',
  words: ['ring'],
  sizes: (
    [
      ['#1', 4.3, 0.9, 15],
      ['#2', 5, 1, 22],
      ['#3', 5.9, 1.1, 32],
      ['#4', 6.8, 1.25, 45],
      ['#5', 7.9, 1.4, 62],
      ['#6', 9.3, 1.6, 85],
      ['#7', 10.9, 1.8, 115],
      ['#8', 12.4, 2.1, 150],
      ['#9', 14.1, 2.4, 195],
      ['#10', 15.6, 2.7, 240],
    ] as const
  ).map(([key, diameterMm, ringMm, pounds]) =>
    size(key, {
      sizes: { diameterMm, ringMm, breakKgf: kgf(pounds) },
      massG: round(diameterMm * ringMm ** 2 * 0.0075, 2),
      metric: `${key}, ${diameterMm} mm`,
      inch: `${key}, ${pounds} lb`,
    }),
  ),
  usual: '#4',
  pack: 50,
});

export const solidRing: PartKind = partKind({
  ...common,
  id: 'solid-ring',
  as: 'solid',
  one: 'Solid ring',
  many: 'Solid rings',
  words: ['welded ring', 'pressed ring', 'assist ring'],
  sizes: (
    [
      ['#3', 5, 1, 90],
      ['#4', 5.5, 1.2, 130],
      ['#5', 6.5, 1.4, 200],
      ['#6', 7.5, 1.6, 280],
      ['#7', 8.5, 1.8, 360],
      ['#8', 9.5, 2, 450],
    ] as const
  ).map(([key, diameterMm, ringMm, pounds]) =>
    size(key, {
      sizes: { diameterMm, ringMm, breakKgf: kgf(pounds) },
      massG: round(diameterMm * ringMm ** 2 * 0.0175, 2),
      metric: `${key}, ${kgf(pounds)} kg`,
      inch: `${key}, ${pounds} lb`,
    }),
  ),
  usual: '#5',
  pack: 25,
});

export const snap: PartKind = partKind({
  ...common,
  id: 'snap',
  as: 'snap',
  one: 'Snap',
  many: 'Snaps',
  words: ['clip', 'link', 'interlock', 'cross lock'],
  sizes: (
    [
      ['#00', 11, 12],
      ['#0', 14, 20],
      ['#1', 17, 30],
      ['#2', 21, 45],
      ['#3', 26, 65],
      ['#4', 32, 95],
      ['#5', 39, 135],
    ] as const
  ).map(([key, lengthMm, pounds]) =>
    size(key, {
      sizes: { lengthMm, breakKgf: kgf(pounds) },
      massG: round(lengthMm ** 2 / 900, 2),
      metric: `${key}, ${round(pounds * KGF_PER_LB, 2)} kg`,
      inch: `${key}, ${pounds} lb`,
    }),
  ),
  usual: '#1',
  pack: 25,
});

export const threeWay: PartKind = partKind({
  ...common,
  id: 'three-way-swivel',
  as: 'junction',
  one: 'Three-way swivel',
  many: 'Three-way swivels',
  words: ['t swivel', 'cross line', 'dropper swivel', 'junction'],
  sizes: (
    [
      ['#8', 9, 35],
      ['#6', 11, 50],
      ['#4', 14, 75],
      ['#2', 18, 110],
      ['1/0', 23, 160],
    ] as const
  ).map(([key, lengthMm, pounds]) =>
    size(key, {
      sizes: { lengthMm, breakKgf: kgf(pounds) },
      massG: jointMass(lengthMm),
      metric: `${key}, ${round(pounds * KGF_PER_LB, 2)} kg`,
      inch: `${key}, ${pounds} lb`,
    }),
  ),
  usual: '#6',
  pack: 25,
});
