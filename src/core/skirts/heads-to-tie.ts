/** Heads that wait for a skirt. */
export interface HeadsToTie {
  readonly headBinId: string;
  readonly skirtId: string;
  readonly ticketId: string;
  readonly lineId: string;
  readonly count: number;
}

interface SkirtLine {
  readonly id: string;
  readonly ticketId: string;
  readonly coatId: string | null;
  readonly skirtId: string | null;
}

interface LineEntry {
  readonly binId: string;
  readonly lineId: string | null;
  readonly qty: number;
}

type HeadOf = (binId: string) => { readonly coatId: string | null; readonly skirtId: string | null } | null;

/**
 * The heads of open ticket lines that are cast, wear the color they are to have, and want their skirt: less what is
 * being tied already. Lines in the order given.
 *
 * @example headsToTie(lines, entries, headOf, [])[0].count
 */
export function headsToTie(
  lines: readonly SkirtLine[],
  entries: readonly LineEntry[],
  headOf: HeadOf,
  underWay: readonly {
    readonly lineId: string | null;
    readonly headBinId: string | null;
    readonly left: number;
  }[],
): HeadsToTie[] {
  return lines.flatMap(({ id, ticketId, coatId, skirtId }): HeadsToTie[] => {
    if (skirtId === null) return [];
    const held = new Map<string, number>();
    for (const { binId, lineId, qty } of entries) {
      if (lineId !== id) continue;
      const head = headOf(binId);
      if (head && head.coatId === coatId && head.skirtId === null)
        held.set(binId, (held.get(binId) ?? 0) + qty);
    }
    return [...held].flatMap(([headBinId, qty]): HeadsToTie[] => {
      const tying = underWay
        .filter((each) => each.lineId === id && each.headBinId === headBinId)
        .reduce((so, { left }) => so + left, 0);
      const count = Math.floor(qty) - tying;
      return count > 0 ? [{ headBinId, skirtId, ticketId, lineId: id, count }] : [];
    });
  });
}

/**
 * How many heads of each line wear their skirt: what tying put into bins of dressed heads.
 *
 * @example countTied([{ kind: 'tied', lineId: 'a', qty: 3 }, { kind: 'tied', lineId: 'a', qty: -3 }]).get('a') // 3
 */
export function countTied(
  entries: readonly { readonly kind: string; readonly lineId: string | null; readonly qty: number }[],
): Map<string, number> {
  const tied = new Map<string, number>();
  for (const { kind, lineId, qty } of entries) {
    if (kind === 'tied' && lineId !== null && qty > 0) tied.set(lineId, (tied.get(lineId) ?? 0) + qty);
  }
  return tied;
}
