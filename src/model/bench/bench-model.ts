import { compareNames } from '@/core/numeric/compare-names';
import { countCoated, countUsedBare, headsToCoat } from '@/core/coats/heads-to-coat';
import { countTied, headsToTie } from '@/core/skirts/heads-to-tie';
import { promiseStock } from '@/core/tickets/promise-stock';
import type { MassUnit } from '@/core/units/write-mass';
import type { BenchReading } from '@/records/bench-reading';
import type { Bin, HookBin, MetalBin } from '@/records/bin';
import type { Run } from '@/records/run';
import { castPromises, heldPieces, priceLines } from '../bills/cast-promises';
import { promiseDressing } from '../bills/promises';
import { nameHeads } from '../heads/name-heads';
import { wantsOf } from '../tickets/wants-of';
import type { BenchFacts } from './bench-facts';
import type { BenchView } from './bench-view';
import { keepEqual } from './keep-equal';
import { memoizeReads } from './memoize-reads';

/** A share of misfills from fewer castings than this says little. */
const LEAST_CASTINGS = 50;

const byId = <T extends { readonly id: string }>(records: readonly T[]): ReadonlyMap<string, T> =>
  new Map(records.map((record) => [record.id, record]));

function measureScrap(runs: readonly Run[]): number | null {
  const good = runs.reduce((total, run) => total + (run.booking?.good ?? 0), 0);
  const misfilled = runs.reduce((total, run) => total + (run.booking?.misfilled ?? 0), 0);
  return good + misfilled >= LEAST_CASTINGS && good > 0 ? misfilled / (good + misfilled) : null;
}

/** What follows from what was read alone. */
const plainSlices = () => ({
  binById: memoizeReads(({ bins }: BenchReading) => byId(bins)),
  moldById: memoizeReads(({ molds }: BenchReading) => byId(molds)),
  coatById: memoizeReads(({ coats }: BenchReading) => byId(coats)),
  skirtById: memoizeReads(({ skirts }: BenchReading) => byId(skirts)),
  buildById: memoizeReads(({ builds }: BenchReading) => byId(builds)),
  rigById: memoizeReads(({ rigs }: BenchReading) => byId(rigs)),
  metals: memoizeReads(({ bins }: BenchReading) =>
    bins.filter((bin): bin is MetalBin => bin.kind === 'metal').sort((a, b) => compareNames(a.name, b.name)),
  ),
  hooks: memoizeReads(({ bins }: BenchReading) =>
    byId(bins.filter((bin): bin is HookBin => bin.kind === 'hook')),
  ),
  tying: memoizeReads(({ tyings }: BenchReading) => tyings.find(({ state }) => state === 'tying') ?? null),
  building: memoizeReads(
    ({ buildings }: BenchReading) => buildings.find(({ state }) => state === 'building') ?? null,
  ),
  rigging: memoizeReads(
    ({ riggings }: BenchReading) => riggings.find(({ state }) => state === 'rigging') ?? null,
  ),
  made: memoizeReads(({ ticketEntries }: BenchReading): ReadonlyMap<string, number> => {
    const made = new Map<string, number>();
    for (const { kind, lineId, qty } of ticketEntries) {
      if (kind === 'made' && lineId) made.set(lineId, (made.get(lineId) ?? 0) + qty);
    }
    return made;
  }),
  tied: memoizeReads(({ ticketEntries }: BenchReading) => countTied(ticketEntries)),
  scrapShare: memoizeReads(({ runs }: BenchReading) => measureScrap(runs)),
});

/** What slices answer. */
type Answers<Slices> = {
  readonly [Name in keyof Slices]: Slices[Name] extends (from: never) => infer Answer ? Answer : never;
};

type Plain = BenchReading & Answers<ReturnType<typeof plainSlices>>;

const isBareOf =
  ({ binById }: Pick<Plain, 'binById'>) =>
  (binId: string) => {
    const bin = binById.get(binId);
    return bin?.kind === 'head' && bin.coatId === null && bin.skirtId === null;
  };

const openLines = ({ tickets }: Pick<Plain, 'tickets'>) =>
  tickets
    .filter((ticket) => ticket.state === 'open')
    .flatMap((ticket) => ticket.lines.map((line) => ({ ...line, ticketId: ticket.id })));

