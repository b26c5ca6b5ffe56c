import { cutsOfRig } from '@/core/rigs/cuts-of-rig';
import { beginRig, type RigWishes } from '@/core/rigs/begin-rig';
import type { RigKindId } from '@/core/rigs/kinds';
import type { RigPiece } from '@/core/rigs/rig';
import type { Bin, PartBin } from '@/records/bin';
import type { Entry } from '@/records/entry';
import { PLAIN_PART } from '@/records/plain-part';
import type { Allowance, Kit, Match, Pull, Rigging, RigRecord } from '@/records/rig';
import { rigPieceOf } from '@/records/rig-piece';
import { TYPICAL_MATCHES } from '@/reference/matches';
import { PLAIN_BIN } from '@/records/plain-bin';
import { demoPulls } from './pulls';
import type { DemoTools } from './tools';

interface Plan extends Pick<RigWishes, 'wants' | 'picks'> {
  readonly id: string;
  readonly name: string;
  readonly kind: RigKindId;
  /** Parts that must lie at a place, by bin. */
  readonly parts?: Readonly<Record<string, string>>;
  readonly note?: string;
  readonly daysAgo: number;
}

const treble = (nth: number) => `part-rig-hooks-${6 + nth}`;

const PLANS: readonly Plan[] = [
  {
    id: 'pike-trace',
    name: 'Pike set, 180 shad',
    kind: 'cable-set',
    daysAgo: 34,
    wants: { lureMm: 180, leadMm: 60, loadKgf: 14 },
    parts: { front: treble(4), rear: treble(3) },
  },
  {
    id: 'zander-single',
    name: 'Zander single',
    kind: 'cable-set',
    daysAgo: 29,
    wants: { lureMm: 110, leadMm: 48, loadKgf: 7 },
    picks: { rear: 'none' },
    parts: { front: treble(3) },
  },
  {
    id: 'pier-assist',
    name: 'Pier assist',
    kind: 'assist',
    daysAgo: 27,
    wants: { jigMm: 110, bodyMm: 16, hangPercent: 48, loadKgf: 18 },
    parts: { hook: 'part-assist-1-0' },
  },
  { id: 'rubble-30', name: 'Rubble cord 30', kind: 'shot-cord', daysAgo: 22, wants: { targetG: 30 } },
  {
    id: 'bream-cap',
    name: 'Bream cap',
    kind: 'feeder',
    daysAgo: 19,
    wants: { castG: 30, leaderMm: 120, hairMm: 18, loadKgf: 3 },
    parts: { body: 'part-feeder-cap', hook: 'part-rig-hooks-2' },
  },
  {
    id: 'bass-runner',
    name: 'Bass runner',
    kind: 'running-sinker',
    daysAgo: 16,
    wants: { sinkerG: 30, leaderMm: 700, loadKgf: 7 },
  },
  {
    id: 'flounder-two',
    name: 'Flounder two-up',
    kind: 'dropper',
    daysAgo: 12,
    wants: { droppers: 2, dropMm: 160, apartMm: 420, footMm: 300, loadKgf: 7 },
  },
  {
    id: 'quay-leader',
    name: 'Quay leader',
    kind: 'leader',
    daysAgo: 9,
    wants: { leaderMm: 900, bumperMm: 350, loadKgf: 7 },
  },
  {
    id: 'roach-stick',
    name: 'Roach float',
    kind: 'float-rig',
    daysAgo: 7,
    wants: { depthMm: 900, shots: 4, leaderMm: 300, loadKgf: 3 },
  },
  {
    id: 'perch-hair',
    name: 'Perch tuft',
    kind: 'hair-lure',
    daysAgo: 5,
    wants: { bundleMm: 5, hairMm: 50 },
    parts: { head: 'part-body-5' },
  },
  {
    id: 'eel-set',
    name: 'Night set, 150 eel',
    kind: 'cable-set',
    daysAgo: 2,
    wants: { lureMm: 150, leadMm: 60, loadKgf: 14 },
    picks: { rear: 'turned', reach: 'long' },
    parts: { front: 'part-rig-hooks-5', rear: 'part-rig-hooks-4' },
    note: 'Rear one turned over for short bites.',
  },
];

/** A record of what a made-up rig is, laid out as the page would. */
function recordOf(plan: Plan, shelf: readonly RigPiece[], tools: DemoTools): RigRecord {
  const chosen = Object.fromEntries(
    Object.entries(plan.parts ?? {}).map(([place, binId]) => {
      const piece = shelf.find((each) => each.binId === binId);
      if (!piece) throw new Error(`demoRigs requires ${binId}`);
      return [place, piece];
    }),
  );
  const { wants, picks, items } = beginRig(plan.kind, shelf, TYPICAL_MATCHES, {
    ...(plan.wants ? { wants: plan.wants } : {}),
    ...(plan.picks ? { picks: plan.picks } : {}),
    chosen,
  });
  const id = `rig-${plan.id}-1`;
  return {
    id,
    family: id,
    version: 1,
    name: plan.name,
    kind: plan.kind,
    note: plan.note ?? '',
    retired: false,
    wants: { ...wants },
    picks: { ...picks },
    createdAt: tools.at(-plan.daysAgo, 20),
    items: items.map(({ part, ends, ...item }) => ({
      ...item,
      binId: part.binId,
      ends: ends ? [ends[0], ends[1]] : null,
    })),
  };
}

