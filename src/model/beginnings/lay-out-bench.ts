import { findStyle } from '@/core/cavities/styles';
import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import type { UnitChoices } from '@/core/units/unit-choices';
import type { Bin } from '@/records/bin';
import type { Heater } from '@/records/heater';
import type { Cavity, Mold } from '@/records/mold';
import { PLAIN_BIN } from '@/records/plain-bin';
import type { Ticket, TicketLine } from '@/records/ticket';
import { findThingKind } from '@/reference/typical';
import type { Practice, UsualBlock } from '@/reference/typical/practice';
import { newHeater } from '../coats/new-heaters';
import { guessVolume } from '../molds/guess-volume';
import { binOfThing } from '../stock/put-down';
import { typicalThing } from '../stock/typical-things';

/** What is laid out for a maker who begins: all of it can be taken back in one go. */
export interface Beginning {
  readonly bins: readonly Bin[];
  readonly molds: readonly Mold[];
  readonly tickets: readonly Ticket[];
  /** What heats there, as such things usually do. */
  readonly heaters: readonly Heater[];
}

interface Maker extends Pick<UnitChoices, 'length' | 'temperature'> {
  readonly newId: () => string;
  /** Milliseconds since 1970. */
  readonly now: number;
}

/** A wire through the head of a frame block: what of it lies in the metal. */
const WIRE_INSERT = {
  name: 'wire frame',
  count: 1,
  massG: 0.7,
  volumeCm3: 0.09,
  embeddedShare: 0.25,
  removed: false,
};
const TOLERANCE = 0.06;
/** Each casting in the hand, so long. */
const WARM_WORK_S = 6;

const nominalOf = ({ ounces, grams }: { ounces: number; grams: number }, length: 'mm' | 'in') =>
  length === 'in' ? ounces * GRAMS_PER_OUNCE : grams;

function moldOf(
  { name, kind, style, cavities, warmWork }: UsualBlock,
  bins: readonly Bin[],
  { length, newId }: Maker,
): Mold {
  const wire = bins.find((bin) => bin.kind === 'part' && bin.gauge?.as === 'frame');
  return {
    id: newId(),
    name,
    kind,
    spin: null,
    place: '',
    note: 'As such blocks usually are: set its marks and hooks right, and weigh a few castings in.',
    secondsPerPour: 40,
    setupSeconds: 600,
    spruePerPourG: 5,
    copies: 1,
    maxPours: null,
    warmUpPours: 1,
    warmWork: warmWork === undefined ? null : { what: warmWork, seconds: WARM_WORK_S },
    cavities: cavities.map(({ hooks, ...mark }): Cavity => {
      const nominalG = nominalOf(mark, length);
      const hookShare = findStyle(style)?.hookShare ?? 0;
      const inserts = kind === 'frame' ? [{ ...WIRE_INSERT, ...(wire ? { binId: wire.id } : {}) }] : [];
      return {
        id: newId(),
        style,
        nominalG,
        volumeCm3: guessVolume({ nominalG, hookSizes: [...hooks], hookShare, inserts }),
        volumeBasis: 'guess',
        standardErrorCm3: null,
        weighedCount: 0,
        hookSizes: [...hooks],
        hookShare,
        inserts,
        hookNotes: {},
        outline: null,
        spot: null,
      };
    }),
  };
}

/** Everything of some practices once, though several have it. */
function binsOf(practices: readonly Practice[], { length, newId }: Maker): Bin[] {
  const fresh = practices.flatMap(({ things, colored }) => [
    ...things.map((each) => typicalThing(each, length).bin),
    ...colored.map(({ kindId, name, hex }) => {
      const kind = findThingKind(kindId);
      const nothing = { place: '', sizes: {}, massG: null, head: null, costEach: null };
      return binOfThing({ ...nothing, kind, size: kind.usual, name, hex });
    }),
  ]);
  const byName = new Map(fresh.map((bin) => [bin.name, bin]));
  return [...byName.values()].map((bin) => ({ ...PLAIN_BIN, ...bin, id: newId(), retired: false }) as Bin);
}

/** A ticket of one line for a block's cavity, with a hook and a metal that were laid out for it. */
function ticketOf(
  { blocks, ticket }: Practice,
  no: number,
  bins: readonly Bin[],
  { length, newId, now }: Maker,
): Ticket[] {
  const cavity = blocks
    .flatMap(({ style, cavities }) => cavities.map((each) => ({ ...each, style })))
    .find(({ ounces }) => ounces === ticket?.ounces);
  const metal = bins.find(({ kind }) => kind === 'metal');
  if (!ticket || !cavity || !metal) return [];
  const hook = bins.find((bin) => bin.kind === 'hook' && bin.size === cavity.hooks.at(-1));
  const line: TicketLine = {
    id: newId(),
    style: cavity.style,
    nominalG: nominalOf(cavity, length),
    count: ticket.count,
    hookBinId: hook?.id ?? null,
    metalBinId: metal.id,
    coatId: null,
    skirtId: null,
    guardBinId: null,
    collarBinId: null,
    dueOn: null,
  };
  return [
    {
      id: newId(),
      no,
      title: ticket.title,
      buyer: null,
      toleranceShare: TOLERANCE,
      state: 'open',
      note: '',
      createdAt: now,
      lines: [line],
      wares: [],
    },
  ];
}

/**
 * The bench of a maker of these practices: metals and parts of which nothing was counted yet, a usual block to set right,
 * a ticket to change.
 *
 * @example layOutBench([PRACTICES[0]], { ...INCHES, newId, now }).molds[0]?.name // 'Round heads'
 */
export function layOutBench(practices: readonly Practice[], maker: Maker): Beginning {
  const bins = binsOf(practices, maker);
  const blocks = new Map(practices.flatMap(({ blocks: own }) => own.map((each) => [each.name, each])));
  return {
    bins,
    molds: [...blocks.values()].map((block) => moldOf(block, bins, maker)),
    tickets: practices.flatMap((practice, at) => ticketOf(practice, at + 1, bins, maker)),
    heaters: [...new Set(practices.flatMap(({ heaters }) => heaters))].map((kind) => ({
      ...newHeater(kind, maker.temperature),
      id: maker.newId(),
    })),
  };
}
