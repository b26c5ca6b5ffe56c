import type { BeatState } from './stand-of';

/**
 * Keeps waits true when the clock jumps, be it set or because the machine slept: what ran goes on as if the jump had
 * not been. A step that seems to begin in the future (the clock was set back while nobody looked) begins anew now,
 * so that no wait is cut short and none lasts for hours. Times in ms.
 *
 * @example mendClock([{ step: 'freeze', since: 1000 }], 600_000, 605_000) // [{ step: 'freeze', since: 601_000 }]
 */
export function mendClock<State extends BeatState>(
  states: readonly State[],
  jumpMs: number,
  now: number,
): State[] {
  return states.map((state) => ({ ...state, since: Math.min(state.since + jumpMs, now) }));
}
