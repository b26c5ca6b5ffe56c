import { findStyle } from '@/core/cavities/styles';
import type { BenchContents } from '@/records/bench-file';
import type { Bin, HeadBin, HookBin, MetalBin } from '@/records/bin';
import type { Entry } from '@/records/entry';
import { PLAIN_BIN } from '@/records/plain-bin';
import { NEW_BENCH } from '@/records/bench';
import { NEW_MONEY } from '@/records/outlay';
import { demoBuyIns, demoDrawers, demoOutlays, demoPacks, demoPurchases, demoSellers } from './books';
import { demoSeason } from './water-notes';
import { buildingHistory } from './building-history';
import { demoBuildParts } from './build-parts';
import { demoBuilds } from './builds';
import { coatHistory } from './coat-history';
import { demoCoats, demoHeaters } from './coats';
import { dressRuns, type DressedRun } from './dressing';
import { demoHooks } from './hooks';
import { demoMetals } from './metals';
import { demoMolds } from './molds';
import { demoParts } from './parts';
import { demoPlasticBatches, demoPlastics } from './plastics';
import { demoLengths, demoRigParts } from './rig-parts';
import { demoRigs } from './rigs';
import { pourTicket } from './runs';
import { demoSkirts, demoWaterNotes } from './skirts';
import { demoHair } from './strands';
import { demoTickets, TICKET_PLANS } from './tickets';
import { DEMO_RULES } from './rules';
import { coatedForLeague, openingReceipts, takenForTheWater } from './moved-by-hand';
import { DemoTools } from './tools';
import { tyingHistory } from './tying-history';
import { weighIn } from './weighings';

const START = 20_611;

/** What is on the shelf today: metal in g, hooks in pieces. The first receipt makes up for what was used since. */
const ON_HAND: Readonly<Record<string, number>> = {
  'lot-9': 9400,
  'lot-12': 4250,
  'lot-14': 11_800,
  'lot-15': 2600,
  'lot-17': 1150,
  'lot-18': 2040,
  'lot-19': 960,
  'lot-21': 6700,
  'hook-n8': 60,
  'hook-n6': 88,
  'hook-n4': 120,
  'hook-n2': 74,
  'hook-n1': 96,
  'hook-1-0': 131,
  'hook-2-0': 210,
  'hook-3-0': 19,
  'hook-4-0': 52,
  'hook-5-0': 26,
  'hook-6-0': 18,
  'hook-2-0-long': 35,
  'hook-3-0-long': 40,
  'hook-5-0-strong': 15,
};

/**
 * The made-up bench of Pellworth Quay: two people on a tidal river, with molds, metal, parts, tickets in every
 * state and three months of runs. Everything in it is invented. The same for the same day, always.
 *
 * @example demoBench(Date.UTC(2026, 10, 23)).molds.length // 12
 */
