/**
 * How much plastic a bait is, from its weight: the mean of those that lay on the scale.
 *
 * @param massG All of them together, g.
 * @param baits How many.
 * @param densityGcm3 Of the plastic as it has set.
 * @returns One bait, cm3.
 * @example volumeByWeight(43, 10, 1.03) // 4.17
 */
export function volumeByWeight(massG: number, baits: number, densityGcm3: number): number {
  return massG / baits / densityGcm3;
}

/**
 * How much plastic a bait is, from a cup that was shot empty: what did not stay in cup and injector, less a runner a
 * shot, over the baits that came of it. Null where the runners alone would have taken more than there was.
 *
 * @param cupCm3 What was in the cup, cm3.
 * @param lossShare Stayed in cup and injector, 0 to under 1.
 * @param runnerCm3 One runner, cm3.
 * @param cavities Baits in a shot.
 * @param baits How many came of it.
 * @returns One bait, cm3.
 * @example volumeByCup({ cupCm3: 100, lossShare: 0.1, runnerCm3: 2, cavities: 4, baits: 20 }) // 4
 */
export function volumeByCup({
  cupCm3,
  lossShare,
  runnerCm3,
  cavities,
  baits,
}: {
  readonly cupCm3: number;
  readonly lossShare: number;
  readonly runnerCm3: number;
  readonly cavities: number;
  readonly baits: number;
}): number | null {
  const inBaits = cupCm3 * (1 - lossShare) - runnerCm3 * Math.ceil(baits / cavities);
  return inBaits > 0 ? inBaits / baits : null;
}