/** What follows from those. */
const laterSlices = () => ({
  wants: memoizeReads(({ tickets, made }: Plain) =>
    tickets
      .filter((ticket) => ticket.state === 'open')
      .flatMap((ticket) => wantsOf(ticket, made))
      .filter((want) => want.left > 0),
  ),
  coated: memoizeReads((bench: Plain) => countCoated(bench.ticketEntries, isBareOf(bench))),
  usedBare: memoizeReads((bench: Plain) => countUsedBare(bench.ticketEntries, isBareOf(bench))),
  toCoat: memoizeReads((bench: Plain) =>
    headsToCoat(
      openLines(bench),
      bench.ticketEntries,
      isBareOf(bench),
      bench.racks
        .filter(({ state }) => state === 'hanging' || state === 'curing')
        .flatMap(({ hung }) => hung),
    ),
  ),
  toTie: memoizeReads((bench: Plain) => {
    const { binById, tying } = bench;
    const headOf = (binId: string) => {
      const bin = binById.get(binId);
      return bin?.kind === 'head' ? bin : null;
    };
    // Heads leave their bin when the run ends: until then all of it is spoken for.
    const underWay = tying ? [{ ...tying, left: tying.count }] : [];
    return headsToTie(openLines(bench), bench.ticketEntries, headOf, underWay);
  }),
  pot: memoizeReads(({ bench, scrapShare }: Plain) => ({
    ...bench.pot,
    scrapShare: scrapShare ?? bench.pot.scrapShare,
  })),
  isScrapMeasured: ({ scrapShare }: Plain) => scrapShare !== null,
});

/** What open tickets are promised. */
const promiseSlices = () => ({
  casting: memoizeReads((facts: BenchFacts) => {
    const priced = priceLines(facts, facts.wants);
    return {
      promised: promiseStock(priced, heldPieces(facts)),
      promises: castPromises(priced, facts.tickets),
    };
  }),
  dressing: memoizeReads(promiseDressing),
});

/** Every slice of some facts, each at its last answer where nothing it reads has changed. */
function cut<In, Slices extends Readonly<Record<string, (from: In) => unknown>>>(
  slices: Slices,
  from: In,
): Answers<Slices> {
  return Object.fromEntries(
    Object.entries(slices).map(([name, slice]) => [name, slice(from)]),
  ) as Answers<Slices>;
}

/**
 * A bench's model, to be asked with one reading after the other: what follows from each, slice by slice, those that read
 * nothing new being the very same objects as before. Names that Ruvek made are written in the unit that is given.
 *
 * @example
 * const model = benchModel();
 * model(reading).wants === model({ ...reading, clocks: [] }).wants // true: what is wanted hangs on no clock
 */
export function benchModel(): (reading: BenchReading, mass?: MassUnit) => BenchView {
  const name = memoizeReads(({ bins, mass }: { bins: readonly Bin[]; mass: MassUnit }) =>
    nameHeads(bins, mass),
  );
  const [plain, later, promising] = [plainSlices(), laterSlices(), promiseSlices()];
  // Much is read to know what is promised, and seldom is it another for that.
  const [keepPromised, keepPromises] = [
    keepEqual<BenchView['promised']>(),
    keepEqual<BenchView['promises']>(),
  ];
  const add = memoizeReads(({ casting, dressing }: Answers<typeof promising>) => {
    const promised = new Map(casting.promised);
    for (const { item, qty } of dressing) promised.set(item, (promised.get(item) ?? 0) + qty);
    return { promised: keepPromised(promised), promises: keepPromises([...casting.promises, ...dressing]) };
  });
  return (read, mass = 'g') => {
    const reading: BenchReading = { ...read, bins: name({ bins: read.bins, mass }) };
    const known: Plain = { ...reading, ...cut(plain, reading) };
    const facts: BenchFacts = { ...known, ...cut(later, known) };
    return { ...facts, ...add(cut(promising, facts)) };
  };
}

/**
 * What follows from one reading of the bench: what is made, wanted, promised.
 *
 * @example deriveView(reading).promised.get('lot-14') // what open tickets still take of that lot, g
 */
export function deriveView(reading: BenchReading): BenchView {
  return benchModel()(reading);
}
