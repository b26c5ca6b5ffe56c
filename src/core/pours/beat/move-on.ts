import type { BeatFacts, BeatSchool, BeatStep } from './school';
import { standOf, stepAfter, type BeatState } from './stand-of';

export type BeatMove =
  | { readonly isMoved: true; readonly state: BeatState; readonly did: BeatStep; readonly pours: boolean }
  | { readonly isMoved: false; readonly leftS: number };

/**
 * Does what a block asks for and moves it on. While a wait runs nothing moves, unless the wait may be ended by
 * the maker's eye and `early` says so: then the step after it is done too. Says whether a pour is to be tallied.
 *
 * @example moveOn(HAND_POUR, facts, { step: 'pour', since: 0 }, 900) // { isMoved: true, state: { step: 'freeze', since: 900 }, pours: true }
 */
export function moveOn(
  school: BeatSchool,
  facts: BeatFacts,
  state: BeatState,
  now: number,
  early = false,
): BeatMove {
  const stand = standOf(school, facts, state, now);
  const isEnded = early && stand.step.mayEndEarly === true;
  if (!stand.isDue && !isEnded) return { isMoved: false, leftS: stand.leftS ?? 0 };
  const done = stand.isDue ? stand.step : stepAfter(school, facts, stand.step.id);
  const next = stepAfter(school, facts, done.id);
  return { isMoved: true, state: { step: next.id, since: now }, did: done, pours: done.pours === true };
}
