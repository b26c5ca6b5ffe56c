export interface TracePoint {
  readonly at: number;
  readonly tempC: number;
}

export interface TraceBox {
  readonly width: number;
  readonly height: number;
  /** The time at the right edge and how much of it is shown, ms. */
  readonly now: number;
  readonly spanMs: number;
  /** At the bottom and at the top, C. */
  readonly lowC: number;
  readonly highC: number;
}

/** A longer silence breaks the line, ms. */
const SILENCE_MS = 8000;

/**
 * Where a temperature lies in the box, from its top, held within it.
 *
 * @example traceY(box, 390) // 60
 */
export function traceY({ height, lowC, highC }: TraceBox, tempC: number): number {
  const share = (tempC - lowC) / (highC - lowC);
  return Number((height * (1 - Math.max(0, Math.min(1, share)))).toFixed(2));
}

/**
 * The path of a temperature over time, newest at the right; broken where nothing was read.
 *
 * @example tracePath({ width: 100, height: 50, now: 10_000, spanMs: 10_000, lowC: 300, highC: 400 },
 *   [{ at: 0, tempC: 300 }, { at: 5000, tempC: 400 }]) // 'M0 50L50 0'
 */
export function tracePath(box: TraceBox, points: readonly TracePoint[]): string {
  return points
    .filter(({ at }) => at >= box.now - box.spanMs && at <= box.now)
    .map(({ at, tempC }, index, shown) => {
      const x = Number((box.width * (1 - (box.now - at) / box.spanMs)).toFixed(2));
      const before = shown[index - 1];
      const isBroken = !before || at - before.at > SILENCE_MS;
      return `${isBroken ? 'M' : 'L'}${x} ${traceY(box, tempC)}`;
    })
    .join('');
}
