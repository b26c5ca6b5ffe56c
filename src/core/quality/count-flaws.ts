import type { FlawKind } from './flaws';

/** A casting, or several alike, as the records keep them. */
export interface CountedCasting {
  readonly count: number;
  /** Null where nothing is wrong, or nobody said what. */
  readonly flaw: FlawKind | null;
  readonly isGood: boolean;
  readonly moldId: string | null;
  readonly cavity: number | null;
  readonly potC: number | null;
  readonly pourNo: number | null;
  /** Found at the dressing bench on a casting that its pour had counted as good. */
  readonly isFoundLater: boolean;
}

export interface FlawCount {
  readonly key: string;
  readonly cast: number;
  readonly flawed: number;
  readonly share: number;
  /** Where the true share lies in 19 of 20 cases (Wilson's interval). */
  readonly lowShare: number;
  readonly highShare: number;
  /** Most frequent first; castings of which nobody said what is wrong are left out. */
  readonly kinds: readonly { readonly kind: FlawKind; readonly count: number }[];
}

const Z = 1.959964;

/**
 * Wilson's interval of a share: where it truly lies in 19 of 20 cases.
 *
 * @example wilson(0, 10) // [0, 0.278]
 */
export function wilson(part: number, whole: number): readonly [low: number, high: number] {
  if (whole <= 0) return [0, 1];
  const share = part / whole;
  const z2 = (Z * Z) / whole;
  const middle = (share + z2 / 2) / (1 + z2);
  const half = (Z / (1 + z2)) * Math.sqrt((share * (1 - share)) / whole + z2 / (4 * whole));
  return [Math.max(0, middle - half), Math.min(1, middle + half)];
}

/**
 * Counts castings and what was wrong with them by any key: mold, cavity, pot temperature, pour number. Castings
 * whose key is null are left out. In the order in which keys first come.
 *
 * @example countFlaws(castings, ({ moldId }) => moldId)[0].share // misfills of the first mold
 */
export function countFlaws(
  castings: readonly CountedCasting[],
  keyOf: (casting: CountedCasting) => string | null,
): FlawCount[] {
  const groups = new Map<string, { cast: number; flawed: number; kinds: Map<FlawKind, number> }>();
  for (const casting of castings) {
    const key = keyOf(casting);
    if (key === null) continue;
    const group = groups.get(key) ?? { cast: 0, flawed: 0, kinds: new Map<FlawKind, number>() };
    groups.set(key, group);
    // What is found later was cast, and counted, before.
    if (!casting.isFoundLater) group.cast += casting.count;
    if (!casting.isGood) group.flawed += casting.count;
    if (casting.flaw) group.kinds.set(casting.flaw, (group.kinds.get(casting.flaw) ?? 0) + casting.count);
  }
  return [...groups].map(([key, { cast, flawed, kinds }]) => {
    const whole = Math.max(cast, flawed);
    const [lowShare, highShare] = wilson(flawed, whole);
    return {
      key,
      cast: whole,
      flawed,
      share: whole > 0 ? flawed / whole : 0,
      lowShare,
      highShare,
      kinds: [...kinds].map(([kind, count]) => ({ kind, count })).sort((a, b) => b.count - a.count),
    };
  });
}
