import { sum } from '../numeric/sum';

/** A roll, stick or offcut on the shelf. */
export interface ShelfLength {
  /** Null for what nobody told apart: it counts as one length. */
  readonly id: string | null;
  readonly mm: number;
  /** It was longer once. */
  readonly isOffcut: boolean;
}

/** A thousandth of a millimeter is no length. */
const NOTHING_MM = 0.001;

/**
 * What lies in a bin that is kept by length, length by length, the longest first: sums of its entries by the length they
 * name. What the bin holds besides is one more length.
 *
 * @example lengthsOnShelf([{ lengthId: 'a', qty: 5000 }, { lengthId: 'a', qty: -800 }], 4200)
 * // [{ id: 'a', mm: 4200, isOffcut: true }]
 */
export function lengthsOnShelf(
  entries: readonly { readonly lengthId: string | null; readonly qty: number }[],
  levelMm: number,
): ShelfLength[] {
  const amounts = new Map<string, number[]>();
  for (const { lengthId, qty } of entries) {
    if (lengthId !== null) amounts.set(lengthId, [...(amounts.get(lengthId) ?? []), qty]);
  }
  const told = [...amounts].map(([id, quantities]): ShelfLength => {
    return { id, mm: sum(quantities), isOffcut: quantities.some((qty) => qty < 0) };
  });
  const loose = levelMm - sum(told.map(({ mm }) => mm));
  return [...told, { id: null, mm: loose, isOffcut: false }]
    .filter(({ mm }) => mm > NOTHING_MM)
    .sort((a, b) => b.mm - a.mm || (a.id ?? '').localeCompare(b.id ?? '', 'en'));
}