export interface DemoRigs {
  readonly rigs: RigRecord[];
  readonly riggings: Rigging[];
  readonly allowances: Allowance[];
  readonly pulls: Pull[];
  readonly matches: Match[];
  readonly kits: Kit[];
  readonly bins: PartBin[];
  readonly entries: Omit<Entry, 'id'>[];
}

const MADE = [
  { rig: 'pike-trace', count: 6, failed: 1, daysAgo: 31, secondsEach: 310 },
  { rig: 'rubble-30', count: 10, failed: 0, daysAgo: 20, secondsEach: 85 },
  { rig: 'bass-runner', count: 8, failed: 0, daysAgo: 14, secondsEach: 140 },
] as const;

/** Rigs of the made-up bench, runs of them over the last weeks, and a kit that is out on the water. */
export function demoRigs(bins: readonly Bin[], tools: DemoTools): DemoRigs {
  const shelf = bins.flatMap((bin) => rigPieceOf(bin) ?? []);
  const rigs = PLANS.map((plan) => recordOf(plan, shelf, tools));
  const entries: Omit<Entry, 'id'>[] = [];
  const enter = (
    binId: string,
    kind: Entry['kind'],
    qty: number,
    at: number,
    note: string,
    lengthId: string | null = null,
  ) =>
    entries.push({
      binId,
      kind,
      qty,
      at,
      note,
      lengthId,
      ticketId: null,
      lineId: null,
      runId: null,
      pieceShare: null,
      unitCost: null,
      reverses: null,
    });
  const pieces = new Map(shelf.map((piece) => [piece.binId, piece]));
  const made = MADE.map(({ rig: name, count, failed, daysAgo, secondsEach }, index) => {
    const rig = rigs.find(({ id }) => id === `rig-${name}-1`);
    if (!rig) throw new Error(`demoRigs requires ${name}`);
    const [startedAt, endedAt] = [tools.at(-daysAgo, 19), tools.at(-daysAgo, 20)];
    const note = `rig run ${index + 1}`;
    const items = rig.items.flatMap((item) => {
      const piece = pieces.get(item.binId);
      return piece ? [{ ...item, part: piece }] : [];
    });
    const cuts = cutsOfRig({ ...rig, items }, () => null);
    const taken = tally(rig.items.filter(({ lengthMm }) => lengthMm === null)).map(({ binId, qty }) => ({
      binId,
      qty: qty * count,
    }));
    for (const { binId, qty } of taken) enter(binId, 'taken', -qty, startedAt, note);
    for (const { binId, cutMm } of cuts) {
      // Received on top, so that what lies there today is what stands in the list.
      const lengthId = `${binId}-1`.slice(5);
      enter(binId, 'received', cutMm * count, tools.at(-96, 10), 'Quayside parts', lengthId);
      enter(binId, 'taken', -cutMm * count, startedAt, note, lengthId);
    }
    const bin: PartBin = {
      ...PLAIN_PART,
      id: `rig-${rig.id}`,
      kind: 'part',
      unit: 'pieces',
      name: `${rig.name} 1`,
      place: 'Rig wallet',
      ...PLAIN_BIN,
      lowAt: null,
      retired: false,
      note: '',
      sort: 'rigs',
      rigId: rig.id,
    };
    enter(bin.id, 'rigged', count - failed, endedAt, note);
    const rigging: Rigging = {
      id: `rigging-${index + 1}`,
      no: index + 1,
      state: 'made',
      rigId: rig.id,
      count,
      way: 'by-station',
      taken,
      cut: [],
      cutDone: 0,
      putBack: [],
      card: { step: 0, piece: 0, counted: 0 },
      isThrough: true,
      passed: count - failed,
      failed: failed > 0 ? [{ reason: 'crimp slipped', count: failed }] : [],
      startedAt,
      inHand: null,
      seconds: count * secondsEach,
      endedAt,
    };
    return { bin, rigging };
  });
  const wallet = made.map(({ bin }) => ({ binId: bin.id, qty: 2, back: null }));
  const kit: Kit = {
    id: 'kit-1',
    no: 1,
    name: 'Pier, two tides',
    state: 'packed',
    note: '',
    backAt: null,
    lines: wallet,
    packedAt: tools.at(-1, 21),
  };
  for (const { binId, qty } of wallet) enter(binId, 'taken', -qty, kit.packedAt, 'trip kit 1');
  return {
    rigs,
    riggings: made.map(({ rigging }) => rigging),
    bins: made.map(({ bin }) => bin),
    entries,
    kits: [kit],
    allowances: [
      {
        id: 'snell-part-line-and-cord-1',
        end: 'snell',
        binId: 'part-line-and-cord-1',
        mm: 58,
        cutMm: 860,
        madeMm: 700,
        at: tools.at(-17, 20),
      },
    ],
    pulls: demoPulls(tools),
    matches: [
      {
        id: 'crimp-by-cable-0.29-0.38',
        table: 'crimp-by-cable',
        from: 0.29,
        to: 0.38,
        takes: 1,
        at: tools.at(-30, 19),
        note: '0.8 would not take the tag back.',
      },
    ],
  };
}

function tally(items: readonly { readonly binId: string; readonly count: number }[]) {
  const counts = new Map<string, number>();
  for (const { binId, count } of items) counts.set(binId, (counts.get(binId) ?? 0) + count);
  return [...counts].map(([binId, qty]) => ({ binId, qty }));
}
