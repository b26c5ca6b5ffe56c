import type { CureTime, PowderCard } from './cures/definition';

/**
 * Every cure worth trying for some powders: each temperature on their cards with each time on them, so that one which
 * serves several is among them. Coolest first, then shortest.
 *
 * @example candidateCures([{ cures: [{ cureC: 177, cureMin: 15 }], maxC: 205 }]) // [{ partC: 177, minutes: 15 }]
 */
export function candidateCures(cards: readonly PowderCard[]): CureTime[] {
  const lines = cards.flatMap(({ cures }) => cures);
  const ascending = (numbers: readonly number[]) => [...new Set(numbers)].sort((a, b) => a - b);
  return ascending(lines.map(({ cureC }) => cureC)).flatMap((partC) =>
    ascending(lines.map(({ cureMin }) => cureMin)).map((minutes) => ({ partC, minutes })),
  );
}
