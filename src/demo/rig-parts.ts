import type { SizeId } from '@/core/parts/part-roles';
import type { PartBin } from '@/records/bin';
import type { Entry } from '@/records/entry';
import type { Gauge } from '@/records/gauge';
import { PLAIN_PART } from '@/records/plain-part';
import { PLAIN_BIN } from '@/records/plain-bin';
import { gaugeOf } from './gauges';
import type { DemoTools } from './tools';

type Plan = readonly [
  id: string,
  sort: string,
  name: string,
  place: string,
  gauge: Gauge,
  massG: number | null,
  costEach: number,
];

const hook = (lengthMm: number, gapeMm: number, wireMm: number): Gauge =>
  gaugeOf('hook', {
    lengthMm,
    gapeMm,
    wireMm,
    eyeMm: Math.round(wireMm * 16) / 10,
    breakKgf: Math.round(24 * wireMm ** 2),
  });
const line = (diameterMm: number, breakKgf: number, form: NonNullable<Gauge['line']>): Gauge =>
  gaugeOf('line', { diameterMm, breakKgf }, { line: form });
const part = (as: Gauge['as'], sizes: Partial<Record<SizeId, number>>) => gaugeOf(as, sizes);

const PLANS: readonly Plan[] = [
  ['assist-1-0', 'assist hooks', 'Assist hook 1/0', 'Rig drawer', hook(27, 13.4, 1.3), 0.7, 0.35],
  ['assist-3-0', 'assist hooks', 'Assist hook 3/0', 'Rig drawer', hook(33, 16.2, 1.5), 1.1, 0.4],
  ['assist-5-0', 'assist hooks', 'Assist hook 5/0', 'Rig drawer', hook(40, 20.5, 1.7), 1.7, 0.45],
  ['shot-4', 'shot', 'Shot, 4 mm', 'Shot tin', part('shot', { diameterMm: 4 }), 0.37, 0.01],
  ['shot-5', 'shot', 'Shot, 5 mm', 'Shot tin', part('shot', { diameterMm: 5 }), 0.73, 0.02],
  ['shot-6', 'shot', 'Shot, 6 mm', 'Shot tin', part('shot', { diameterMm: 6 }), 1.26, 0.03],
  [
    'feeder-cap',
    'feeder bodies',
    'Feeder cap 28 mm',
    'Feeder box',
    part('feeder', { lengthMm: 32, diameterMm: 28, holeMm: 1.6, holdsCm3: 14 }),
    4.2,
    0.5,
  ],
  [
    'feeder-cage',
    'feeder bodies',
    'Feeder cage 24 mm',
    'Feeder box',
    part('feeder', { lengthMm: 40, diameterMm: 24, holeMm: 1.6, holdsCm3: 16 }),
    6.1,
    0.7,
  ],
  [
    'method-base',
    'feeder bodies',
    'Method base 40 mm',
    'Feeder box',
    part('feeder', { lengthMm: 40, diameterMm: 34, holeMm: 2, holdsCm3: 22 }),
    5.4,
    0.8,
  ],
  [
    'three-way-8',
    'three-way swivels',
    'Three-way swivel small',
    'Tin 3',
    part('junction', { lengthMm: 9, breakKgf: 16 }),
    0.5,
    0.25,
  ],
  [
    'three-way-11',
    'three-way swivels',
    'Three-way swivel large',
    'Tin 3',
    part('junction', { lengthMm: 12, breakKgf: 32 }),
    0.9,
    0.3,
  ],
  ['stop-hair', 'stops', 'Hair stop 6 mm', 'Tin 9', part('stop', { lengthMm: 6 }), 0.02, 0.03],
  ['stop-line', 'stops', 'Line stop, rubber 4 mm', 'Tin 9', part('stop', { lengthMm: 4 }), 0.03, 0.03],
  [
    'sinker-15',
    'sinkers',
    'Sinker, drilled 15 g',
    'Sinker box',
    part('weight', { lengthMm: 16, diameterMm: 12, holeMm: 2 }),
    15,
    0.3,
  ],
  [
    'sinker-30',
    'sinkers',
    'Sinker, drilled 30 g',
    'Sinker box',
    part('weight', { lengthMm: 20, diameterMm: 15, holeMm: 2.2 }),
    30,
    0.45,
  ],
  ['plug-90', 'old lures', 'Old plug 90 mm', 'Repair box', part('lure', { lengthMm: 90, bodyMm: 18 }), 16, 0],
];

