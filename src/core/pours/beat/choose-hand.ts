import type { BeatStand } from './stand-of';

export interface HandBlock {
  readonly stand: BeatStand;
  /** Nothing left to pour or to open. */
  readonly isDone: boolean;
}

export interface HandChoice {
  /** The block to work now, or to wait for; null where all are done. */
  readonly now: number | null;
  /** The one after it. */
  readonly next: number | null;
}

/**
 * Which of several blocks wants the hands, so that they never idle while one could be worked: warm work before it
 * sets; then the block begun, until it is poured; then the one that has waited longest; and where all freeze, the
 * one that is ready first. `held` is the block worked last.
 *
 * @example
 * // the first freezes, the second is open: work the second, the first comes next
 * chooseHand([{ stand: freezing, isDone: false }, { stand: toLoad, isDone: false }], 0) // { now: 1, next: 0 }
 */
export function chooseHand(blocks: readonly HandBlock[], held: number | null): HandChoice {
  const live = blocks.map((block, index) => ({ ...block, index })).filter(({ isDone }) => !isDone);
  const order = live.sort(
    (a, b) => rank(a, held) - rank(b, held) || urgency(a) - urgency(b) || a.index - b.index,
  );
  return { now: order[0]?.index ?? null, next: order[1]?.index ?? null };
}

interface Placed extends HandBlock {
  readonly index: number;
}

function rank({ stand, index }: Placed, held: number | null): number {
  if (stand.step.kind === 'brief') return 0;
  if (!stand.isDue) return 3;
  return index === held && stand.step.id !== 'open' ? 1 : 2;
}

/** Less is sooner: since when it is due, or how long it still waits. */
function urgency({ stand }: Placed): number {
  return stand.step.kind === 'brief' || !stand.isDue ? (stand.leftS ?? 0) : (stand.dueSince ?? 0);
}
