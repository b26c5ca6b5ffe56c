import { sum } from '../../numeric/sum';
import type { RepeatedCuts } from './cut-bulk';
import type { CutPiece, CutPlan, CutStock } from './cut-facts';
import type { CutColumn } from './cut-master';

/**
 * Lengths opened, as a plan to cut by: what is cut over the demand is left out, lengths cut alike stand together, the
 * fullest first. `bulk` is cut besides, and never over the demand.
 *
 * @example writePlan(stock, pieces, [{ stock: 0, counts: [2] }]).patterns[0]?.times // 1
 */
export function writePlan(
  stock: readonly CutStock[],
  pieces: readonly CutPiece[],
  opened: readonly CutColumn[],
  bulk: readonly RepeatedCuts[] = [],
): Omit<CutPlan, 'optimal'> {
  const left = pieces.map(
    ({ count }, piece) => count - sum(bulk.map(({ counts, times }) => times * (counts[piece] ?? 0))),
  );
  const cut = opened.map(({ stock: from, counts }) => {
    const needed = counts.map((count, piece) => Math.min(count, left[piece] ?? 0));
    needed.forEach((count, piece) => (left[piece] = (left[piece] ?? 0) - count));
    return { stock: from, counts: needed };
  });
  const alike = new Map<string, RepeatedCuts>();
  const cutOnce = cut.filter(({ counts }) => counts.some((count) => count > 0));
  for (const each of [...bulk, ...cutOnce.map((once) => ({ ...once, times: 1 }))]) {
    const key = `${each.stock}:${each.counts.join(',')}`;
    alike.set(key, { ...each, times: (alike.get(key)?.times ?? 0) + each.times });
  }
  const lengthCut = (counts: readonly number[]) =>
    sum(counts.map((count, piece) => count * (pieces[piece]?.lengthMm ?? 0)));
  const patterns = [...alike.values()].sort(
    (a, b) => a.stock - b.stock || b.times - a.times || lengthCut(b.counts) - lengthCut(a.counts),
  );
  const times = stock.map((_, at) =>
    sum(patterns.filter((each) => each.stock === at).map((each) => each.times)),
  );
  const openedMm = sum(stock.map(({ lengthMm }, at) => lengthMm * (times[at] ?? 0)));
  return {
    used: stock.flatMap(({ id }, at) =>
      (times[at] ?? 0) > 0 ? [{ stockId: id, count: times[at] ?? 0 }] : [],
    ),
    patterns: patterns.map(({ stock: from, counts, times: often }) => ({
      stockId: stock[from]?.id ?? '',
      times: often,
      cuts: counts.flatMap((count, piece) => (count > 0 ? [{ id: pieces[piece]?.id ?? '', count }] : [])),
    })),
    wasteMm: Math.max(0, openedMm - sum(pieces.map(({ lengthMm, count }) => lengthMm * count))),
  };
}
