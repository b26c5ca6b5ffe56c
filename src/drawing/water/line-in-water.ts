export interface WaterScene {
  readonly depthM: number;
  readonly castM: number;
  /** The line from sinker to tip: m along the straight way, and m carried off. */
  readonly curve: readonly { readonly along: number; readonly off: number }[];
}

export interface WaterSketch {
  readonly width: number;
  readonly height: number;
  /** Both views to one scale, in the box's own units. */
  readonly perM: number;
  readonly side: { readonly surfaceY: number; readonly bottomY: number; readonly line: string };
  readonly above: { readonly straight: string; readonly line: string; readonly sagAt: Point };
  /** Arrows of the current, from above. */
  readonly current: string;
  readonly tip: Point;
  /** The middle of the sinker as it lies on the bottom: its line ends there. */
  readonly sinker: Point;
  readonly tipAbove: Point;
  readonly sinkerAbove: Point;
}

interface Point {
  readonly x: number;
  readonly y: number;
}

const SIDE_GAP = 30;
const TOP = 34;
/** Shallow water is drawn at least so deep, or nothing is seen; it is said then that it is not to scale. */
const LEAST_DEPTH = 36;
const LEAST_SAG_ROOM = 30;

/** Half as high as a sinker is drawn. */
export const SINKER_HALF = 6;
const ARROWS = [0.14, 0.32, 0.5, 0.68, 0.86];

const at = (value: number) => Math.round(value * 100) / 100;
const path = (points: readonly Point[]) =>
  points.map(({ x, y }, nth) => `${nth === 0 ? 'M' : 'L'}${at(x)} ${at(y)}`).join('');

/**
 * A cast from the side and from above, one under the other, to one scale: the tip on the left, the sinker on the
 * bottom on the right, the line carried off by the water.
 *
 * @example sketchCast({ depthM: 5, castM: 20, curve }, 600).perM // 27
 */
export function sketchCast({ depthM, castM, curve }: WaterScene, width: number): WaterSketch {
  const perM = (width - 2 * SIDE_GAP) / castM;
  const depth = Math.max(LEAST_DEPTH, depthM * perM);
  const bottomY = TOP + depth;
  const tip = { x: SIDE_GAP, y: TOP - 16 };
  const sinker = { x: SIDE_GAP + castM * perM, y: bottomY - SINKER_HALF };
  const straightM = Math.hypot(depthM, castM);
  const sagM = Math.max(0, ...curve.map(({ off }) => off));
  const aboveY = bottomY + 66;
  const overGround = (along: number) => (along / straightM) * castM * perM;
  const plan = curve.map(({ along, off }) => ({ x: sinker.x - overGround(along), y: aboveY + off * perM }));
  const lowest = plan.reduce((low, point) => (point.y > low.y ? point : low), plan[0] ?? sinker);
  const room = Math.max(LEAST_SAG_ROOM, sagM * perM);
  const arrow = (share: number) =>
    `M${at(tip.x + share * (sinker.x - tip.x))} ${at(aboveY - 20)}v14l-3.5 -5m3.5 5l3.5 -5`;
  return {
    width,
    perM,
    current: ARROWS.map(arrow).join(''),
    tip,
    sinker,
    height: at(aboveY + room + 24),
    side: { surfaceY: TOP, bottomY: at(bottomY), line: path([tip, sinker]) },
    above: {
      straight: path([
        { x: tip.x, y: aboveY },
        { x: sinker.x, y: aboveY },
      ]),
      line: path(plan),
      sagAt: lowest,
    },
    tipAbove: { x: tip.x, y: aboveY },
    sinkerAbove: { x: sinker.x, y: aboveY },
  };
}
