import { rotationOf, sightOf, type Camera } from '../camera/camera';
import { MAT_MM } from '../mat/mat';

/** How a phone is held over the mat. */
export interface Hold {
  /** From looking straight down, and which way it leans. */
  readonly tiltDeg: number;
  readonly aroundDeg: number;
  /** About its line of sight: 90 where the mat's length lies across the picture. */
  readonly turnDeg: number;
  /** The focal length as a share of the picture's width. */
  readonly focalShare: number;
  readonly k1: number;
  readonly k2: number;
}

/** The border left round the mat in the picture, pixels. */
const BORDER_PX = 20;
/** Held no higher and no lower than this over the mat, and tried by such steps, mm. */
const [HIGHEST_MM, LOWEST_MM, STEP_MM] = [1200, 150, 5];

/**
 * A phone's camera over the middle of the mat, as near as it can be with the whole mat in its picture.
 *
 * @example cameraOver({ width: 4000, height: 3000 }, hold).focalPx // 4000 * hold.focalShare
 */
export function cameraOver(
  size: { readonly width: number; readonly height: number },
  { tiltDeg, aroundDeg, turnDeg, focalShare, k1, k2 }: Hold,
): Camera {
  const [tilt, around] = [(tiltDeg * Math.PI) / 180, (aroundDeg * Math.PI) / 180];
  const base = turnAxis([Math.cos(around) * tilt, Math.sin(around) * tilt, 0], (turnDeg * Math.PI) / 180);
  const focalPx = focalShare * size.width;
  const bare = { focalPx, middle: [size.width / 2, size.height / 2] as const, turn: base, k1, k2 };
  let best: Camera | null = null;
  // Down from high until the mat just fills the picture.
  for (let high = HIGHEST_MM; high > LOWEST_MM; high -= STEP_MM) {
    const camera: Camera = { ...bare, shift: shiftFor(base, high) };
    const { project } = sightOf(camera);
    const corners = [
      [0, 0],
      [MAT_MM.width, 0],
      [0, MAT_MM.height],
      [MAT_MM.width, MAT_MM.height],
    ] as const;
    const isIn = corners.every(([x, y]) => {
      const [u, v] = project(x, y);
      return u > BORDER_PX && v > BORDER_PX && u < size.width - BORDER_PX && v < size.height - BORDER_PX;
    });
    if (!isIn) break;
    best = camera;
  }
  if (!best) throw new RangeError('cameraOver requires a hold from which the whole mat is seen');
  return best;
}

/** The camera looks at the mat's middle from so far. */
function shiftFor(turn: Camera['turn'], high: number): Camera['shift'] {
  const [a, b, , d, e, , g, h] = rotationOf(turn);
  const [x, y] = [MAT_MM.width / 2, MAT_MM.height / 2];
  return [-(a * x + b * y), -(d * x + e * y), high - (g * x + h * y)];
}

/** A lean, then a turn about the line of sight, as one axis and angle. */
function turnAxis(lean: readonly [number, number, number], turn: number): [number, number, number] {
  const m = rotationOf(lean);
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  const r = [
    c * m[0] - s * m[3],
    c * m[1] - s * m[4],
    c * m[2] - s * m[5],
    s * m[0] + c * m[3],
    s * m[1] + c * m[4],
    s * m[2] + c * m[5],
    m[6],
    m[7],
    m[8],
  ] as const;
  const angle = Math.acos(Math.max(-1, Math.min(1, (r[0] + r[4] + r[8] - 1) / 2)));
  if (angle < 1e-9) return [0, 0, 0];
  const k = angle / (2 * Math.sin(angle));
  return [(r[7] - r[5]) * k, (r[2] - r[6]) * k, (r[3] - r[1]) * k];
}
