/** A step of a card as the maker has it: where it stands, and in what words; left out where the usual ones do. */
export interface OwnStep {
  readonly id: string;
  readonly says?: string | undefined;
}

/**
 * A card in the maker's own order and words. Steps that nobody placed, since the piece has changed, come after the one that
 * they usually follow; what was placed and is no more is left out.
 *
 * @example inOwnOrder([{ id: 'a', title: 'A' }, { id: 'b', title: 'B' }], [{ id: 'b', says: 'Mine' }, { id: 'a' }])
 * // [{ id: 'b', title: 'Mine' }, { id: 'a', title: 'A' }]
 */
export function inOwnOrder<Step extends { readonly id: string; readonly title: string }>(
  steps: readonly Step[],
  own: readonly OwnStep[],
): Step[] {
  const place = new Map(own.map(({ id }, at) => [id, at]));
  const says = new Map(own.map((each) => [each.id, each.says]));
  const ordered = steps
    .filter(({ id }) => place.has(id))
    .sort((one, other) => (place.get(one.id) ?? 0) - (place.get(other.id) ?? 0));
  for (const [at, step] of steps.entries()) {
    if (place.has(step.id)) continue;
    const before = steps[at - 1];
    const behind = before ? ordered.findIndex(({ id }) => id === before.id) + 1 : 0;
    ordered.splice(behind, 0, step);
  }
  return ordered.map((step) => ({ ...step, title: says.get(step.id) ?? step.title }));
}

/**
 * The card with a step moved, as it is kept.
 *
 * @example moveStep([{ id: 'a' }, { id: 'b' }], 1, -1) // [{ id: 'b' }, { id: 'a' }]
 */
export function moveStep(own: readonly OwnStep[], at: number, by: 1 | -1): OwnStep[] {
  const moved = own[at];
  const to = at + by;
  if (!moved || to < 0 || to >= own.length) return [...own];
  const rest = own.filter((_, index) => index !== at);
  rest.splice(to, 0, moved);
  return rest;
}
