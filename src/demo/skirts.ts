import type { Skirt, SkirtLayerRecord } from '@/records/skirt';
import { PLAIN_NOTE, type WaterNote } from '@/records/water-note';
import { tabId } from './strands';
import type { DemoTools } from './tools';

type Where = 'round' | 'top' | 'below' | 'left' | 'right';
/** Color, tabs, place, length; cut short at the collar; tied back. */
type TabLayer = readonly [
  color: string,
  tabs: number,
  at: Where,
  lengthMm?: number,
  how?: { readonly isShort?: boolean; readonly isBack?: boolean; readonly isFine?: boolean },
];

interface Plan {
  readonly family: string;
  readonly version: number;
  readonly name: string;
  readonly prey: string;
  readonly layers: readonly TabLayer[];
  readonly hold?: Skirt['hold'];
  readonly counts?: Skirt['counts'];
  readonly collar?: number;
  readonly shownOn: Partial<Skirt['shownOn']>;
  readonly daysAgo: number;
  readonly note?: string;
}

const LONG = 62;
const SHORT = 12;

const PLANS: readonly Plan[] = [
  {
    family: 'reed-perch',
    version: 1,
    name: 'Reed perch',
    prey: 'young perch, in weed',
    layers: [
      ['reed green', 1, 'round'],
      ['silt brown', 1, 'top'],
    ],
    collar: 4,
    shownOn: { style: 'football', nominalG: 14, hookBinId: 'hook-3-0', coatId: 'coat-reed-shiner' },
    daysAgo: 70,
    note: 'Too dark below.',
  },
  {
    family: 'reed-perch',
    version: 2,
    name: 'Reed perch',
    prey: 'young perch, in weed',
    layers: [
      ['reed green', 1, 'round'],
      ['silt brown', 0.5, 'top'],
      ['pale belly', 0.5, 'below'],
    ],
    collar: 4,
    shownOn: { style: 'football', nominalG: 14, hookBinId: 'hook-3-0', coatId: 'coat-reed-shiner' },
    daysAgo: 52,
    note: 'Wants a spark on the drop.',
  },
  {
    family: 'reed-perch',
    version: 3,
    name: 'Reed perch',
    prey: 'young perch, in weed',
    layers: [
      ['reed green', 1, 'round'],
      ['silt brown', 0.5, 'top'],
      ['pale belly', 0.5, 'below'],
      ['ember fleck', 0.25, 'round', SHORT, { isShort: true }],
    ],
    collar: 4,
    shownOn: {
      style: 'football',
      nominalG: 14,
      hookBinId: 'hook-3-0',
      coatId: 'coat-reed-shiner',
      guardBinId: 'part-weed-guards-1',
    },
    daysAgo: 30,
  },
  {
    family: 'night-eel',
    version: 1,
    name: 'Night eel',
    prey: 'eel, after dark',
    layers: [
      ['night eel', 2, 'round', 70],
      ['mussel blue', 0.5, 'top', 70],
      ['dusk', 0.25, 'below', 70],
    ],
    collar: 6,
    shownOn: { style: 'round', nominalG: 14, hookBinId: 'hook-3-0', coatId: 'coat-night-eel' },
    daysAgo: 47,
  },
  {
    family: 'silt-crab',
    version: 1,
    name: 'Silt crab',
    prey: 'shore crab',
    layers: [
      ['silt brown', 1.5, 'round', 46],
      ['rust spark', 0.5, 'top', 46],
      ['ember fleck', 0.25, 'left', SHORT, { isShort: true }],
      ['ember fleck', 0.25, 'right', SHORT, { isShort: true }],
    ],
    hold: 'thread-hitches',
    counts: { 'base-wraps': 8, 'spread-wraps': 1, 'tight-wraps': 12, hitches: 2 },
    collar: 9,
    shownOn: {
      style: 'football',
      nominalG: 18,
      hookBinId: 'hook-4-0',
      coatId: 'coat-ember-perch',
      rattleBinId: 'part-rattles-2',
    },
    daysAgo: 40,
  },
  {
    family: 'roach',
    version: 1,
    name: 'Pale roach',
    prey: 'roach, small',
    layers: [
      ['frost', 1, 'round', LONG, { isFine: true }],
      ['slack water', 0.5, 'top', LONG, { isFine: true }],
      ['pale belly', 0.5, 'below', LONG, { isFine: true }],
    ],
    collar: 3,
    shownOn: { style: 'dart', nominalG: 10, hookBinId: 'hook-2-0', coatId: 'coat-pale-zander' },
    daysAgo: 33,
    note: 'Fine tabs: more movement in still water.',
  },
  {
    family: 'kelp-goby',
    version: 1,
    name: 'Kelp goby',
    prey: 'goby',
    layers: [
      ['kelp', 1.5, 'round', 52],
      ['straw', 0.5, 'below', 52],
      ['reed green', 0.5, 'top', 52, { isBack: true }],
    ],
    collar: 11,
    shownOn: {
      style: 'round',
      nominalG: 10,
      hookBinId: 'hook-2-0',
      coatId: 'coat-silt-flounder',
      trailerBinId: 'part-trailers-8',
    },
    daysAgo: 20,
  },
  {
    family: 'ember-shrimp',
    version: 1,
    name: 'Ember shrimp',
    prey: 'shrimp',
    layers: [
      ['straw', 1, 'round', 50],
      ['ember fleck', 1, 'round', 50],
      ['pale belly', 0.5, 'below', 50],
    ],
    hold: 'wire',
    counts: { 'wire-turns': 4 },
    collar: 4,
    shownOn: { style: 'bullet', nominalG: 10, hookBinId: 'hook-2-0', coatId: 'coat-straw' },
    daysAgo: 12,
  },
];

