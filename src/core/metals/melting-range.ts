export interface MeltingRange {
  readonly solidusC: number;
  readonly liquidusC: number;
}

export interface ListedAlloy {
  readonly key: string;
  readonly composition: Readonly<Record<string, number>>;
  readonly solidusC: number;
  readonly liquidusC: number;
}

/** Lead-antimony by antimony share: solidus and liquidus, C. Eutectic 252 C at 11.1 %, solid lead holds 3.5 %. */
const LEAD_ANTIMONY: readonly (readonly [share: number, solidusC: number, liquidusC: number])[] = [
  [0, 327.5, 327.5],
  [0.02, 297, 314],
  [0.035, 252, 303],
  [0.111, 252, 252],
  [0.2, 252, 320],
];

/** Other elements under this leave a lead-antimony alloy one. */
const TRACE = 0.012;
/** How far any element may lie from a listed alloy that is to stand for a mix. */
const NEAR = 0.03;

/**
 * About where a mix begins to melt and is all melted, C: lead with antimony by its phase diagram, else the listed
 * alloy whose shares lie all within 3 % of it. Null where neither speaks for it: melt a little and see.
 *
 * @example meltingRange({ Pb: 0.96, Sb: 0.04 }, []) // { solidusC: 252, liquidusC: 299.6... }
 */
export function meltingRange(
  composition: Readonly<Record<string, number>>,
  alloys: readonly ListedAlloy[],
): MeltingRange | null {
  const listed = alloys
    .map((alloy) => ({ alloy, off: farthest(composition, alloy.composition) }))
    .sort((a, b) => a.off - b.off)[0];
  if (listed && listed.off < 1e-6) return listed.alloy;
  const antimony = composition.Sb ?? 0;
  const lead = composition.Pb ?? 0;
  if (1 - antimony - lead <= TRACE && lead > 0.5) {
    const above = LEAD_ANTIMONY.findIndex(([share]) => share >= antimony);
    const [to, from] = [LEAD_ANTIMONY[above], LEAD_ANTIMONY[Math.max(0, above - 1)]];
    if (!to || !from) return null;
    const part = to[0] === from[0] ? 0 : (antimony - from[0]) / (to[0] - from[0]);
    return { solidusC: from[1] + part * (to[1] - from[1]), liquidusC: from[2] + part * (to[2] - from[2]) };
  }
  return listed && listed.off <= NEAR ? listed.alloy : null;
}

function farthest(a: Readonly<Record<string, number>>, b: Readonly<Record<string, number>>): number {
  const elements = new Set([...Object.keys(a), ...Object.keys(b)]);
  return Math.max(0, ...[...elements].map((element) => Math.abs((a[element] ?? 0) - (b[element] ?? 0))));
}
