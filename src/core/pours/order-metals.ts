export interface OrderedMetal {
  readonly id: string;
  /** Mass shares of the elements; null where nobody knows. */
  readonly composition: Readonly<Record<string, number>> | null;
}

/**
 * The order in which metals go into one pot: what must be free of lead before what has lead in it, the purer
 * before the harder, what nobody knows after these, and zinc last of all, since a little of it spoils the lead
 * after it.
 *
 * @example orderMetals([lead, pewter]) // pewter, lead
 */
export function orderMetals<Metal extends OrderedMetal>(metals: readonly Metal[]): Metal[] {
  return [...metals].sort(
    (a, b) =>
      rank(a) - rank(b) || (a.composition?.Sb ?? 0) - (b.composition?.Sb ?? 0) || a.id.localeCompare(b.id),
  );
}

function rank({ composition }: OrderedMetal): number {
  if (composition === null) return 2;
  if ((composition.Zn ?? 0) > 0) return 3;
  return (composition.Pb ?? 0) > 0 ? 1 : 0;
}