/** By length: rolls, sticks and offcuts, mm. */
const LENGTHS: readonly (readonly [...Plan, lengthsMm: readonly number[]])[] = [
  [
    'leader-25',
    'line and cord',
    'Leader 0.25 mm',
    'Spool rack',
    line(0.25, 4.2, 'strand'),
    null,
    0.0006,
    [48_000],
  ],
  [
    'bumper-80',
    'line and cord',
    'Bumper line 0.80 mm',
    'Spool rack',
    line(0.8, 30, 'strand'),
    null,
    0.002,
    [22_000],
  ],
  [
    'hair-braid',
    'line and cord',
    'Hair braid 0.20 mm',
    'Spool rack',
    line(0.2, 9, 'cord'),
    null,
    0.001,
    [15_000],
  ],
  ['cable-27', 'line and cord', 'Cable 27 kg', 'Spool rack', line(0.6, 27, 'cable'), null, 0.0025, [9100]],
  [
    'hollow-4',
    'line and cord',
    'Hollow cord 4.5 mm',
    'Spool rack',
    line(4.5, 25, 'hollow'),
    null,
    0.0015,
    [5000, 1360],
  ],
  [
    'hollow-6',
    'line and cord',
    'Hollow cord 6.5 mm',
    'Spool rack',
    line(6.5, 30, 'hollow'),
    null,
    0.0018,
    [5000],
  ],
  [
    'tube-6',
    'shrink tube',
    'Shrink tube 6.4 mm',
    'Rig drawer',
    part('tube', { holeMm: 6.4, shrinkRatio: 3 }),
    null,
    0.002,
    [1000, 1000],
  ],
];

/** What of the older bins kept by length lies there. */
const OLDER: readonly (readonly [binId: string, lengthsMm: readonly number[]])[] = [
  ['part-line-and-cord-1', [46_200]],
  ['part-line-and-cord-2', [25_000, 8400]],
  ['part-line-and-cord-3', [10_000, 740]],
  ['part-line-and-cord-4', [10_000, 3150, 465]],
  ['part-line-and-cord-5', [5000, 620]],
  ['part-line-and-cord-6', [30_000]],
  ['part-shrink-tube-1', [1000, 1000, 1000]],
  ['part-shrink-tube-2', [1000, 1000, 430]],
  ['part-shrink-tube-3', [1000, 1000, 1000, 285]],
  ['part-shrink-tube-4', [1000, 1000, 1000, 640]],
];

/** How many of each bin there are at least, and at most. */
const [LEAST, MOST] = [30, 90];

/** Parts that rigs take: hooks, shot, feeder bodies, sinkers, and everything kept by its length. */
export function demoRigParts(tools: DemoTools): { bin: PartBin; qty: number }[] {
  return [
    ...PLANS.map((plan) => ({ bin: binOf(plan, 'pieces'), qty: tools.whole(LEAST, MOST) })),
    ...LENGTHS.map(([id, sort, name, place, gauge, massG, costEach]) => ({
      bin: binOf([id, sort, name, place, gauge, massG, costEach], 'mm'),
      qty: 0,
    })),
  ];
}

/** Receipts of rolls and sticks, each told apart; an offcut came in longer and was cut since. */
export function demoLengths(at: number, cutAt: number): Omit<Entry, 'id'>[] {
  const all = [...OLDER, ...LENGTHS.map(([id, , , , , , , lengthsMm]) => [`part-${id}`, lengthsMm] as const)];
  return all.flatMap(([binId, lengthsMm]) =>
    lengthsMm.flatMap((mm, nth) => {
      const entry = (kind: Entry['kind'], qty: number, when: number, note: string): Omit<Entry, 'id'> => ({
        at: when,
        binId,
        kind,
        qty,
        note,
        lengthId: `${binId}-${nth + 1}`.slice(5),
        ticketId: null,
        lineId: null,
        runId: null,
        pieceShare: null,
        unitCost: null,
        reverses: null,
      });
      const whole = mm % 1000 === 0 ? mm : Math.ceil(mm / 1000) * 1000;
      return [
        entry('received', whole, at, 'Quayside parts'),
        ...(whole > mm ? [entry('taken', mm - whole, cutAt, 'cut by hand')] : []),
      ];
    }),
  );
}

function binOf([id, sort, name, place, gauge, massG, costEach]: Plan, unit: 'pieces' | 'mm'): PartBin {
  return {
    ...PLAIN_PART,
    id: `part-${id}`,
    kind: 'part',
    unit,
    name,
    place,
    retired: false,
    ...PLAIN_BIN,
    note: '',
    sort,
    gauge,
    massG,
    costEach,
    lowAt: unit === 'mm' ? 1e3 : 10,
  };
}
