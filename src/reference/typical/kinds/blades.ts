import { findBladeForm } from '@/core/builds/blades';
import type { BladeFormId } from '@/core/builds/blades/definition';
import { BRASS_GCM3 } from '../densities';
import { partKind } from '../part-kind';
import { round, size } from '../size';
import type { PartKind, TypicalSize } from '../thing-kind';

const SOURCE =
  'Typical: lengths and widths of common packets, brass sheet. Sizes on packets differ between sellers: measure yours.';
const SHEET_MM = 0.5;
const MM3_PER_CM3 = 1000;

type Row = readonly [key: string, lengthMm: number, widthMm: number];

/** Weighs what a sheet of its form weighs. */
function blades(form: BladeFormId, rows: readonly Row[], thickMm = SHEET_MM): TypicalSize[] {
  return rows.map(([key, lengthMm, widthMm]) =>
    size(key, {
      sizes: { lengthMm, widthMm, thickMm },
      massG: round(
        (findBladeForm(form).areaShare * lengthMm * widthMm * thickMm * BRASS_GCM3) / MM3_PER_CM3,
        2,
      ),
    }),
  );
}

/** Winged blades turn on the wire: they take of it about two thirds of their length. */
function wings(rows: readonly (readonly [...Row, inch: string])[]): TypicalSize[] {
  return rows.map(([key, lengthMm, widthMm, inch]) => {
    const [blade] = blades('wing', [[key, lengthMm, widthMm]]);
    return size(key, {
      sizes: { ...blade?.sizes, hubMm: round(lengthMm * 0.6, 2) },
      massG: blade?.massG,
      metric: `${lengthMm} mm`,
      inch,
    });
  });
}

const common = { group: 'Blades', source: SOURCE, as: 'blade', pack: 25 } as const;

export const willowBlade: PartKind = partKind({
  ...common,
  id: 'willow-blade',
  form: 'leaf',
  one: 'Willow blade',
  many: 'Willow blades (leaf)',
  words: ['willowleaf', 'leaf', 'spinnerbait blade'],
  sizes: blades('leaf', [
    ['#0', 17, 7],
    ['#1', 21, 8.5],
    ['#2', 27, 10.5],
    ['#3', 34, 13],
    ['#3.5', 40, 15],
    ['#4', 47, 17.5],
    ['#4.5', 54, 20],
    ['#5', 61, 22.5],
    ['#6', 70, 25.5],
    ['#7', 83, 30],
  ]),
  usual: '#4',
});

export const coloradoBlade: PartKind = partKind({
  ...common,
  id: 'colorado-blade',
  form: 'round',
  one: 'Colorado blade',
  many: 'Colorado blades (round)',
  words: ['round', 'thump', 'spinnerbait blade'],
  sizes: blades('round', [
    ['#00', 11.5, 9.5],
    ['#0', 14, 11.5],
    ['#1', 17, 14],
    ['#2', 20.5, 17],
    ['#3', 24.5, 20.5],
    ['#3.5', 27, 22.5],
    ['#4', 30, 25],
    ['#4.5', 33, 27.5],
    ['#5', 36.5, 30.5],
    ['#6', 42, 35],
    ['#7', 47, 39],
    ['#8', 52, 43],
  ]),
  usual: '#3',
});

export const indianaBlade: PartKind = partKind({
  ...common,
  id: 'indiana-blade',
  form: 'drop',
  one: 'Indiana blade',
  many: 'Indiana blades (in between)',
  words: ['drop', 'teardrop', 'french', 'in-between', 'spinnerbait blade'],
  sizes: blades('drop', [
    ['#0', 15, 9],
    ['#1', 18.5, 11],
    ['#2', 23, 13.5],
    ['#3', 28, 16.5],
    ['#3.5', 31, 18.5],
    ['#4', 35, 21],
    ['#4.5', 39, 23.5],
    ['#5', 43, 26],
    ['#6', 50, 30],
  ]),
  usual: '#3',
});

export const buzzBladeTwo: PartKind = partKind({
  ...common,
  id: 'buzz-blade-two',
  form: 'wing',
  one: 'Buzz blade, two wings',
  many: 'Buzz blades, two wings',
  words: ['buzzbait', 'prop', 'delta', 'double wing'],
  sizes: wings([
    ['1 1/4', 32, 32, '1 1/4 in'],
    ['1 1/2', 38, 38, '1 1/2 in'],
    ['1 3/4', 45, 44, '1 3/4 in'],
    ['2', 51, 50, '2 in'],
  ]),
  usual: '1 1/2',
});

export const buzzBladeThree: PartKind = partKind({
  ...common,
  id: 'buzz-blade-three',
  form: 'wing',
  one: 'Buzz blade, three wings',
  many: 'Buzz blades, three wings',
  words: ['buzzbait', 'prop', 'triple wing', 'tri wing'],
  sizes: wings([
    ['1 1/4', 32, 34, '1 1/4 in'],
    ['1 1/2', 38, 41, '1 1/2 in'],
    ['1 3/4', 45, 47, '1 3/4 in'],
  ]),
  usual: '1 1/2',
});

export const jigBlade: PartKind = partKind({
  ...common,
  id: 'jig-blade',
  form: 'plate',
  one: 'Jig blade',
  many: 'Blades for bladed jigs (plate)',
  words: ['plate', 'bladed jig', 'chatter', 'vibrating', 'hex'],
  sizes: blades(
    'plate',
    [
      ['Small', 28.6, 19],
      ['Medium', 31.8, 22.2],
      ['Large', 38.1, 25.4],
    ],
    0.8,
  ),
  usual: 'Medium',
});
