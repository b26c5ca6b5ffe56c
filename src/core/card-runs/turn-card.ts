/** Where a run's card stands: at which step, of which piece, how far its count is. Each from 0. */
export interface CardPlace {
  readonly step: number;
  readonly piece: number;
  readonly counted: number;
}

/** One piece after the other, or one step for all of them. */
export type CardWay = 'one-by-one' | 'by-station';

/** How far a run is. */
export interface CardProgress {
  readonly card: CardPlace;
  readonly count: number;
  readonly way: CardWay;
  /** All steps of all pieces are done. */
  readonly isThrough: boolean;
}

/**
 * Where a card stands after one press: a count more; else the next step of this piece or, by station, this step of the next
 * piece. Null when all of it is through. `times` is how often each step counts, `count` how many pieces there are.
 *
 * @example pressCard({ step: 0, piece: 0, counted: 0 }, [1, 1], 2, 'by-station') // { step: 0, piece: 1, counted: 0 }
 */
export function pressCard(
  place: CardPlace,
  times: readonly number[],
  count: number,
  way: CardWay,
): CardPlace | null {
  const { step, piece, counted } = place;
  if (counted + 1 < (times[step] ?? 0)) return { ...place, counted: counted + 1 };
  const [nextStep, nextPiece] = [step + 1 < times.length, piece + 1 < count];
  if (way === 'one-by-one') {
    if (nextStep) return { step: step + 1, piece, counted: 0 };
    return nextPiece ? { step: 0, piece: piece + 1, counted: 0 } : null;
  }
  if (nextPiece) return { step, piece: piece + 1, counted: 0 };
  return nextStep ? { step: step + 1, piece: 0, counted: 0 } : null;
}

/**
 * Where a card stands when its step was done in one go: of all pieces where each step is done for all, else of the piece in
 * hand with all that it counts. Null when all of it is through.
 *
 * @example passStep({ step: 0, piece: 0, counted: 0 }, [7, 1], 20, 'by-station') // { step: 1, piece: 0, counted: 0 }
 */
export function passStep(
  place: CardPlace,
  times: readonly number[],
  count: number,
  way: CardWay,
): CardPlace | null {
  const last = { ...place, counted: Math.max(0, (times[place.step] ?? 0) - 1) };
  return pressCard(way === 'by-station' ? { ...last, piece: count - 1 } : last, times, count, way);
}

/**
 * Where it stands one back: a count less, or where it came from.
 *
 * @example backCard({ step: 1, piece: 0, counted: 0 }, 2, 3, 'by-station') // { step: 0, piece: 2, counted: 0 }
 */
export function backCard(place: CardPlace, steps: number, count: number, way: CardWay): CardPlace {
  const { step, piece, counted } = place;
  if (counted > 0) return { ...place, counted: counted - 1 };
  if (way === 'one-by-one') {
    if (step > 0) return { step: step - 1, piece, counted: 0 };
    return piece > 0 ? { step: steps - 1, piece: piece - 1, counted: 0 } : place;
  }
  if (piece > 0) return { step, piece: piece - 1, counted: 0 };
  return step > 0 ? { step: step - 1, piece: count - 1, counted: 0 } : place;
}

/**
 * How many pieces are through all steps. Where nobody says how many `steps` there are, a run by station counts none
 * before it is through.
 *
 * @example piecesDone({ card: { step: 3, piece: 2, counted: 0 }, count: 6, way: 'one-by-one', isThrough: false }) // 2
 */
export function piecesDone({ card, count, way, isThrough }: CardProgress, steps = Infinity): number {
  if (isThrough) return count;
  return way === 'one-by-one' || card.step === steps - 1 ? card.piece : 0;
}
