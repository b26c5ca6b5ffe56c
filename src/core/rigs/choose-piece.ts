import type { RigPlace, RigQuestion, RigWish } from './kinds/definition';
import type { RigPiece } from './rig';

/**
 * The piece of the shelf that a place wishes for: one that fits, the nearest to the wished size, or the least that is not
 * under it. Without a wish the first that may lie there, and where a strength is wished that nobody knows of any. Null where
 * none may.
 *
 * @example choosePiece(shelf, crimpPlace, question)?.name // 'Crimp 1.0 mm'
 */
export function choosePiece(
  shelf: readonly RigPiece[],
  place: RigPlace,
  question: RigQuestion,
): RigPiece | null {
  const may = shelf.filter((piece) => mayLie(piece, place));
  const wish = place.wish(question);
  if (!wish) return may[0] ?? null;
  // Of what nobody ever tested the strength is not known, and the thing is there all the same.
  return nearestTo(may, wish) ?? (wish.size === 'breakKgf' ? (may[0] ?? null) : null);
}

/** Whether a piece may fill a place at all. */
export function mayLie({ gauge }: RigPiece, { takes, line }: Pick<RigPlace, 'takes' | 'line'>): boolean {
  if (!takes.includes(gauge.as)) return false;
  return gauge.as !== 'line' || !line || (gauge.line !== null && line.includes(gauge.line));
}

/**
 * The piece that a wish means; null where none has such a size.
 *
 * @example nearestTo(hooks, { size: 'gapeMm', value: 12, how: 'at-least' })?.name // 'Rig hook, wide 1/0'
 */
export function nearestTo(
  pieces: readonly RigPiece[],
  { size, value, how, fits, isStrict = false }: RigWish,
): RigPiece | null {
  const sized = pieces.flatMap((piece) => {
    const own = size === 'massG' ? piece.massG : piece.gauge.sizes[size];
    return own === undefined || own === null ? [] : [{ piece, own }];
  });
  const suiting = fits ? sized.filter(({ piece }) => fits(piece)) : [];
  const from = suiting.length > 0 || isStrict ? suiting : sized;
  const enough = how === 'at-least' ? from.filter(({ own }) => own >= value * (1 - 1e-9)) : from;
  const among = enough.length > 0 ? enough : from;
  return [...among].sort((a, b) => Math.abs(a.own - value) - Math.abs(b.own - value))[0]?.piece ?? null;
}
