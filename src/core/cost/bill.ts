import { sum } from '../numeric/sum';
import type { Purse } from './purse';
import { rollUpCost } from './roll-up-cost';

/** A piece and what it is made of, down to the last bead. */
export interface BillPart {
  readonly id: string;
  readonly name: string;
  /** What is taken from the shelf for it; null for what is made of parts. */
  readonly item: string | null;
  /** Of it for one of what it goes into, in the item's unit. */
  readonly qty: number;
  /** The work that makes it of its parts; null for what is taken as it is. */
  readonly stage: string | null;
  readonly parts: readonly BillPart[];
}

/** What a stage takes for one piece. */
export interface StageFacts {
  /** Of one that is begun, whether it comes out or fails. */
  readonly minutesEach: number;
  readonly ratePerHour: number;
  readonly kWhEach: number;
  readonly pricePerKWh: number;
  /** Share of pieces that fail there, under 1. */
  readonly scrapShare: number;
  /** Whether what fails costs its parts too, or gives them back, as metal goes back to the pot. */
  readonly losesParts: boolean;
  readonly tooling: readonly { readonly name: string; readonly cost: number; readonly lifePieces: number }[];
}

export interface CostKinds {
  readonly materials: number;
  readonly labour: number;
  readonly tooling: number;
  readonly energy: number;
}

/** A part with what it costs in one piece of the whole. */
export interface CostedPart extends CostKinds {
  readonly id: string;
  readonly name: string;
  readonly item: string | null;
  readonly stage: string | null;
  /** In one of the whole, in the item's unit. */
  readonly qty: number;
  /** Everything of it together. */
  readonly each: number;
  /** Its own work alone: hands, tools, power and what fails, without its parts. */
  readonly own: CostKinds;
  /** Some price in it is a guess or missing. */
  readonly isGuess: boolean;
  readonly parts: readonly CostedPart[];
}

const NONE: CostKinds = { materials: 0, labour: 0, tooling: 0, energy: 0 };
const KINDS = ['materials', 'labour', 'tooling', 'energy'] as const;

function added(costs: readonly CostKinds[]): CostKinds {
  const total = (kind: keyof CostKinds) => sum(costs.map((cost) => cost[kind]));
  return {
    materials: total('materials'),
    labour: total('labour'),
    tooling: total('tooling'),
    energy: total('energy'),
  };
}

/**
 * What each part of a piece costs, for so many pieces: parts at their real prices, oldest first, every stage with its
 * hands, tools, power and what fails there. All figures are for one of the whole, in the maker's own money. What nobody
 * priced counts nothing and is marked a guess.
 *
 * @param count how many are made, 1 or more: the more, the later the prices that are reached
 * @param stageOf what the work on a part takes; null where nobody knows. Asked only of parts that have a stage
 * @example costBill({ id: 'a', name: 'Hook', item: 'hook', qty: 1, stage: null, parts: [] }, 10, pay, () => null).each
 */
export function costBill(
  bill: BillPart,
  count: number,
  pay: Purse,
  stageOf: (part: BillPart) => StageFacts | null,
  perWhole = 1,
): CostedPart {
  const qty = bill.qty * perWhole;
  const common = { id: bill.id, name: bill.name, item: bill.item, stage: bill.stage, qty };
  if (bill.item !== null) {
    const { cost, isGuess } = pay(bill.item, qty * count);
    const materials = (cost ?? 0) / count;
    return { ...common, ...NONE, materials, each: materials, own: NONE, isGuess, parts: [] };
  }
  const facts = bill.stage === null ? null : stageOf(bill);
  const scrapShare = facts?.scrapShare ?? 0;
  /** So many must be begun that one comes out. */
  const begun = 1 / (1 - scrapShare);
  const parts = bill.parts.map((part) =>
    costBill(part, count, pay, stageOf, qty * (facts?.losesParts ? begun : 1)),
  );
  const own = facts ? ownCost(facts, begun, qty) : NONE;
  const all = added([own, ...parts]);
  return {
    ...common,
    ...all,
    each: sum(KINDS.map((kind) => all[kind])),
    own,
    isGuess: parts.some((part) => part.isGuess),
    parts,
  };
}

/** The work on one of the whole, what fails begun over. */
function ownCost(facts: StageFacts, begun: number, qty: number): CostKinds {
  const { minutesEach, ratePerHour, kWhEach, pricePerKWh, tooling } = facts;
  const rolled = rollUpCost({
    parts: [],
    labour: [{ name: 'hands', minutes: minutesEach * begun, ratePerHour }],
    tooling,
    energy: [{ kWh: kWhEach * begun, pricePerKWh }],
    batch: 1,
  });
  return {
    materials: 0,
    labour: rolled.labour * qty,
    tooling: rolled.tooling * begun * qty,
    energy: rolled.energy * qty,
  };
}
