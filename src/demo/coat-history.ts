import type { CoatFault } from '@/records/coat-fault';
import type { Coat } from '@/records/coat';
import type { Entry } from '@/records/entry';
import type { HeadBin } from '@/records/bin';
import type { Rack } from '@/records/rack';
import type { DemoTools } from './tools';

interface Coated {
  readonly head: string;
  readonly coat: string;
  readonly count: number;
  readonly daysAgo: number;
  readonly cure: Pick<Rack, 'school' | 'partC' | 'minutes'>;
  /** g a head of each powder of the recipe. */
  readonly eachG: number;
  readonly fault?: Pick<CoatFault, 'fault' | 'count' | 'cause'>;
}

const CARD = { school: 'card', partC: 177, minutes: 15 } as const;
const LOW = { school: 'card', partC: 150, minutes: 20 } as const;

/** What was coated for stock over the last months. */
const COATED: readonly Coated[] = [
  {
    head: 'head-dart-5-hook-n1-lot-14',
    coat: 'coat-mussel',
    count: 12,
    daysAgo: 48,
    eachG: 0.07,
    cure: CARD,
    fault: { fault: 'bare', count: 3, cause: 'cold-spots' },
  },
  {
    head: 'head-dart-7-hook-1-0-lot-14',
    coat: 'coat-night-eel',
    count: 10,
    daysAgo: 47,
    eachG: 0.08,
    cure: CARD,
  },
  {
    head: 'head-egg-15-bare-lot-9',
    coat: 'coat-straw',
    count: 8,
    daysAgo: 35,
    eachG: 0.09,
    cure: LOW,
    fault: { fault: 'dull', count: 2, cause: 'short-cure' },
  },
  {
    head: 'head-round-14-hook-3-0-lot-14',
    coat: 'coat-ember-perch',
    count: 9,
    daysAgo: 22,
    eachG: 0.11,
    cure: { school: 'cool-long', partC: 177, minutes: 20 },
    fault: { fault: 'runs', count: 2, cause: 'too-thick' },
  },
  {
    head: 'head-egg-15-bare-lot-9',
    coat: 'coat-silt-flounder',
    count: 6,
    daysAgo: 9,
    eachG: 0.1,
    cure: { school: 'cool-long', partC: 177, minutes: 20 },
  },
];

const RODS = 3;
const SLOTS_EACH = 2;
const SLOTS = 16;
const WARM_S = 420;

/** Racks cured for stock: heads in their color, powder gone from the jars, what was wrong with the coats. */
export function coatHistory(
  tools: DemoTools,
  heads: ReadonlyMap<string, HeadBin>,
  coats: readonly Coat[],
): { bins: HeadBin[]; entries: Omit<Entry, 'id'>[]; racks: Rack[]; faults: CoatFault[] } {
  const bins = new Map<string, HeadBin>();
  const entries: Omit<Entry, 'id'>[] = [];
  const faults: CoatFault[] = [];
  const racks = COATED.map((plan, index): Rack => {
    const bare = heads.get(plan.head);
    const coat = coats.find(({ id }) => id === plan.coat);
    if (!bare || !coat) throw new Error(`coatHistory requires ${plan.head} and ${plan.coat}`);
    const id = `rack-${index + 1}`;
    const inAt = tools.at(-plan.daysAgo, 20);
    const outAt = inAt + (WARM_S + plan.cure.minutes * 60) * 1000;
    const coated: HeadBin = {
      ...bare,
      id: `${bare.id}-${coat.id}`,
      name: `${bare.name}, ${coat.name}`,
      coatId: coat.id,
    };
    bins.set(coated.id, coated);
    const enter = (binId: string, kind: Entry['kind'], qty: number, at: number) =>
      entries.push({
        binId,
        kind,
        qty,
        at,
        note: `rack ${index + 1}`,
        ticketId: null,
        lineId: null,
        runId: null,
        pieceShare: null,
        lengthId: null,
        unitCost: null,
        reverses: null,
      });
    const used = powdersOf(coat).map((powderBinId) => ({
      powderBinId,
      g: Math.round(plan.count * plan.eachG * tools.between(0.9, 1.1) * 1000) / 1000,
    }));
    for (const { powderBinId, g } of used) enter(powderBinId, 'taken', -g, inAt);
    enter(bare.id, 'coated', -plan.count, outAt);
    enter(coated.id, 'coated', plan.count, outAt);
    if (plan.fault) {
      faults.push({
        ...plan.fault,
        id: `coat-fault-${faults.length + 1}`,
        at: outAt,
        rackId: id,
        coatId: coat.id,
      });
    }
    return {
      id,
      no: index + 1,
      state: 'out',
      ovenId: 'shed-oven',
      ...plan.cure,
      hung: Array.from({ length: plan.count }, (_, at) => ({
        rod: Math.floor(at / (SLOTS / SLOTS_EACH)) % RODS,
        slot: (at % (SLOTS / SLOTS_EACH)) * SLOTS_EACH,
        slotsEach: SLOTS_EACH,
        headBinId: bare.id,
        coatId: coat.id,
        ticketId: null,
        lineId: null,
      })),
      checks: [],
      createdAt: inAt - 1_800_000,
      inAt,
      startC: 20,
      tauS: 130,
      warmS: WARM_S,
      followed: null,
      outAt,
      clockId: null,
      endedAt: outAt,
      used,
    };
  });
  return { bins: [...bins.values()], entries, racks, faults };
}

function powdersOf({ base, second, clearBinId }: Coat): string[] {
  return [
    ...(base.kind === 'powder' ? [base.powderBinId] : []),
    ...(second ? [second.powderBinId] : []),
    ...(clearBinId ? [clearBinId] : []),
  ];
}
