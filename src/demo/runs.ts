import { gatherCavities } from '@/core/pours/gather-cavities';
import { nextPour, type Casting } from '@/core/pours/next-pour';
import { settleRun } from '@/core/pours/settle-run';
import type { FlawKind } from '@/core/quality/flaws';
import type { MoldFills } from '@/core/pours/pour-plan';
import { layOutSession } from '@/core/tickets/lay-out-session';
import type { HookBin, MetalBin } from '@/records/bin';
import type { Entry } from '@/records/entry';
import type { Mold } from '@/records/mold';
import type { Pour, Run } from '@/records/run';
import type { Ticket } from '@/records/ticket';
import type { TicketPlan } from './tickets';
import type { DemoTools } from './tools';

export interface PouredTicket {
  readonly run: Run;
  readonly pours: readonly Pour[];
  /** Without ids; the assembly numbers them. Heads are named by key until they have a bin. */
  readonly entries: readonly Omit<Entry, 'id'>[];
  readonly madeHeads: readonly {
    key: string;
    lineId: string | null;
    ticketId: string | null;
    count: number;
  }[];
}

/** A pot as a thermocouple would have seen it: about this, swinging so far, and dipping after a top-up, C. */
const POT = { aroundC: 388, swingC: 9, dipC: 24, dipEvery: 17 };
/** What goes wrong with a casting from a cold block, a cool pot, a hot one, and otherwise. */
const FLAWS_OF = {
  cold: ['wrinkled', 'short', 'wrinkled'],
  cool: ['short', 'wrinkled', 'short'],
  hot: ['frosty', 'flash'],
  other: ['flash', 'bent-hook', 'shifted', 'porous', 'metal-in-eye'],
} as const satisfies Record<string, readonly FlawKind[]>;
const COOL_UNDER_C = 374;
const HOT_OVER_C = 396;

const HOT_SHARE = 0.035;
const COLD_SHARE = 0.4;
const DROSS_SHARE = 0.018;

/** A run of the past three months: one ticket on one block, poured with the misfills of a real evening. */
export function pourTicket(
  tools: DemoTools,
  seen: DemoTools,
  no: number,
  ticket: Ticket,
  cast: NonNullable<TicketPlan['cast']>,
  mold: Mold,
  metal: MetalBin,
  hooks: ReadonlyMap<string, HookBin>,
): PouredTicket {
  const wants = ticket.lines.map((line) => ({
    ...line,
    metalBinId: line.metalBinId ?? metal.id,
    ticketId: ticket.id,
    lineId: line.id,
    left: Math.round(line.count * cast.share),
    toleranceShare: ticket.toleranceShare,
  }));
  const session = layOutSession(wants, [mold], metal, hooks);
  const [planMold] = session.molds;
  if (!planMold || session.unmade.length > 0) {
    throw new Error(`pourTicket requires ${mold.name} to make all of '${ticket.title}'`);
  }
  const wanted = new Map(session.demand.map(({ key, count }) => [key, count]));
  const fills: MoldFills[] = gatherCavities(planMold, wanted).map((group) => ({
    cavities: group.cavities,
    filled: group.wantedKeys.map((key) => ({ key, count: wanted.get(key) ?? 0 })),
  }));

  const runId = `run-${no}`;
  const startedAt = tools.at(-cast.daysAgo, tools.between(17.5, 19.5));
  const pours: Pour[] = [];
  const castings: Casting[] = [];
  let at = startedAt + mold.setupSeconds * 1000;
  for (;;) {
    const next = nextPour(fills, castings, planMold.fillAll);
    if (next.length === 0) break;
    const share = pours.length < 2 ? COLD_SHARE : HOT_SHARE;
    const potC = potAt(seen, pours.length);
    const poured = next.map((slot) => {
      const good = !tools.happens(share);
      return { ...slot, good, flaw: good ? null : flawOf(seen, pours.length, potC) };
    });
    castings.push(...poured);
    at += Math.round(mold.secondsPerPour * 1000 * tools.between(0.85, 1.3));
    pours.push({
      id: `${runId}-${pours.length + 1}`,
      runId,
      no: pours.length + 1,
      moldId: mold.id,
      at,
      isWarmUp: false,
      potC,
      castings: poured,
    });
  }

  const metalG = castings.reduce((total, { cavity, key }) => {
    const cell = session.cells.find((each) => each.cavity === cavity && each.key === key);
    return total + (cell?.metalG ?? 0);
  }, 0);
  const meltG = metalG + pours.length * mold.spruePerPourG;
  const drossG = Math.round(meltG * DROSS_SHARE);
  const chargedG = Math.ceil((meltG * 1.12 + 180) / 50) * 50;
  const run: Run = {
    id: runId,
    no,
    state: 'booked',
    startedAt,
    endedAt: at + 240_000,
    metalBinId: metal.id,
    chargedG,
    topUps: [],
    drossShare: DROSS_SHARE,
    blocks: [
      {
        moldId: mold.id,
        fillAll: planMold.fillAll ?? false,
        spruePerPourG: mold.spruePerPourG,
        copies: 1,
        plannedPours: pours.length,
        fills: fills.map((fill) => ({ cavities: [...fill.cavities], filled: [...fill.filled] })),
      },
    ],
    heads: [...session.heads],
    cells: [...session.cells],
    wants: [...session.wants],
    plannedSeconds: mold.setupSeconds + pours.length * mold.secondsPerPour,
    isProven: true,
    booking: null,
  };
  const { figures, heads, hooks: hooksOut } = settleRun(run, pours, drossG);
  const entry = (binId: string, kind: Entry['kind'], qty: number, note: string): Omit<Entry, 'id'> => ({
    at: run.endedAt ?? at,
    binId,
    kind,
    qty,
    note,
    ticketId: null,
    lineId: null,
    runId,
    pieceShare: null,
    lengthId: null,
    unitCost: null,
    reverses: null,
  });
  const entries = [
    ...[...hooksOut].map(([binId, count]) => entry(binId, 'taken', -count, 'cast in')),
    entry(metal.id, 'taken', -chargedG, 'into the pot'),
    entry(metal.id, 'returned', figures.rejectedG, 'misfills'),
    entry(metal.id, 'returned', figures.sprueG, 'sprues'),
    entry(metal.id, 'returned', figures.potLeftG, 'left in the pot'),
  ].filter(({ qty }) => qty !== 0);
  return { run: { ...run, booking: figures }, pours, entries, madeHeads: heads };
}

function potAt(seen: DemoTools, pour: number): number {
  const dip = pour % POT.dipEvery === POT.dipEvery - 1 ? POT.dipC : 0;
  return Math.round(POT.aroundC + seen.between(-POT.swingC, POT.swingC) - dip);
}

function flawOf(seen: DemoTools, pour: number, potC: number): FlawKind {
  const why = pour < 2 ? 'cold' : potC < COOL_UNDER_C ? 'cool' : potC > HOT_OVER_C ? 'hot' : 'other';
  const flaws = FLAWS_OF[why];
  return flaws[seen.whole(0, flaws.length - 1)] ?? 'short';
}
