import type { BuildRecord } from '@/records/build';
import { skirtId } from './skirts';
import type { DemoTools } from './tools';

interface Plan extends Partial<
  Pick<BuildRecord, 'skirtId' | 'armMm' | 'end' | 'pattern' | 'seenMs' | 'head' | 'note'>
> {
  readonly id: string;
  readonly name: string;
  readonly kind: BuildRecord['kind'];
  readonly frame?: string;
  /** From eye to end: a part, or a part and the blade on it. */
  readonly arm?: readonly (string | readonly [string, string])[];
  readonly slots?: Readonly<Record<string, string>>;
  readonly worth: number;
  readonly daysAgo: number;
}

const part = (sort: string, nth: number) => `part-${sort.replace(/\s/g, '-')}-${nth}`;
const BEAD = part('beads', 2);

const head = (style: string, nominalG: number, hook: string | null, coat: string | null) => ({
  style,
  nominalG,
  hookBinId: hook,
  coatId: coat,
});

const PLANS: readonly Plan[] = [
  {
    id: 'quay-tandem',
    name: 'Quay tandem',
    kind: 'spinnerbait',
    frame: 'part-wired-14-long',
    head: head('bullet', 14, null, 'coat-pale-zander'),
    arm: [[part('clevises', 1), part('drop-blades', 1)], BEAD, BEAD, BEAD, 'part-spacer-14'],
    end: { binId: part('swivels', 7), bladeBinId: part('leaf-blades', 4) },
    skirtId: skirtId('roach', 1),
    slots: { 'trailer-hook': part('rig-hooks', 5), keeper: 'part-keeper-disc' },
    seenMs: 0.9,
    worth: 9,
    daysAgo: 38,
  },
  {
    id: 'lock-thumper',
    name: 'Lock thumper',
    kind: 'spinnerbait',
    frame: 'part-wired-14-short',
    head: head('round', 14, null, null),
    arm: [BEAD],
    end: { binId: part('swivels', 7), bladeBinId: part('round-blades', 4) },
    skirtId: skirtId('night-eel', 1),
    worth: 8,
    daysAgo: 31,
  },
  {
    id: 'dawn-buzzer',
    name: 'Dawn buzzer',
    kind: 'buzzbait',
    frame: 'part-buzz-14',
    head: head('bullet', 14, null, 'coat-straw'),
    arm: [part('beads', 3), 'part-wing-small', 'part-rivet'],
    skirtId: skirtId('reed-perch', 3),
    worth: 9,
    daysAgo: 27,
  },
  {
    id: 'weir-shaker',
    name: 'Weir shaker',
    kind: 'bladed-jig',
    head: head('round', 14, 'hook-3-0', null),
    skirtId: skirtId('reed-perch', 3),
    slots: { plate: 'part-plate-large', snap: part('snaps', 2), trailer: part('trailers', 3) },
    pattern: {
      lengthMm: 31.2,
      widthMm: 22,
      holes: [
        { is: 'punched', alongMm: 27.5, asideMm: 0, diameterMm: 2 },
        { is: 'line', alongMm: 4, asideMm: 0, diameterMm: 2.4 },
        { is: 'swing', alongMm: 11.5, asideMm: 0, diameterMm: 2.4 },
      ],
    },
    worth: 10,
    daysAgo: 22,
  },
  {
    id: 'slip-crawler',
    name: 'Slip crawler',
    kind: 'dressed-jig',
    head: head('football', 14, 'hook-4-0', 'coat-silt-flounder'),
    skirtId: skirtId('night-eel', 1),
    slots: { guard: part('weed-guards', 2), rattle: part('rattles', 2), trailer: part('trailers', 2) },
    worth: 6,
    daysAgo: 20,
  },
  {
    id: 'canal-swimmer',
    name: 'Canal swimmer',
    kind: 'swim-jig',
    head: head('bullet', 10, 'hook-3-0', 'coat-straw'),
    skirtId: skirtId('roach', 1),
    slots: { guard: part('weed-guards', 3), trailer: part('trailers', 6) },
    worth: 6,
    daysAgo: 18,
  },
  {
    id: 'winter-stinger',
    name: 'Winter stinger',
    kind: 'stinger-grub',
    head: head('round', 10, 'hook-2-0', 'coat-pale-zander'),
    slots: {
      trailer: part('trailers', 9),
      stinger: part('rig-hooks', 9),
      cord: 'part-braid-strap',
      stop: part('beads', 1),
    },
    worth: 5,
    daysAgo: 15,
  },
  {
    id: 'rope-walker',
    name: 'Rope walker',
    kind: 'strap-jig',
    head: head('walking', 21, null, null),
    skirtId: skirtId('reed-perch', 3),
    slots: { strap: 'part-wire-strap', hook: part('rig-hooks', 6), ring: part('split-rings', 2) },
    worth: 4,
    daysAgo: 12,
  },
  {
    id: 'ebb-spinner',
    name: 'Ebb spinner',
    kind: 'in-line',
    frame: part('wire-frames', 4),
    arm: [[part('clevises', 2), part('round-blades', 2)], part('beads', 3), 'part-body-8', part('beads', 2)],
    slots: { hook: part('rig-hooks', 9) },
    worth: 4,
    daysAgo: 9,
  },
  {
    id: 'pearl-underspin',
    name: 'Pearl underspin',
    kind: 'underspin',
    frame: 'part-under-7',
    head: head('round', 7, null, 'coat-pale-zander'),
    end: { binId: part('swivels', 2), bladeBinId: part('drop-blades', 1) },
    slots: { trailer: part('trailers', 12) },
    worth: 5,
    daysAgo: 6,
  },
];

/** The id of the first version of a build. */
export function buildId(family: string): string {
  return `build-${family}-1`;
}

/** Builds of the made-up bench, one or more of each kind. */
export function demoBuilds(tools: DemoTools): BuildRecord[] {
  return PLANS.map((plan): BuildRecord => ({
    id: buildId(plan.id),
    family: `build-${plan.id}`,
    version: 1,
    name: plan.name,
    kind: plan.kind,
    head: plan.head ?? null,
    skirtId: plan.skirtId ?? null,
    frameBinId: plan.frame ?? null,
    armMm: plan.armMm ?? null,
    arm: (plan.arm ?? []).map((each, index) => {
      const [binId, bladeBinId] = typeof each === 'string' ? [each, null] : each;
      return { id: `${plan.id}-${index + 1}`, binId, bladeBinId };
    }),
    end: plan.end ?? { binId: null, bladeBinId: null },
    slots: Object.entries(plan.slots ?? {}).map(([slot, binId]) => ({ slot, binId })),
    minFreeMm: 3,
    pattern: plan.pattern ?? null,
    seenMs: plan.seenMs ?? null,
    worth: plan.worth,
    createdAt: tools.at(-plan.daysAgo, 20),
    retired: false,
    note: plan.note ?? '',
  }));
}
