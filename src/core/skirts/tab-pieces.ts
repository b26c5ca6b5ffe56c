import { gather, type TabPieces } from './pull-tabs';

interface TabEntry {
  readonly qty: number;
  /** How much of a tab each piece is; null for whole ones. */
  readonly pieceShare: number | null;
}

const SAME = 1e-6;

/**
 * The pieces in a bin of tabs, from its ledger: whole ones and what is left of cut ones, largest first. Where it was
 * counted in broken tabs, the broken part is one piece; where more whole ones went than there were, cut ones did.
 *
 * @example tabPieces([{ qty: 9, pieceShare: null }, { qty: 0.5, pieceShare: 0.5 }])
 * // [{ share: 1, count: 9 }, { share: 0.5, count: 1 }]
 */
export function tabPieces(entries: readonly TabEntry[]): TabPieces[] {
  const cut = new Map<number, number>();
  let whole = 0;
  for (const { qty, pieceShare } of entries) {
    if (pieceShare === null) whole += qty;
    else cut.set(pieceShare, (cut.get(pieceShare) ?? 0) + qty / pieceShare);
  }
  const loose = [...cut].flatMap(([share, count]) =>
    Array.from({ length: Math.max(0, Math.round(count)) }, () => share),
  );
  // What was entered short of pieces that are not there comes off the others.
  let over = [...cut].reduce((so, [share, count]) => so + Math.min(0, Math.round(count)) * share, whole);
  loose.sort((a, b) => a - b);
  while (over < -SAME && loose.length > 0) over += loose.shift() ?? 0;
  if (over < SAME) return gather(loose);
  const wholes = Math.floor(over + SAME);
  const rest = over - wholes;
  // Counted anew as whole ones, a tab may stand in the ledger as two pieces that make it up.
  const mate = rest > SAME ? loose.findIndex((share) => Math.abs(share + rest - 1) < SAME) : -1;
  if (mate >= 0) {
    loose.splice(mate, 1);
    return gather([...Array.from({ length: wholes + 1 }, () => 1), ...loose]);
  }
  return gather([...Array.from({ length: wholes }, () => 1), ...(rest > SAME ? [rest] : []), ...loose]);
}
