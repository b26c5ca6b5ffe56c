import { frameMass } from '@/core/tickets/marked-weight';
import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { embeddedTotals } from '@/core/cavities/embedded-totals';
import { STEEL_GCM3 } from '@/core/cavities/steel-density';
import { findStyle } from '@/core/cavities/styles';
import { embeddedIn } from '@/core/tickets/cast-from-cavity';
import type { HookBin, MetalBin } from '@/records/bin';
import type { Cavity, Insert, Mold, Spin } from '@/records/mold';
import type { DemoTools } from './tools';

/** Weight marked, hook sizes taken. */
type CavityPlan = readonly [marked: number, ...hooks: string[]];

interface BlockPlan {
  readonly name: string;
  readonly style: string;
  readonly place: string;
  readonly note: string;
  readonly kind?: Mold['kind'];
  /** A wire that stays in each casting. */
  readonly frame?: Insert;
  readonly seconds: number;
  readonly setup: number;
  readonly sprueG: number;
  readonly pinCm3?: number;
  /** First pours that go back. */
  readonly warmUps?: number;
  readonly spin?: Spin;
  readonly cavities: readonly CavityPlan[];
}

const BLOCKS: readonly BlockPlan[] = [
  {
    name: 'Block A',
    style: 'round',
    place: 'Drawer 1',
    note: 'Perch sizes. Runs hot.',
    seconds: 32,
    setup: 480,
    sprueG: 3.2,
    cavities: [
      [2, '#8', '#6'],
      [3, '#6', '#4'],
      [4, '#4', '#2'],
      [5, '#2', '#1'],
      [7, '#1', '1/0'],
    ],
  },
  {
    name: 'Block B',
    style: 'round',
    place: 'Drawer 1',
    note: 'Three of one weight for long runs.',
    seconds: 36,
    setup: 540,
    sprueG: 4.1,
    cavities: [
      [5, '#1', '1/0'],
      [5, '#1', '1/0'],
      [7, '1/0', '2/0'],
      [7, '1/0', '2/0'],
    ],
  },
  {
    name: 'Block C',
    style: 'round',
    place: 'Drawer 3',
    note: 'Round heads with keeper, one of each.',
    seconds: 38,
    setup: 600,
    sprueG: 5,
    cavities: [
      [4, '#1', '#2'],
      [7, '1/0'],
      [10, '2/0', '1/0'],
      [14, '3/0', '2/0'],
      [21, '4/0'],
    ],
  },
  {
    name: 'Block D',
    style: 'football',
    place: 'Drawer 3',
    note: 'For the weir pool.',
    seconds: 41,
    setup: 600,
    sprueG: 5.5,
    cavities: [
      [7, '1/0', '2/0'],
      [10, '2/0', '3/0'],
      [14, '3/0', '4/0'],
      [18, '4/0'],
    ],
  },
  {
    name: 'Block E',
    style: 'dart',
    place: 'Drawer 2',
    note: 'Thin noses: keep the pot up.',
    seconds: 35,
    setup: 600,
    sprueG: 3.6,
    cavities: [
      [3, '#4', '#2'],
      [5, '#1', '#2'],
      [7, '1/0', '#1'],
      [10, '2/0', '1/0'],
    ],
  },
  {
    name: 'Block F',
    style: 'round',
    place: 'Drawer 4',
    note: 'The zander block.',
    seconds: 45,
    setup: 720,
    sprueG: 7.5,
    cavities: [
      [10, '2/0', '3/0'],
      [10, '2/0', '3/0'],
      [14, '3/0', '4/0'],
      [14, '3/0', '4/0'],
    ],
  },
  {
    name: 'Block G',
    style: 'bullet',
    place: 'Drawer 2',
    note: '',
    seconds: 38,
    setup: 600,
    sprueG: 4.4,
    cavities: [
      [5, '#1', '1/0'],
      [7, '1/0', '2/0'],
      [10, '2/0', '3/0'],
      [12, '3/0'],
    ],
  },
  {
    name: 'Block H',
    style: 'football',
    place: 'Drawer 4',
    note: 'Slow to freeze.',
    seconds: 56,
    setup: 780,
    sprueG: 8,
    cavities: [
      [21, '4/0', '5/0'],
      [28, '5/0'],
    ],
  },
  {
    name: 'Block J',
    style: 'egg',
    place: 'Drawer 5',
    note: 'Pin through, 2.4 mm.',
    seconds: 48,
    setup: 540,
    sprueG: 6.5,
    pinCm3: 0.09,
    cavities: [[10], [15], [20], [30]],
  },
  {
    name: 'Block K',
    style: 'pear',
    place: 'Drawer 5',
    note: 'Shore weights, drilled in beech.',
    kind: 'board',
    seconds: 62,
    setup: 660,
    sprueG: 10,
    pinCm3: 0.06,
    cavities: [[40], [60], [80]],
  },
  {
    name: 'Disc 1',
    style: 'egg',
    place: 'Disc rack',
    note: 'Noses to the hub.',
    kind: 'spun',
    spin: {
      clampBar: 3,
      rpm: 420,
      holdSeconds: 5,
      spinSeconds: 25,
      coolSeconds: 40,
      mark: 'arrow to notch',
      reachMm: 96,
      poolMm: 28,
      pistonMm: 80,
    },
    seconds: 95,
    setup: 900,
    sprueG: 38,
    pinCm3: 0.05,
    cavities: [[8], [8], [8], [10], [10], [10], [15], [15]],
  },
  {
    name: 'Block M',
    style: 'round',
    place: 'Drawer 4',
    note: 'Pike heads on wire frames.',
    kind: 'frame',
    frame: {
      name: 'Wire frame, long',
      count: 1,
      massG: 2.6,
      volumeCm3: 2.6 / STEEL_GCM3,
      embeddedShare: 0.2,
      removed: false,
    },
    seconds: 66,
    setup: 780,
    sprueG: 9,
    cavities: [
      [28, '5/0', '4/0'],
      [42, '6/0', '5/0'],
    ],
  },
];

