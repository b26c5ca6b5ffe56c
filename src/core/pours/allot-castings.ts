import type { CavityGroup, GatheredMold, KeyCount, MoldFills, PlanRun, PourSolution } from './pour-plan';

/**
 * Turns numbers of pours into who casts what: molds that fill all come first, since theirs comes anyway, and
 * the others leave cavities empty once the count is there. What goes past the demand is `overPour`.
 *
 * @example allotCastings(new Map([['a', 1]]), [], { pours: [], shared: [] }).overPour // []
 */
export function allotCastings(
  wanted: ReadonlyMap<string, number>,
  molds: readonly GatheredMold[],
  solution: PourSolution,
): { runs: PlanRun[]; overPour: KeyCount[] } {
  const left = new Map(wanted);
  const over = new Map<string, number>();
  const take = (key: string, count: number) => {
    const stillWanted = left.get(key) ?? 0;
    left.set(key, Math.max(0, stillWanted - count));
    if (count > stillWanted) over.set(key, (over.get(key) ?? 0) + count - stillWanted);
  };
  const isForced = (index: number) => Boolean(molds[index]?.mold.fillAll);
  const order = molds.map((_, index) => index).sort((a, b) => Number(isForced(b)) - Number(isForced(a)));

  const fillsOf = new Map<number, MoldFills[]>();
  for (const index of order) {
    const gathered = molds[index];
    const pours = solution.pours[index] ?? 0;
    if (!gathered || pours === 0) continue;
    const fills = gathered.groups.map((group, place): MoldFills => {
      const given = solution.shared[index]?.[place] ?? null;
      const filled = isForced(index)
        ? fillEvery(group, pours, given)
        : fillWanted(group, pours, given, (key) => left.get(key) ?? 0);
      for (const { key, count } of filled) take(key, count);
      return { cavities: group.cavities, filled };
    });
    fillsOf.set(
      index,
      fills.filter((fill) => fill.filled.length > 0),
    );
  }
  const runs = molds.flatMap(({ mold }, index): PlanRun[] => {
    const fills = fillsOf.get(index);
    return fills ? [{ moldId: mold.id, pours: solution.pours[index] ?? 0, fills }] : [];
  });
  return { runs, overPour: [...over].map(([key, count]) => ({ key, count })) };
}

function fillEvery(group: CavityGroup, pours: number, given: ReadonlyMap<string, number> | null): KeyCount[] {
  const all = group.slots * pours;
  const first = group.wantedKeys[0] ?? group.keys[0] ?? '';
  if (!given) return [{ key: first, count: all }];
  const counts = new Map(given);
  const spare = all - [...given.values()].reduce((total, count) => total + count, 0);
  counts.set(first, (counts.get(first) ?? 0) + spare);
  return [...counts].filter(([, count]) => count > 0).map(([key, count]) => ({ key, count }));
}

function fillWanted(
  group: CavityGroup,
  pours: number,
  given: ReadonlyMap<string, number> | null,
  leftOf: (key: string) => number,
): KeyCount[] {
  return group.wantedKeys
    .map((key) => ({
      key,
      count: Math.min(given ? (given.get(key) ?? 0) : group.slots * pours, leftOf(key)),
    }))
    .filter(({ count }) => count > 0);
}
