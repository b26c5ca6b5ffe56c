import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import { LEAD_GCM3 } from '../densities';
import { partKind } from '../part-kind';
import { round, size } from '../size';
import type { PartKind, TypicalSize } from '../thing-kind';

const SOURCE = 'Typical: what a body of lead of that weight and form measures.';
const common = { group: 'Weights', source: SOURCE } as const;
const MM3_PER_CM3 = 1000;

/** Ounces as they are sold, and the grams that stand for them where one buys by the gram. */
const MARKS: readonly (readonly [ounces: string, shareOfOz: number, grams: number])[] = [
  ['1/16', 1 / 16, 1.8],
  ['1/8', 1 / 8, 3.5],
  ['1/4', 1 / 4, 7],
  ['3/8', 3 / 8, 10],
  ['1/2', 1 / 2, 14],
  ['3/4', 3 / 4, 21],
  ['1', 1, 28],
  ['1 1/2', 1.5, 42],
  ['2', 2, 56],
  ['3', 3, 85],
  ['4', 4, 113],
  ['6', 6, 170],
  ['8', 8, 227],
];

/** A body so many times as long as it is thick, as full as an egg, with its hole or none. */
function sinkers(
  from: string,
  to: string,
  shape: { readonly slender: number; readonly holeMm: number },
): TypicalSize[] {
  const keys = MARKS.map(([key]) => key);
  return MARKS.slice(keys.indexOf(from), keys.indexOf(to) + 1).map(([key, ounces, grams]) => {
    const massG = ounces * GRAMS_PER_OUNCE;
    const volume = (massG / LEAD_GCM3) * MM3_PER_CM3;
    const diameterMm = Math.cbrt(volume / ((Math.PI / 6) * shape.slender));
    return size(key, {
      sizes: {
        lengthMm: round(diameterMm * shape.slender),
        diameterMm: round(diameterMm),
        ...(shape.holeMm > 0 ? { holeMm: shape.holeMm } : {}),
      },
      massG: round(massG, 4),
      metric: `${grams} g`,
      inch: `${key} oz`,
    });
  });
}

export const eggSinker: PartKind = partKind({
  ...common,
  id: 'egg-sinker',
  as: 'weight',
  one: 'Egg sinker',
  many: 'Egg sinkers, drilled',
  words: ['running sinker', 'barrel', 'drilled bullet', 'slider'],
  sizes: sinkers('1/8', '6', { slender: 1.5, holeMm: 2 }),
  usual: '1/2',
  pack: 25,
});

export const bankSinker: PartKind = partKind({
  ...common,
  id: 'bank-sinker',
  as: 'weight',
  one: 'Bank sinker',
  many: 'Bank sinkers, with an eye',
  words: ['bomb', 'pear', 'casting sinker', 'bell', 'dipsey'],
  sizes: sinkers('1/4', '8', { slender: 2.4, holeMm: 0 }),
  usual: '2',
  pack: 25,
});

/** How thick a plate for a feeder is cast, and how much longer than wide. */
const PLATE = { thickMm: 4, longer: 1.6 } as const;

export const feederPlate: PartKind = partKind({
  ...common,
  id: 'feeder-plate',
  as: 'weight',
  one: 'Feeder plate',
  many: 'Feeder plates, cast flat',
  words: ['method lead', 'flat lead', 'disc', 'coin', 'cap'],
  sizes: MARKS.filter(([, ounces]) => ounces >= 1 / 2 && ounces <= 4).map(([key, ounces, grams]) => {
    const massG = ounces * GRAMS_PER_OUNCE;
    const faceMm2 = ((massG / LEAD_GCM3) * MM3_PER_CM3) / PLATE.thickMm;
    const wideMm = Math.sqrt(faceMm2 / PLATE.longer);
    return size(key, {
      sizes: { lengthMm: round(wideMm * PLATE.longer), diameterMm: round(wideMm) },
      massG: round(massG, 4),
      metric: `${grams} g`,
      inch: `${key} oz`,
    });
  }),
  usual: '1',
  pack: 10,
});

export const bulletWeight: PartKind = partKind({
  ...common,
  id: 'bullet-weight',
  as: 'weight',
  one: 'Bullet weight',
  many: 'Bullet weights',
  words: ['worm weight', 'cone', 'body weight', 'spinner body'],
  sizes: sinkers('1/16', '1', { slender: 1.8, holeMm: 1.6 }),
  usual: '1/4',
  pack: 25,
});

/** Balls by what they are across. */
const SHOT: readonly (readonly [key: string, diameterMm: number, inch: string])[] = [
  ['2.4', 2.4, '3/32 in'],
  ['3.2', 3.2, '1/8 in'],
  ['4', 4, '5/32 in'],
  ['4.5', 4.5, '.177 in'],
  ['4.8', 4.8, '3/16 in'],
  ['5.6', 5.6, '7/32 in'],
  ['6.4', 6.4, '1/4 in'],
  ['8', 8, '5/16 in'],
];

const shotOf = (id: string, one: string, many: string, density: number, words: readonly string[]): PartKind =>
  partKind({
    ...common,
    id,
    as: 'shot',
    one,
    many,
    words,
    source: 'The mass of a ball of that thickness.',
    sizes: SHOT.map(([key, diameterMm, inch]) =>
      size(key, {
        sizes: { diameterMm },
        massG: round(((Math.PI / 6) * diameterMm ** 3 * density) / MM3_PER_CM3),
        metric: `${key} mm`,
        inch,
      }),
    ),
    usual: '4.5',
    pack: 250,
  });

export const leadShot = shotOf('lead-shot', 'Lead shot', 'Lead shot', LEAD_GCM3, [
  'buckshot',
  'split shot',
  'balls',
  'bead weight',
]);
export const steelShot = shotOf('steel-shot', 'Steel ball', 'Steel balls', 7.8, [
  'bb',
  'ball bearing',
  'shot',
  'bead weight',
]);