/** The id of a version of a recipe. */
export function skirtId(family: string, version: number): string {
  return `skirt-${family}-${version}`;
}

/** Recipes of skirts of the made-up bench, every version, and one of hair. */
export function demoSkirts(tools: DemoTools): Skirt[] {
  const tabs = PLANS.map((plan): Skirt => {
    const { family, version, name, prey, hold, counts, collar, shownOn, daysAgo, note } = plan;
    return {
      id: skirtId(family, version),
      family,
      version,
      name,
      prey,
      layers: plan.layers.map(([color, amount, at, lengthMm, how], index): SkirtLayerRecord => ({
        id: `${skirtId(family, version)}-${index + 1}`,
        binId: tabId(color, how?.isFine),
        amount: { by: 'tabs', tabs: amount },
        place: { at },
        lengthMm: lengthMm ?? LONG,
        isShort: how?.isShort ?? false,
        isForward: !(how?.isBack ?? false),
      })),
      hold: hold ?? 'collar-tool',
      counts: counts ?? {},
      collar: {
        binId: hold ? null : `part-collars-${collar ?? 1}`,
        diameterMm: 6,
        atShare: 0.33,
        headSideMm: 7,
      },
      wrap: null,
      tails: [],
      shownOn: { ...ON_NOTHING, ...shownOn },
      createdAt: tools.at(-daysAgo, 20),
      retired: false,
      note: note ?? '',
    };
  });
  return [...tabs, hairLure(tools)];
}

const ON_NOTHING = {
  style: 'round',
  nominalG: 10,
  hookBinId: null,
  coatId: null,
  guardBinId: null,
  rattleBinId: null,
  trailerBinId: null,
};

function hairLure(tools: DemoTools): Skirt {
  const id = skirtId('winter-hair', 1);
  return {
    id,
    family: 'winter-hair',
    version: 1,
    name: 'Winter hair',
    prey: 'bleak, in cold water',
    layers: (
      [
        ['hair-straw', 'top', 2.6],
        ['hair-white', 'below', 3],
      ] as const
    ).map(([binId, at, diameterMm], index) => ({
      id: `${id}-${index + 1}`,
      binId,
      amount: { by: 'bundle', diameterMm },
      place: { at },
      lengthMm: 55,
      isShort: false,
      isForward: false,
    })),
    hold: 'two-bunches',
    counts: { 'base-wraps': 8, 'tight-wraps': 12, hitches: 3 },
    collar: { binId: null, diameterMm: 5, atShare: 0.1, headSideMm: 0 },
    wrap: null,
    tails: [],
    shownOn: { ...ON_NOTHING, nominalG: 7, hookBinId: 'hook-1-0', coatId: 'coat-pale-zander' },
    createdAt: tools.at(-16, 20),
    retired: false,
    note: '',
  };
}

/** Notes from the water of them so far. */
export function demoWaterNotes(tools: DemoTools): WaterNote[] {
  const notes: readonly (readonly [
    skirt: string,
    daysAgo: number,
    place: string,
    hours: number,
    fish: number,
    lost: number,
    note: string,
  ])[] = [
    [skirtId('reed-perch', 1), 63, 'Lock wall', 3, 1, 1, 'Seen, followed, not taken.'],
    [skirtId('reed-perch', 2), 44, 'Lock wall', 4, 5, 0, ''],
    [skirtId('reed-perch', 3), 24, 'Weir pool', 3.5, 6, 2, 'Took on the drop.'],
    [skirtId('reed-perch', 3), 9, 'Lock wall', 2, 2, 0, ''],
    [skirtId('night-eel', 1), 40, 'Quay steps', 2.5, 3, 0, 'Zander, after dark.'],
    [skirtId('silt-crab', 1), 26, 'Slip, outer end', 3, 2, 3, 'Rocks: too heavy.'],
    [skirtId('roach', 1), 18, 'Canal basin', 5, 4, 0, ''],
    [skirtId('kelp-goby', 1), 8, 'Quay steps', 1.5, 0, 1, ''],
  ];
  return notes.map(([skirt, daysAgo, place, hours, fish, lost, note], index) => ({
    id: `water-note-${index + 1}`,
    at: tools.at(-daysAgo, 19),
    ...PLAIN_NOTE,
    of: { kind: 'skirt', id: skirt },
    place,
    hours,
    fish,
    lost,
    note,
  }));
}