export function demoBench(now: number): BenchContents {
  const tools = new DemoTools(START, now);
  const seen = new DemoTools(START + 2, now);
  const metals = demoMetals();
  const hooks = demoHooks();
  const parts = demoParts(tools);
  const weighed = weighIn(new DemoTools(START + 1, now), demoMolds(tools, metals, hooks), metals, hooks);
  const { molds } = weighed;
  const tickets = demoTickets(tools);
  const hookById = new Map(hooks.map((hook) => [hook.id, hook]));

  const heads = new Map<string, HeadBin>();
  const entries: Omit<Entry, 'id'>[] = [];
  const cast: DressedRun[] = [];
  const poured = TICKET_PLANS.flatMap((plan, index) => {
    const ticket = tickets[index];
    const mold = molds.find(({ id }) => id === plan.cast?.mold);
    const metal = metals.find(({ id }) => id === plan.metal);
    if (!plan.cast || !ticket || !mold || !metal) return [];
    return [{ ticket, plan, metal, mold, cast: plan.cast }];
  });
  const runs = poured.map(({ ticket, plan, metal, mold, cast: how }, index) => {
    const result = pourTicket(tools, seen, index + 1, ticket, how, mold, metal, hookById);
    entries.push(...result.entries);
    const at = result.run.endedAt ?? result.run.startedAt;
    for (const made of result.madeHeads) {
      const head = result.run.heads.find(({ key }) => key === made.key);
      if (!head) continue;
      const bin = headBin(heads, head, metal, hookById);
      const { count, ticketId, lineId } = made;
      const known = cast.findIndex((each) => each.run.id === result.run.id && each.bin.id === bin.id);
      const before = cast[known]?.count ?? 0;
      cast.splice(known < 0 ? cast.length : known, 1, { run: result.run, bin, count: before + count });
      const common = {
        binId: bin.id,
        ticketId,
        lineId,
        pieceShare: null,
        lengthId: null,
        unitCost: null,
        reverses: null,
      };
      entries.push({ ...common, at, kind: 'made', qty: count, note: '', runId: result.run.id });
      if (plan.state === 'closed' && plan.buyer !== null && ticketId !== null) {
        const note = `handed over to ${plan.buyer}`;
        entries.push({ ...common, at: at + 3 * 86_400_000, kind: 'taken', qty: -count, note, runId: null });
      }
    }
    return result;
  });
  entries.push(...takenForTheWater(tools, entries, heads));
  const dressed = dressRuns(new DemoTools(START + 3, now), cast, molds, metals, hookById);

  const coats = demoCoats();
  const colored = coatHistory(new DemoTools(START + 4, now), heads, coats);
  entries.push(...colored.entries);

  entries.push(...coatedForLeague(tools.at(-1, 10)));

  const own = new DemoTools(START + 5, now);
  const skirts = demoSkirts(own);
  const tied = tyingHistory(own, skirts);
  entries.push(...tied.entries);

  const atBuild = new DemoTools(START + 6, now);
  const builds = demoBuilds(atBuild);
  const built = buildingHistory(atBuild, builds);
  entries.push(...built.entries);

  const atRig = new DemoTools(START + 7, now);
  const stocked: { bin: Bin; qty: number }[] = [
    ...[...metals, ...hooks].map((bin) => ({ bin, qty: ON_HAND[bin.id] ?? 0 })),
    ...parts,
    ...demoHair(),
    ...demoBuildParts(atBuild),
    ...demoRigParts(atRig),
  ];
  const rigged = demoRigs(
    stocked.map(({ bin }) => bin),
    atRig,
  );
  entries.push(...rigged.entries);
  const openedAt = tools.at(-96, 10);
  const lengths = demoLengths(openedAt, tools.at(-40, 19));
  const receipts = openingReceipts(stocked, entries, openedAt);

  const filed: Bin[] = [
    ...stocked.map(({ bin }) => bin),
    ...heads.values(),
    ...colored.bins,
    ...tied.bins,
    ...built.bins,
    ...rigged.bins,
  ];
  const cabinet = demoDrawers(filed);
  const atBooks = new DemoTools(START + 8, now);
  const packs = demoPacks(
    atBooks,
    stocked.map(({ bin }) => bin),
  );
  const season = demoSeason(new DemoTools(START + 9, now), [
    ...builds
      .slice(0, 3)
      .map(({ id, head }, nth) => ({
        of: { kind: 'build' as const, id },
        weightG: (head?.nominalG ?? 10) + 6,
        perHour: 0.7 + 0.25 * nth,
      })),
    ...[...heads.values()]
      .slice(0, 4)
      .map(({ id, nominalG }, nth) => ({
        of: { kind: 'head' as const, id },
        weightG: nominalG,
        perHour: 1 + 0.2 * (nth % 2),
      })),
  ]);

  return {
    bench: [
      {
        ...NEW_BENCH,
        name: 'Pellworth Quay bench',
        pot: { capacityG: 4500, heelG: 150, drossShare: 0.02, scrapShare: 0.05, meltMinutes: 28 },
        freezeTrial: { modulusMm: 2.1, seconds: 7, exponent: 1.4 },
        pace: { pourMinutes: 50, restMinutes: 10 },
        money: { ...NEW_MONEY, ratePerHour: 12 },
      },
    ],
    bins: filed.map((bin) => ({ ...bin, drawerId: cabinet.drawerOf(bin) })),
    entries: [...receipts, ...lengths, ...entries]
      .filter(({ qty }) => qty !== 0)
      .sort((a, b) => a.at - b.at)
      .map((entry, index) => ({ ...entry, id: `entry-${index + 1}` })),
    molds,
    tickets,
    runs: runs.map(({ run }) => run),
    pours: runs.flatMap(({ pours }) => pours),
    clocks: [],
    weighings: [...weighed.weighings, ...dressed.weighings],
    melts: [],
    rules: [...DEMO_RULES],
    beats: [],
    batches: dressed.batches,
    flaws: dressed.flaws,
    heaters: demoHeaters(tools.at(-40, 19)),
    coats,
    racks: colored.racks,
    coatFaults: colored.faults,
    skirts,
    tyings: tied.tyings,
    waterNotes: [...demoWaterNotes(own), ...season],
    builds,
    buildings: built.buildings,
    plastics: demoPlastics(atBuild),
    plasticBatches: demoPlasticBatches(atBuild),
    rigs: rigged.rigs,
    riggings: rigged.riggings,
    allowances: rigged.allowances,
    pulls: rigged.pulls,
    matches: rigged.matches,
    kits: rigged.kits,
    drawers: cabinet.drawers,
    photos: [],
    sellers: demoSellers(),
    packs,
    purchases: demoPurchases(atBooks, packs),
    substitutes: [],
    outlays: demoOutlays(atBooks),
    buyIns: demoBuyIns(atBooks, builds, skirts),
    acts: [],
  };
}

function headBin(
  heads: Map<string, HeadBin>,
  spec: { style: string; nominalG: number; hookBinId: string | null },
  metal: MetalBin,
  hooks: ReadonlyMap<string, HookBin>,
): HeadBin {
  const { style, nominalG, hookBinId } = spec;
  const id = `head-${style}-${nominalG}-${hookBinId ?? 'bare'}-${metal.id}`;
  const known = heads.get(id);
  if (known) return known;
  const hook = hookBinId === null ? null : hooks.get(hookBinId);
  const sort = findStyle(style)?.name ?? style;
  const bin: HeadBin = {
    id,
    kind: 'head',
    unit: 'pieces',
    name: `${sort} ${nominalG} g${hook ? `, ${hook.size}` : ''}, ${metal.name.split(',')[0] ?? metal.name}`,
    place: `Head rack, ${sort.toLowerCase()}`,
    lowAt: null,
    retired: false,
    ...PLAIN_BIN,
    note: '',
    style,
    nominalG,
    hookBinId,
    metalBinId: metal.id,
    coatId: null,
    skirtId: null,
    bought: null,
    costEach: null,
  };
  heads.set(id, bin);
  return bin;
}
