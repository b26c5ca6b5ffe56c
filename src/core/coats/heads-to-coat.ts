/** Bare heads that wait for a color. */
export interface WaitingHeads {
  readonly headBinId: string;
  readonly coatId: string;
  readonly ticketId: string | null;
  readonly lineId: string | null;
  readonly count: number;
}

interface CoatLine {
  readonly id: string;
  readonly ticketId: string;
  readonly coatId: string | null;
}

interface LineEntry {
  readonly binId: string;
  readonly lineId: string | null;
  readonly qty: number;
}

type HungHead = Pick<WaitingHeads, 'headBinId' | 'coatId' | 'lineId'>;

/**
 * The heads of open ticket lines that are cast, not yet coated and on no rack: what a line holds of bare heads, less
 * what hangs for it. Lines in the order given.
 *
 * @example headsToCoat(lines, entries, (binId) => binId === 'bare', hung)[0].count
 */
export function headsToCoat(
  lines: readonly CoatLine[],
  entries: readonly LineEntry[],
  isBare: (binId: string) => boolean,
  hung: readonly HungHead[],
): WaitingHeads[] {
  return lines.flatMap(({ id, ticketId, coatId }): WaitingHeads[] => {
    if (coatId === null) return [];
    const held = new Map<string, number>();
    for (const { binId, lineId, qty } of entries) {
      if (lineId === id && isBare(binId)) held.set(binId, (held.get(binId) ?? 0) + qty);
    }
    return [...held].flatMap(([headBinId, qty]): WaitingHeads[] => {
      const onRacks = hung.filter((each) => each.lineId === id && each.headBinId === headBinId).length;
      const count = Math.floor(qty) - onRacks;
      return count > 0 ? [{ headBinId, coatId, ticketId, lineId: id, count }] : [];
    });
  });
}

/**
 * How many heads of each line wear their color.
 *
 * @example countCoated([{ kind: 'coated', lineId: 'a', qty: 3 }], () => false).get('a') // 3
 */
export function countCoated(
  entries: readonly (LineEntry & { readonly kind: string })[],
  isBare: (binId: string) => boolean,
): Map<string, number> {
  const coated = new Map<string, number>();
  for (const { binId, lineId, qty, kind } of entries) {
    if (lineId !== null && kind === 'coated' && !isBare(binId)) {
      coated.set(lineId, (coated.get(lineId) ?? 0) + qty);
    }
  }
  return coated;
}

/**
 * How many heads of each line went bare into what was built of them: they want no color any more.
 *
 * @example countUsedBare([{ binId: 'bare', kind: 'taken', lineId: 'a', qty: -3 }], () => true).get('a') // 3
 */
export function countUsedBare(
  entries: readonly (LineEntry & { readonly kind: string })[],
  isBare: (binId: string) => boolean,
): Map<string, number> {
  const used = new Map<string, number>();
  for (const { binId, lineId, qty, kind } of entries) {
    if (lineId !== null && (kind === 'taken' || kind === 'returned') && isBare(binId)) {
      used.set(lineId, (used.get(lineId) ?? 0) - qty);
    }
  }
  return used;
}
