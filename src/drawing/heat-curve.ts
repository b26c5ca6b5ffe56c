export interface HeatBox {
  readonly width: number;
  readonly height: number;
  /** At the right edge, s. */
  readonly seconds: number;
  /** At the bottom and the top, C. */
  readonly lowC: number;
  readonly highC: number;
}

/**
 * Where a moment and a temperature lie in the box, held within its height.
 *
 * @example heatPoint({ width: 100, height: 50, seconds: 10, lowC: 0, highC: 100 }, 5, 50) // { x: 50, y: 25 }
 */
export function heatPoint(box: HeatBox, seconds: number, tempC: number): { x: number; y: number } {
  const share = (tempC - box.lowC) / (box.highC - box.lowC);
  return {
    x: round((seconds / box.seconds) * box.width),
    y: round(box.height * (1 - Math.max(0, Math.min(1, share)))),
  };
}

/**
 * The path of a temperature over a stretch of time.
 *
 * @example heatPath(box, 0, 10, (s) => 10 * s, 2) // 'M0 50L50 25L100 0'
 */
export function heatPath(
  box: HeatBox,
  fromS: number,
  toS: number,
  tempAt: (seconds: number) => number,
  steps = 60,
): string {
  return Array.from({ length: steps + 1 }, (_, index) => {
    const seconds = fromS + ((toS - fromS) * index) / steps;
    const { x, y } = heatPoint(box, seconds, tempAt(seconds));
    return `${index === 0 ? 'M' : 'L'}${x} ${y}`;
  }).join('');
}

const round = (value: number) => Number(value.toFixed(2));
