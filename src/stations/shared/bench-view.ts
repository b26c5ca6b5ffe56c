import { compareNames } from '@/core/numeric/compare-names';
import { countCoated, headsToCoat, type WaitingHeads } from '@/core/coats/heads-to-coat';
import type { Promised } from '@/core/stock/allot-promises';
import { countTied, headsToTie, type HeadsToTie } from '@/core/skirts/heads-to-tie';
import type { PotFacts } from '@/core/tickets/budget-session';
import type { HookFacts, LineWant } from '@/core/tickets/facts';
import { judgeCavity } from '@/core/tickets/judge-cavity';
import { promiseStock, type HeldPieces, type PromiseLine } from '@/core/tickets/promise-stock';
import type { BenchReading } from '@/data/reading/bench-reading';
import type { Bin, HookBin, MetalBin } from '@/records/bin';
import type { Building, BuildRecord } from '@/records/build';
import type { Coat } from '@/records/coat';
import type { Mold } from '@/records/mold';
import type { Run } from '@/records/run';
import type { Rigging, RigRecord } from '@/records/rig';
import type { Skirt } from '@/records/skirt';
import type { Ticket } from '@/records/ticket';
import type { Tying } from '@/records/tying';
import { inOrderOfDue, promiseDressing } from './bill/promises';

/** The bench as the stations see it: what was read, and what follows from it. */
export interface BenchView extends BenchReading {
  readonly binById: ReadonlyMap<string, Bin>;
  readonly moldById: ReadonlyMap<string, Mold>;
  readonly metals: readonly MetalBin[];
  readonly hooks: ReadonlyMap<string, HookBin>;
  /** Castings made so far, by ticket line. */
  readonly made: ReadonlyMap<string, number>;
  readonly coatById: ReadonlyMap<string, Coat>;
  /** Heads that wear their color so far, by ticket line. */
  readonly coated: ReadonlyMap<string, number>;
  /** Bare heads of open tickets that wait for a color and hang on no rack. */
  readonly toCoat: readonly WaitingHeads[];
  readonly skirtById: ReadonlyMap<string, Skirt>;
  /** The run of skirts under way. */
  readonly tying: Tying | null;
  readonly buildById: ReadonlyMap<string, BuildRecord>;
  /** The run of builds under way. */
  readonly building: Building | null;
  readonly rigById: ReadonlyMap<string, RigRecord>;
  /** The run of rigs under way. */
  readonly rigging: Rigging | null;
  /** Heads in their skirt so far, by ticket line. */
  readonly tied: ReadonlyMap<string, number>;
  /** Heads of open tickets that wait for their skirt. */
  readonly toTie: readonly HeadsToTie[];
  /** What is still to be cast for open tickets. */
  readonly wants: readonly LineWant[];
  /** What is spoken for, by bin. */
  readonly promised: ReadonlyMap<string, number>;
  /** The same ticket by ticket, who is due first before others: what is to be cast, dressed, built and rigged. */
  readonly promises: readonly Promised[];
  /** The pot, with the scrap share of the maker's own runs once there are some. */
  readonly pot: PotFacts;
  readonly isScrapMeasured: boolean;
}

/** A share of misfills from fewer castings than this says little. */
const LEAST_CASTINGS = 50;

/**
 * Works out what follows from a reading of the bench: what is made, wanted, promised.
 *
 * @example deriveView(reading).wants.length // lines of open tickets not yet cast in full
 */
export function deriveView(reading: BenchReading): BenchView {
  const metals = reading.bins
    .filter((bin): bin is MetalBin => bin.kind === 'metal')
    .sort((a, b) => compareNames(a.name, b.name));
  const hookBins = reading.bins.filter((bin): bin is HookBin => bin.kind === 'hook');
  const hooks = new Map(hookBins.map((hook) => [hook.id, hook]));
  const made = new Map<string, number>();
  for (const entry of reading.ticketEntries) {
    if (entry.kind === 'made' && entry.lineId)
      made.set(entry.lineId, (made.get(entry.lineId) ?? 0) + entry.qty);
  }
  const wants = reading.tickets
    .filter((ticket) => ticket.state === 'open')
    .flatMap((ticket) => wantsOf(ticket, made))
    .filter((want) => want.left > 0);
  const binById = new Map(reading.bins.map((bin) => [bin.id, bin]));
  const isBare = (binId: string) => {
    const bin = binById.get(binId);
    return bin?.kind === 'head' && bin.coatId === null && bin.skirtId === null;
  };
  const scrap = measureScrap(reading.runs);
  const openLines = reading.tickets
    .filter((ticket) => ticket.state === 'open')
    .flatMap((ticket) => ticket.lines.map((line) => ({ ...line, ticketId: ticket.id })));
  const tying = reading.tyings.find(({ state }) => state === 'tying') ?? null;
  const base = {
    ...reading,
    binById,
    moldById: new Map(reading.molds.map((mold) => [mold.id, mold])),
    metals,
    hooks,
    coatById: new Map(reading.coats.map((coat) => [coat.id, coat])),
    coated: countCoated(reading.ticketEntries, isBare),
    toCoat: headsToCoat(
      openLines,
      reading.ticketEntries,
      isBare,
      reading.racks
        .filter(({ state }) => state === 'hanging' || state === 'curing')
        .flatMap(({ hung }) => hung),
    ),
    skirtById: new Map(reading.skirts.map((skirt) => [skirt.id, skirt])),
    tying,
    buildById: new Map(reading.builds.map((build) => [build.id, build])),
    building: reading.buildings.find(({ state }) => state === 'building') ?? null,
    rigById: new Map(reading.rigs.map((rig) => [rig.id, rig])),
    rigging: reading.riggings.find(({ state }) => state === 'rigging') ?? null,
    tied: countTied(reading.ticketEntries),
    toTie: headsToTie(
      openLines,
      reading.ticketEntries,
      (binId) => {
        const bin = binById.get(binId);
        return bin?.kind === 'head' ? bin : null;
      },
      // Heads leave their bin when the run ends: until then all of it is spoken for.
      tying ? [{ ...tying, left: tying.count }] : [],
    ),
    made,
    wants,
    pot: { ...reading.bench.pot, scrapShare: scrap ?? reading.bench.pot.scrapShare },
    isScrapMeasured: scrap !== null,
  };
  const priced = priceLines({ molds: reading.molds, metals, hooks }, wants);
  const dressing = promiseDressing(base);
  const promised = promiseStock(priced, heldPieces(reading));
  for (const { item, qty } of dressing) promised.set(item, (promised.get(item) ?? 0) + qty);
  return { ...base, promised, promises: [...castPromises(priced, reading.tickets), ...dressing] };
}

