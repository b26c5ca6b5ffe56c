/** Something that can be done. */
export interface Change<What> {
  /** Of one lever only one change is made. */
  readonly lever: string;
  /** Changes of one sort are one piece of advice: the better of them is told. */
  readonly sort: string;
  /** How much work it is, to choose between what mends alike. */
  readonly effort: number;
  readonly what: What;
}

export interface Changed<What, Told> {
  readonly changes: readonly Change<What>[];
  readonly told: Told;
  /** How bad it still is; 0 is faultless. */
  readonly score: number;
}

interface SearchOptions {
  /** So many are tried at most. */
  readonly most: number;
  /** So many come back. */
  readonly give: number;
  readonly onProgress?: (share: number) => void;
}

/** Scores this near are alike: less work is better then. */
const ALIKE = 0.25;

/**
 * The best few ways to mend something by one change or two: each alone first, then pairs, those first whose changes helped most
 * alone. Those that come back are better than nothing done, and none of them does more than another for the same.
 *
 * @example bestChanges(levers, judge, before, { most: 60, give: 3 })[0].changes // one or two
 */
export function bestChanges<What, Told>(
  changes: readonly Change<What>[],
  judge: (made: readonly Change<What>[]) => { readonly told: Told; readonly score: number },
  before: number,
  { most, give, onProgress }: SearchOptions,
): readonly Changed<What, Told>[] {
  const tried: Changed<What, Told>[] = [];
  const pairs = (changes.length * (changes.length - 1)) / 2;
  const whole = Math.min(most, changes.length + pairs);
  const attempt = (made: readonly Change<What>[]) => {
    const found = { changes: made, ...judge(made) };
    tried.push(found);
    onProgress?.(tried.length / whole);
    return found;
  };
  const alone = changes.slice(0, most).map((change) => ({ change, ...attempt([change]) }));
  const together = alone.flatMap((one, nth) =>
    alone
      .slice(nth + 1)
      .filter(({ change }) => change.lever !== one.change.lever)
      .map((other) => ({ made: [one.change, other.change], hope: one.score + other.score })),
  );
  for (const { made } of together.toSorted((a, b) => a.hope - b.hope)) {
    if (tried.length >= most) break;
    attempt(made);
  }
  const effortOf = (each: Changed<What, Told>) => each.changes.reduce((so, { effort }) => so + effort, 0);
  const stepOf = ({ score }: Changed<What, Told>) => Math.round(score / ALIKE);
  const ranked = tried
    .filter(({ score }) => score < before - ALIKE)
    .toSorted((a, b) => stepOf(a) - stepOf(b) || effortOf(a) - effortOf(b) || a.score - b.score);
  const best: Changed<What, Told>[] = [];
  for (const each of ranked) {
    if (best.length >= give) break;
    // The same pulled a little otherwise is no other advice, nor is more of it for nothing.
    const sorts = new Set(each.changes.map(({ sort }) => sort));
    const isCovered = best.some((better) => {
      const others = better.changes.map(({ sort }) => sort);
      return others.every((sort) => sorts.has(sort)) && better.score <= each.score + ALIKE;
    });
    if (!isCovered) best.push(each);
  }
  return best;
}
