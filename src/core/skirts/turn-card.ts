/** Where a bench card stands: which step, and how far its count is. */
export interface CardPlace {
  readonly step: number;
  readonly counted: number;
}

/**
 * Where a card stands after one press: counted on where there is something left to count, at the next step where not;
 * null after the last step, when the piece is done. `times` says how often each step is counted, 0 for not at all.
 *
 * @example pressCard({ step: 0, counted: 7 }, [8, 0]) // { step: 1, counted: 0 }: the eighth, and on
 */
export function pressCard({ step, counted }: CardPlace, times: readonly number[]): CardPlace | null {
  if (counted + 1 < (times[step] ?? 0)) return { step, counted: counted + 1 };
  return step + 1 < times.length ? { step: step + 1, counted: 0 } : null;
}

/**
 * Where it stands one back: a count less, or at the step before.
 *
 * @example backCard({ step: 1, counted: 0 }) // { step: 0, counted: 0 }
 */
export function backCard({ step, counted }: CardPlace): CardPlace {
  return counted > 0 ? { step, counted: counted - 1 } : { step: Math.max(0, step - 1), counted: 0 };
}