/** What is still to be cast takes, ticket by ticket, in the order in which they are due. */
function castPromises(priced: readonly PromiseLine[], tickets: readonly Ticket[]): Promised[] {
  return inOrderOfDue(tickets).flatMap(({ id }) =>
    priced
      .filter(({ ticketId }) => ticketId === id)
      .flatMap(({ metalBinId, metalEachG, hookBinId, left }): Promised[] => [
        { forWhom: id, item: metalBinId, qty: left * metalEachG },
        ...(hookBinId === null ? [] : [{ forWhom: id, item: hookBinId, qty: left }]),
      ]),
  );
}

/** What is still to be cast of each line of a ticket. */
export function wantsOf(
  ticket: Pick<Ticket, 'id' | 'lines' | 'toleranceShare'>,
  made: ReadonlyMap<string, number>,
): LineWant[] {
  return ticket.lines.map(({ id, style, nominalG, count, hookBinId, metalBinId, dueOn }) => ({
    ticketId: ticket.id,
    lineId: id,
    style,
    nominalG,
    hookBinId,
    metalBinId,
    dueOn,
    left: Math.max(0, count - (made.get(id) ?? 0)),
    toleranceShare: ticket.toleranceShare,
  }));
}

/** On hand less promised, never under zero. */
export function freeOf(view: Pick<BenchView, 'levels' | 'promised'>, binId: string): number {
  return Math.max(0, (view.levels.get(binId) ?? 0) - (view.promised.get(binId) ?? 0));
}

type PricingFacts = Pick<BenchView, 'molds' | 'metals' | 'hooks'>;

/** What lines are promised of each bin for what is still to be cast of them. */
export function promiseOf(facts: PricingFacts, wants: readonly LineWant[]): Map<string, number> {
  return promiseStock(priceLines(facts, wants), []);
}

function priceLines({ molds, metals, hooks }: PricingFacts, wants: readonly LineWant[]): PromiseLine[] {
  return wants.map((want) => priceMetal(want, molds, metals, hooks));
}

function priceMetal(
  want: LineWant,
  molds: readonly Mold[],
  metals: readonly MetalBin[],
  hooks: ReadonlyMap<string, HookFacts>,
): PromiseLine {
  const metal = metals.find(({ id }) => id === want.metalBinId);
  const hook = want.hookBinId === null ? null : (hooks.get(want.hookBinId) ?? null);
  for (const cavity of metal ? molds.flatMap((mold) => mold.cavities) : []) {
    const verdict = metal && judgeCavity(cavity, want, metal, hook, want.toleranceShare);
    if (verdict?.fits) return { ...want, metalEachG: verdict.metalG };
  }
  return { ...want, metalEachG: Math.max(0, want.nominalG - (hook?.massG ?? 0)) };
}

/** Heads, baits and rigs that were made for orders and wait on the shelf. */
function heldPieces({ tickets, ticketEntries, bins }: BenchReading): HeldPieces[] {
  const ordered = new Set(
    tickets.filter((ticket) => ticket.state === 'open' && ticket.buyer !== null).map((ticket) => ticket.id),
  );
  const counts = new Map<string, number>();
  for (const { ticketId, binId, qty } of ticketEntries) {
    if (ticketId && ordered.has(ticketId)) counts.set(binId, (counts.get(binId) ?? 0) + qty);
  }
  return bins.flatMap((bin) => {
    const count = counts.get(bin.id) ?? 0;
    return (bin.kind === 'head' || bin.kind === 'part') && count > 0 ? [{ binId: bin.id, count }] : [];
  });
}

function measureScrap(runs: readonly Run[]): number | null {
  const good = runs.reduce((total, run) => total + (run.booking?.good ?? 0), 0);
  const misfilled = runs.reduce((total, run) => total + (run.booking?.misfilled ?? 0), 0);
  return good + misfilled >= LEAST_CASTINGS && good > 0 ? misfilled / (good + misfilled) : null;
}
