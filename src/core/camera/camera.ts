/** A place in a picture, pixels right and down from its upper left corner. */
export type Pixel = readonly [u: number, v: number];

type Triple = readonly [number, number, number];

/**
 * A camera over a flat mat. The mat lies at height 0, x to its right and y down it; heights stand up towards the camera.
 * The lens bends straight lines: a ray at r from the middle of the picture (r in focal lengths) is seen at
 * r (1 + k1 r2 + k2 r4).
 */
export interface Camera {
  readonly focalPx: number;
  /** The middle of the picture. */
  readonly middle: Pixel;
  /** Turn from the mat to the camera: an axis times the angle, radians. */
  readonly turn: Triple;
  /** Where the mat's corner lies before the camera, mm: right, down, away. */
  readonly shift: Triple;
  readonly k1: number;
  readonly k2: number;
}

/** Nine numbers, row by row. */
export type Rotation = readonly [number, number, number, number, number, number, number, number, number];

/**
 * The turn of an axis times an angle as a matrix.
 *
 * Source: Rodrigues' rotation formula.
 *
 * @example rotationOf([0, 0, Math.PI / 2]) // [0, -1, 0, 1, 0, 0, 0, 0, 1] but for rounding
 */
export function rotationOf([x, y, z]: Triple): Rotation {
  const angle = Math.hypot(x, y, z);
  const s = angle < 1e-12 ? 1 : Math.sin(angle) / angle;
  const c = angle < 1e-12 ? 0.5 : (1 - Math.cos(angle)) / angle ** 2;
  return [
    1 - c * (y * y + z * z),
    c * x * y - s * z,
    c * x * z + s * y,
    c * x * y + s * z,
    1 - c * (x * x + z * z),
    c * y * z - s * x,
    c * x * z - s * y,
    c * y * z + s * x,
    1 - c * (x * x + y * y),
  ];
}

/** Distances along which a bent ray is straightened again; the lens of a phone needs three. */
const STRAIGHTENINGS = 12;

/** A camera made ready: where places on the mat are seen, and what a pixel sees. */
export interface Sight {
  /** The pixel of a place on the mat, mm, standing so high over it. */
  readonly project: (xMm: number, yMm: number, heightMm?: number) => [u: number, v: number];
  /** The place at this height that a pixel sees, mm. */
  readonly lookDown: (u: number, v: number, heightMm?: number) => [xMm: number, yMm: number];
  /** Where the camera hangs: over which place, and how high, mm. */
  readonly eye: Triple;
  /** How far it is tilted from looking straight down, degrees. */
  readonly tiltDeg: number;
}

/**
 * Makes a camera ready to look with.
 *
 * @example sightOf(camera).project(...sightOf(camera).lookDown(100, 100)) // [100, 100] but for rounding
 */
export function sightOf({ focalPx, middle: [cu, cv], turn, shift, k1, k2 }: Camera): Sight {
  const [a, b, c, d, e, f, g, h, i] = rotationOf(turn);
  const [tx, ty, tz] = shift;
  // The camera's own place, in the mat's terms: -R' t.
  const ex = -(a * tx + d * ty + g * tz);
  const ey = -(b * tx + e * ty + h * tz);
  const ez = -(c * tx + f * ty + i * tz);
  const straighten = (bentX: number, bentY: number): [number, number] => {
    let [x, y] = [bentX, bentY];
    for (let step = 0; step < STRAIGHTENINGS; step += 1) {
      const r2 = x * x + y * y;
      const bend = 1 + k1 * r2 + k2 * r2 * r2;
      x = bentX / bend;
      y = bentY / bend;
    }
    return [x, y];
  };
  return {
    project: (xMm, yMm, heightMm = 0) => {
      const z = -heightMm;
      const depth = g * xMm + h * yMm + i * z + tz;
      const x = (a * xMm + b * yMm + c * z + tx) / depth;
      const y = (d * xMm + e * yMm + f * z + ty) / depth;
      const r2 = x * x + y * y;
      const bend = focalPx * (1 + k1 * r2 + k2 * r2 * r2);
      return [cu + x * bend, cv + y * bend];
    },
    lookDown: (u, v, heightMm = 0) => {
      const [x, y] = straighten((u - cu) / focalPx, (v - cv) / focalPx);
      const [rx, ry, rz] = [a * x + d * y + g, b * x + e * y + h, c * x + f * y + i];
      const along = (-heightMm - ez) / rz;
      return [ex + rx * along, ey + ry * along];
    },
    eye: [ex, ey, -ez],
    tiltDeg: (Math.acos(Math.min(1, Math.abs(i))) * 180) / Math.PI,
  };
}