/** What a second hook size does in a cavity cut for the first. */
const LESSER_HOOK = 'goes in, sits a little off';

const idOf = (plan: BlockPlan) => plan.name.toLowerCase().replace(' ', '-');

const OFF_BY_BLOCK: Record<string, number> = {
  'Block C': -0.03,
  'Block F': 0.01,
  'Block H': -0.045,
  'Block E': 0.02,
};

/** The molds of the made-up bench. Cavities are a little off their marks, as real ones are. */
export function demoMolds(tools: DemoTools, metals: readonly MetalBin[], hooks: readonly HookBin[]): Mold[] {
  const house = metals.find((metal) => metal.id === 'lot-14');
  if (!house) throw new Error('demoMolds requires the house metal, lot-14');
  const gramsPerCm3 = castGramsPerCm3(house);
  return BLOCKS.map((plan): Mold => {
    const off = OFF_BY_BLOCK[plan.name] ?? 0;
    const cavities = plan.cavities.map(([marked, ...hookSizes], index): Cavity => {
      const hook = hooks.find((each) => each.size === hookSizes[0]);
      const hookShare = findStyle(plan.style)?.hookShare ?? 0;
      const pin: Insert[] = plan.pinCm3
        ? [{ name: 'Pin', count: 1, massG: 0, volumeCm3: plan.pinCm3, embeddedShare: 1, removed: true }]
        : [];
      const inserts = [...pin, ...(plan.frame ? [plan.frame] : [])];
      const { displacedCm3, staysG } = embeddedTotals(embeddedIn({ hookShare, inserts }, hook ?? null));
      const truly = marked * (1 + off + tools.between(-0.012, 0.012));
      const isWeighed = tools.happens(0.75) && !(plan.name === 'Block C' && index === 4);
      const volume = (truly - (staysG - frameMass({ inserts }))) / gramsPerCm3 + displacedCm3;
      return {
        id: `${idOf(plan)}-c${index + 1}`,
        style: plan.style,
        nominalG: marked,
        volumeCm3: Math.round(volume * 10_000) / 10_000,
        volumeBasis: isWeighed ? 'weighed' : 'guess',
        standardErrorCm3: null,
        weighedCount: 0,
        hookSizes,
        hookShare,
        hookNotes: Object.fromEntries(hookSizes.slice(1).map((size) => [size, LESSER_HOOK])),
        inserts,
        outline: null,
        spot: null,
      };
    });
    return {
      id: idOf(plan),
      name: plan.name,
      kind: plan.kind ?? 'bar',
      spin: plan.spin ?? null,
      place: plan.place,
      note: plan.note,
      secondsPerPour: plan.seconds,
      setupSeconds: plan.setup,
      spruePerPourG: plan.sprueG,
      copies: 1,
      maxPours: null,
      warmUpPours: plan.warmUps ?? 0,
      warmWork: null,
      cavities,
    };
  });
}
