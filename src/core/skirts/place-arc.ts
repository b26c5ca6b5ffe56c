import type { Arc, SkirtPlace } from './skirt-layer';

const FULL_DEG = 360;
/** What is laid on top or below spreads over so much of the round once the collar grips it. */
const BACK_DEG = 140;
/** And at a side. */
const SIDE_DEG = 80;

const MIDDLES = { top: 0, right: 90, below: 180, left: 270 } as const;

/**
 * The part of the round that a place means. Angles that say the same twice mean all round.
 *
 * @example placeArc({ at: 'below' }) // { fromDeg: 110, toDeg: 250 }
 */
export function placeArc(place: SkirtPlace): Arc {
  if (place.at === 'round') return { fromDeg: 0, toDeg: FULL_DEG };
  if (place.at === 'angles') {
    const fromDeg = ((place.fromDeg % FULL_DEG) + FULL_DEG) % FULL_DEG;
    const span = (((place.toDeg - place.fromDeg) % FULL_DEG) + FULL_DEG) % FULL_DEG;
    return { fromDeg, toDeg: fromDeg + (span === 0 ? FULL_DEG : span) };
  }
  const half = (place.at === 'left' || place.at === 'right' ? SIDE_DEG : BACK_DEG) / 2;
  const middle = MIDDLES[place.at];
  return { fromDeg: middle - half, toDeg: middle + half };
}
