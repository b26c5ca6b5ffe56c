import { sum } from '../numeric/sum';

/** Elements whose mixture begins to melt at one temperature, C. */
export interface FirstLiquid {
  readonly elements: readonly string[];
  readonly atC: number;
}

export interface ListedAlloy {
  readonly composition: Readonly<Record<string, number>>;
  readonly liquidusC: number;
}

/** What is known of how elements melt, alone and together. */
export interface MeltingFacts {
  /** Of the elements, C. */
  readonly pointsC: Readonly<Record<string, number>>;
  /** Pairs first, then triples; on a tie the first listed is named. */
  readonly firstLiquids: readonly FirstLiquid[];
  /** How much of an element solid lead holds, a share. */
  readonly heldByLead: Readonly<Record<string, number>>;
  /** Alloys whose liquidus was measured. */
  readonly alloys: readonly ListedAlloy[];
}

export interface MeltingRange {
  /** Up to here it stays wholly solid, C, on the safe side; null where nobody knows. */
  readonly solidusC: number | null;
  /** From here on it is all melted, C; null where no diagram or listed alloy tells it. */
  readonly liquidusC: number | null;
  /** Whose first liquid gave the solidus; null for one element, and where nobody knows. */
  readonly firstLiquid: readonly string[] | null;
}

/** What stays solid in any pot: it is set aside first. */
const NEVER_MELTS: ReadonlySet<string> = new Set(['W', 'Fe']);
/** Under this an element is left out, a share of what melts. */
const TRACE = 0.005;
/** From this on each element of a triple counts in a base of lead. */
const TRIPLE_IN_LEAD = 0.02;
/** A base of lead. */
const LEAD_BASE = 0.5;
/** Rounding noise of shares. */
const NOISE = 1e-12;
/** Lead with antimony, all melted from here on, C: liquidus by antimony share; eutectic at 11.1 %. */
const LEAD_ANTIMONY: readonly (readonly [share: number, liquidusC: number])[] = [
  [0, 327.5],
  [0.02, 314],
  [0.035, 303],
  [0.111, 252],
  [0.2, 320],
];
/** Other elements under this leave a lead-antimony alloy one. */
const LIQUIDUS_TRACE = 0.012;
/** How far any element may lie from a listed alloy whose liquidus is to stand for a mix. */
const NEAR = 0.03;

const NOTHING: MeltingRange = { solidusC: null, liquidusC: null, firstLiquid: null };

/**
 * How hot a mix may get and stay wholly solid, on the safe side: the lowest first liquid of the elements that are there with
 * 0.5 % or more; in a base of lead, an element that solid lead holds lowers it only as far as its share goes. And from when
 * on it is all melted, where a diagram or a listed alloy tells it. Shares by mass, sum 1, at least one of them over 0.
 *
 * Source: calculation contract, `metal.melting`, after the binary and ternary phase diagrams.
 *
 * @example meltingRange({ Sn: 0.973, Pb: 0.027 }, facts) // { solidusC: 183, liquidusC: null, firstLiquid: ['Pb', 'Sn'] }
 */
export function meltingRange(
  composition: Readonly<Record<string, number>>,
  facts: MeltingFacts,
): MeltingRange {
  const melting = Object.entries(composition).filter(
    ([element, share]) => share > 0 && !NEVER_MELTS.has(element),
  );
  const total = sum(melting.map(([, share]) => share));
  if (!(total > NOISE)) return NOTHING;
  const shares = new Map(
    melting.flatMap(([element, share]) =>
      share / total >= TRACE - NOISE ? [[element, share / total] as const] : [],
    ),
  );
  const elements = [...shares.keys()];
  const [only] = elements;
  if (only !== undefined && elements.length === 1) {
    const atC = facts.pointsC[only] ?? null;
    return { solidusC: atC, liquidusC: atC, firstLiquid: null };
  }
  // What an element does that nobody listed, nobody knows.
  if (elements.some((element) => facts.pointsC[element] === undefined)) return NOTHING;
  const lowest = firstOf(shares, facts);
  return {
    solidusC: lowest?.atC ?? null,
    liquidusC: liquidusOf(composition, facts.alloys),
    firstLiquid: lowest?.elements ?? null,
  };
}

/** The group of the elements there whose first liquid comes soonest, and when; on a tie the first listed. */
function firstOf(
  shares: ReadonlyMap<string, number>,
  { pointsC, firstLiquids, heldByLead }: MeltingFacts,
): FirstLiquid | null {
  const shareOf = (element: string) => shares.get(element) ?? 0;
  const isLead = shareOf('Pb') >= LEAD_BASE - NOISE;
  const counts = ({ elements }: FirstLiquid) =>
    elements.every((element) => shares.has(element)) &&
    (!isLead || elements.includes('Pb')) &&
    (!isLead || elements.length < 3 || elements.every((each) => shareOf(each) >= TRIPLE_IN_LEAD - NOISE));
  const atOf = ({ elements, atC }: FirstLiquid): number => {
    const second = elements.length === 2 ? elements.find((element) => element !== 'Pb') : undefined;
    const held = second === undefined ? undefined : heldByLead[second];
    if (!isLead || second === undefined || held === undefined || shareOf(second) > held) return atC;
    const pureC = pointsC.Pb ?? atC;
    return pureC + (shareOf(second) / held) * (atC - pureC);
  };
  return firstLiquids.filter(counts).reduce<FirstLiquid | null>((lowest, each) => {
    const atC = atOf(each);
    return lowest === null || atC < lowest.atC ? { elements: each.elements, atC } : lowest;
  }, null);
}

/** Lead with antimony by its diagram, else the listed alloy whose shares lie all within 3 % of it. */
function liquidusOf(
  composition: Readonly<Record<string, number>>,
  alloys: readonly ListedAlloy[],
): number | null {
  const [nearest] = alloys
    .map((alloy) => ({ alloy, off: farthest(composition, alloy.composition) }))
    .sort((a, b) => a.off - b.off);
  if (nearest && nearest.off < 1e-6) return nearest.alloy.liquidusC;
  const antimony = composition.Sb ?? 0;
  const lead = composition.Pb ?? 0;
  if (1 - antimony - lead <= LIQUIDUS_TRACE && lead > LEAD_BASE) {
    const above = LEAD_ANTIMONY.findIndex(([share]) => share >= antimony);
    const [to, from] = [LEAD_ANTIMONY[above], LEAD_ANTIMONY[Math.max(0, above - 1)]];
    if (!to || !from) return null;
    const part = to[0] === from[0] ? 0 : (antimony - from[0]) / (to[0] - from[0]);
    return from[1] + part * (to[1] - from[1]);
  }
  return nearest && nearest.off <= NEAR ? nearest.alloy.liquidusC : null;
}

function farthest(a: Readonly<Record<string, number>>, b: Readonly<Record<string, number>>): number {
  const elements = new Set([...Object.keys(a), ...Object.keys(b)]);
  return Math.max(0, ...[...elements].map((element) => Math.abs((a[element] ?? 0) - (b[element] ?? 0))));
}
