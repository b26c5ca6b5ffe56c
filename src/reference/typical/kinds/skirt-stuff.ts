import { partKind } from '../part-kind';
import { byLength, round, size } from '../size';
import type { PartKind, StrandKind, TypicalSize } from '../thing-kind';

const common = { group: 'Skirts and hair', makes: 'strand' } as const;

export const tab: StrandKind = {
  ...common,
  id: 'tab',
  form: 'tab',
  unit: 'pieces',
  strandWidthMm: 1,
  strandsPerTab: 20,
  longMm: 130,
  one: 'Tab',
  many: 'Tabs, silicone',
  words: ['skirt tab', 'silicone', 'skirting', 'layer', 'strand'],
  source: 'Typical: a tab of some twenty strands a millimeter wide, five inches long.',
  sizes: [size('5', { metric: '130 mm', inch: '5 in' })],
  usual: '5',
  pack: 10,
};

export const hair: StrandKind = {
  ...common,
  id: 'hair',
  form: 'hair',
  unit: 'g',
  strandWidthMm: 0.12,
  strandsPerTab: null,
  longMm: 110,
  one: 'Hair',
  many: 'Hair, by weight',
  words: ['bucktail', 'craft fur', 'synthetic', 'nylon hair', 'deer hair', 'marabou'],
  source: 'Typical: deer hair of some 110 mm, 0.12 mm thick.',
  sizes: [size('4', { metric: '110 mm', inch: '4 1/4 in' })],
  usual: '4',
  pack: 10,
};

export const fur: StrandKind = {
  ...common,
  id: 'fur',
  form: 'fur',
  unit: 'pieces',
  strandWidthMm: 0.06,
  strandsPerTab: 900,
  longMm: 55,
  one: 'Fur',
  many: 'Fur, by the bunch',
  words: ['rabbit', 'fox', 'zonker', 'hide', 'squirrel', 'raccoon'],
  source: 'Typical: a pinch of some 900 fibers of 55 mm.',
  sizes: [size('2', { metric: '55 mm', inch: '2 1/8 in' })],
  usual: '2',
  pack: 1,
};

export const sheet: StrandKind = {
  ...common,
  id: 'sheet',
  form: 'sheet',
  unit: 'pieces',
  strandWidthMm: 3,
  strandsPerTab: 24,
  longMm: 120,
  one: 'Sheet',
  many: 'Sheets, to cut',
  words: ['cut sheet', 'scale sheet', 'octopus', 'legs', 'rubber sheet', 'foil'],
  source: 'Typical: a sheet cut into 24 legs three millimeters wide.',
  sizes: [size('5', { metric: '120 mm', inch: '4 3/4 in' })],
  usual: '5',
  pack: 1,
};

export const collar: PartKind = partKind({
  group: 'Skirts and hair',
  id: 'collar',
  as: 'collar',
  one: 'Skirt collar',
  many: 'Skirt collars, bands',
  words: ['band', 'o-ring', 'rubber collar', 'skirt band', 'tubing'],
  source: 'Typical: the bore of common rubber collars.',
  sizes: [
    size('Small', { sizes: { holeMm: 2.4, diameterMm: 5, lengthMm: 4 }, massG: 0.06 }),
    size('Middle', { sizes: { holeMm: 3.2, diameterMm: 6.4, lengthMm: 5 }, massG: 0.12 }),
    size('Large', { sizes: { holeMm: 4.8, diameterMm: 8, lengthMm: 6 }, massG: 0.2 }),
  ],
  usual: 'Middle',
  pack: 100,
});

/** Skirts that are bought ready, by how long they are: what one weighs goes with its length. */
function readySkirts(
  lengths: readonly (readonly [inches: string, lengthMm: number])[],
  { fibers, gramsPerMm }: { readonly fibers: number; readonly gramsPerMm: number },
): TypicalSize[] {
  return lengths.map(([key, lengthMm]) =>
    size(key, {
      sizes: { lengthMm, holeMm: 3, fibers },
      massG: round(lengthMm * gramsPerMm, 2),
      ...byLength(lengthMm, key),
    }),
  );
}

export const readySkirt: PartKind = partKind({
  id: 'ready-skirt',
  as: 'skirt',
  group: 'Skirts and hair',
  one: 'Ready skirt',
  many: 'Ready skirts, banded',
  words: [
    'banded skirt',
    'bought skirt',
    'pre-made skirt',
    'jig skirt',
    'replacement skirt',
    'umbrella skirt',
  ],
  source: 'Typical: some fifty strands in a band that slips over a collar of 5 mm. Weigh ten.',
  sizes: readySkirts(
    [
      ['2', 50],
      ['2 1/2', 64],
      ['3', 76],
    ],
    { fibers: 50, gramsPerMm: 0.023 },
  ),
  usual: '2 1/2',
  pack: 5,
});

export const bulbSkirt: PartKind = partKind({
  id: 'bulb-skirt',
  as: 'skirt',
  group: 'Skirts and hair',
  one: 'Bulb skirt',
  many: 'Bulb skirts, with a hollow head',
  words: ['squid skirt', 'octopus skirt', 'trolling skirt', 'hollow skirt', 'hair lure'],
  source: 'Typical: a soft hollow head drawn out into legs. Measure yours.',
  sizes: readySkirts(
    [
      ['1 1/2', 38],
      ['2 1/2', 64],
      ['3 1/2', 90],
      ['4 3/4', 120],
    ],
    { fibers: 16, gramsPerMm: 0.03 },
  ),
  usual: '2 1/2',
  pack: 10,
});
