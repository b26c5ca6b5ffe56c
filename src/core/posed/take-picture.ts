import { sightOf } from '../camera/camera';
import { BARS_MM, FIELD_MM, MARKER_MM, MAT_MARKERS, MAT_MM } from '../mat/mat';
import { isBlack, MARKER_MODULES } from '../mat/marker-bits';
import { drawNormal } from '../numeric/draw-normal';
import { coverageOf, softened, type Coverage } from './coverage';
import type { Color, LaidPart, Light, Scene } from './scene';
import { spreadLight, type Spread } from './spread-light';

export interface Picture {
  readonly width: number;
  readonly height: number;
  /** Red, green, blue and whole, 0 to 255, as a file holds them. */
  readonly data: Uint8ClampedArray<ArrayBuffer>;
}

/** Read by every ray, and so held here. */
const { width: MAT_WIDTH, height: MAT_HEIGHT } = MAT_MM;
const { left: FIELD_LEFT, right: FIELD_RIGHT, top: FIELD_TOP, bottom: FIELD_BOTTOM } = FIELD_MM;
/** Paper beyond the markers, mm. */
const ASIDE = 12;
const BEYOND = 20;
/** Grains of noise that are drawn once and then dealt. */
const NOISES = 8192;
const PAPER = 0.82;
const INK = 0.045;
const TABLE: Color = [0.2, 0.13, 0.08];
/** Rays are reckoned at the corners of squares so large; between them they run straight enough. */
const SQUARE = 8;
/** Each pixel looks so many times a side. */
const LOOKS = 2;

/** The mat by its square millimeters, ink or paper: all its edges lie on whole ones. */
const INKED = Uint8Array.from({ length: MAT_MM.width * MAT_MM.height }, (_, at) => {
  const [x, y] = [at % MAT_MM.width, Math.floor(at / MAT_MM.width)];
  const marker = MAT_MARKERS.find(
    ({ at: [mx, my] }) => x >= mx && x < mx + MARKER_MM && y >= my && y < my + MARKER_MM,
  );
  if (!marker) return 0;
  const moduleMm = MARKER_MM / MARKER_MODULES;
  const row = Math.floor((y - marker.at[1]) / moduleMm);
  return isBlack(marker.id, row, Math.floor((x - marker.at[0]) / moduleMm)) ? 1 : 0;
});

/** How light the bare mat is at a place of it, as it was meant. */
function matAt(x: number, y: number): number {
  if (x < 0 || y < 0 || x >= MAT_WIDTH || y >= MAT_HEIGHT) return PAPER;
  return INKED[Math.floor(y) * MAT_WIDTH + Math.floor(x)] === 1 ? INK : PAPER;
}

interface Ready {
  readonly part: LaidPart;
  readonly cover: Coverage;
  readonly shadow: Coverage;
  readonly middle: readonly [number, number];
  readonly reachMm: number;
}

/** What one ray sees, linear light; written to `out`. */
function look(
  { light, printed }: Pick<Scene, 'light' | 'printed'>,
  near: readonly Ready[],
  eye: readonly [number, number, number],
  x: number,
  y: number,
  out: Float64Array,
): void {
  const isPaper = x > -ASIDE && y > -BEYOND && x < MAT_WIDTH + ASIDE && y < MAT_HEIGHT + BEYOND;
  const bright =
    (1 - light.fall[0] * (x / MAT_WIDTH) - light.fall[1] * (y / MAT_HEIGHT)) *
    (light.band ? inBand(light, x + y) : 1);
  let r: number = TABLE[0];
  let g: number = TABLE[1];
  let b: number = TABLE[2];
  if (isPaper) {
    r = matAt((x * BARS_MM.across) / printed.acrossMm, (y * BARS_MM.along) / printed.alongMm);
    g = r;
    b = r;
  }
  let shade = 1;
  for (let at = 0; at < near.length; at += 1) {
    const thing = near[at];
    if (!thing) continue;
    const { part, cover, shadow, middle, reachMm } = thing;
    const up = part.heightMm / 2;
    const times = (eye[2] - up) / eye[2];
    const px = eye[0] + (x - eye[0]) * times;
    const py = eye[1] + (y - eye[1]) * times;
    if (Math.abs(px - middle[0]) > reachMm || Math.abs(py - middle[1]) > reachMm) continue;
    shade *= 1 - light.depth * shadow.at(x - light.away[0] * up, y - light.away[1] * up);
    const share = cover.at(px, py);
    if (share <= 0) continue;
    const off = Math.hypot(px - middle[0], py - middle[1]) / reachMm;
    const shine = (1 + part.sheen * (Math.exp(-9 * off * off) - 0.25)) * share;
    r = r * shade * (1 - share) + part.color[0] * shine;
    g = g * shade * (1 - share) + part.color[1] * shine;
    b = b * shade * (1 - share) + part.color[2] * shine;
    shade = 1;
  }
  out[0] = r * bright * shade;
  out[1] = g * bright * shade;
  out[2] = b * bright * shade;
}

/** What is left of the light in the shadow of what stands beside, by how far along the diagonal. */
function inBand({ band, softMm }: Light, alongMm: number): number {
  if (!band) return 1;
  const into = alongMm / Math.SQRT2 - band.fromMm;
  const soft = Math.max(0.8, softMm);
  return 1 - band.depth / ((1 + Math.exp(-into / soft)) * (1 + Math.exp((into - band.wideMm) / soft)));
}

function makeReady(part: LaidPart, softMm: number): Ready {
  const cover = coverageOf(part.outline, 16, 0.5);
  const [left, top, right, bottom] = cover.box;
  const reach = Math.max(right - left, bottom - top) / 2;
  return {
    part,
    cover,
    shadow: softened(part.outline, softMm),
    middle: [(left + right) / 2, (top + bottom) / 2],
    reachMm: reach + part.heightMm * 2 + 4 * softMm + 2,
  };
}

/** What a picture's numbers hold of linear light (the usual curve of pictures on screens, IEC 61966-2-1). */
const encode = (light: number) => (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055);

/**
 * Takes a picture of a mat and what lies on it as a camera would: by its lens, in its light, with its blur and noise. What
 * stands in for a camera, and what measuring is held against.
 *
 * `spread` may stand in for how points of light are spread over pixels.
 *
 * @example takePicture(scene).data.length // 4 * width * height
 */
export function takePicture(scene: Scene, spread: Spread = spreadLight): Picture {
  const { camera, size, blurPx } = scene;
  const { width, height } = size;
  const light = seenLight(scene);
  const blurred = blurPx > 0 ? spread(light, width, height, blurPx) : light;
  const data = new Uint8ClampedArray(width * height * 4);
  const noise = Float32Array.from({ length: NOISES }, () => scene.noise * drawNormal(scene.random));
  const curve = Uint8ClampedArray.from({ length: 4097 }, (_, at) => 255 * encode(at / 4096));
  const far2 = camera.middle[0] ** 2 + camera.middle[1] ** 2;
  let grain = Math.floor(scene.random() * 2 ** 31);
  for (let v = 0; v < height; v += 1) {
    for (let u = 0; u < width; u += 1) {
      const at = v * width + u;
      const off2 = ((u - camera.middle[0]) ** 2 + (v - camera.middle[1]) ** 2) / far2;
      const corner = 1 - scene.light.corners * off2;
      for (let channel = 0; channel < 3; channel += 1) {
        const value = (blurred[at * 3 + channel] ?? 0) * corner;
        grain = (Math.imul(grain, 1664525) + 1013904223) >>> 0;
        const noisy = value + (noise[grain >>> 19] ?? 0) * Math.sqrt(value + 0.05);
        data[at * 4 + channel] = curve[Math.max(0, Math.min(4096, Math.round(noisy * 4096)))] ?? 0;
      }
      data[at * 4 + 3] = 255;
    }
  }
  return { width, height, data };
}

/** Whether a place lies well within the field or well off the paper. */
function isBareAt(x: number, y: number): boolean {
  return (
    (x > FIELD_LEFT && x < FIELD_RIGHT && y > FIELD_TOP && y < FIELD_BOTTOM) ||
    x < -ASIDE - 3 ||
    y < -BEYOND - 3 ||
    x > MAT_WIDTH + ASIDE + 3 ||
    y > MAT_HEIGHT + BEYOND + 3
  );
}

/** Fills a square with light that runs evenly between what its four corners have. */
function paintSquare(
  light: Float32Array,
  { width, height }: Scene['size'],
  left: number,
  top: number,
  [a, b, c, d]: readonly Float64Array[],
): void {
  for (let v = top; v < Math.min(height, top + SQUARE); v += 1) {
    const fy = (v - top + 0.5) / SQUARE;
    for (let u = left; u < Math.min(width, left + SQUARE); u += 1) {
      const fx = (u - left + 0.5) / SQUARE;
      for (let channel = 0; channel < 3; channel += 1) {
        const upper = (a?.[channel] ?? 0) * (1 - fx) + (b?.[channel] ?? 0) * fx;
        const lower = (c?.[channel] ?? 0) * (1 - fx) + (d?.[channel] ?? 0) * fx;
        light[(v * width + u) * 3 + channel] = upper * (1 - fy) + lower * fy;
      }
    }
  }
}

function seenLight(scene: Scene): Float32Array {
  const { width, height } = scene.size;
  const { lookDown, eye } = sightOf(scene.camera);
  const ready = scene.parts.map((part) => makeReady(part, scene.light.softMm));
  const light = new Float32Array(width * height * 3);
  const out = new Float64Array(3);
  const hill = (u: number, v: number): [number, number] => {
    const [x, y] = lookDown(u, v);
    if (scene.bentMm === 0) return [x, y];
    const up = scene.bentMm * Math.cos((Math.PI * (x - MAT_MM.width / 2)) / MAT_MM.width / 1.2);
    return lookDown(u, v, up);
  };
  for (let top = 0; top < height; top += SQUARE) {
    for (let left = 0; left < width; left += SQUARE) {
      const [ax, ay] = hill(left, top);
      const [bx, by] = hill(left + SQUARE, top);
      const [cx, cy] = hill(left, top + SQUARE);
      const [dx, dy] = hill(left + SQUARE, top + SQUARE);
      const near = ready.filter(({ middle, reachMm }) => {
        const [minX, maxX] = [Math.min(ax, bx, cx, dx), Math.max(ax, bx, cx, dx)];
        const [minY, maxY] = [Math.min(ay, by, cy, dy), Math.max(ay, by, cy, dy)];
        const reach = reachMm + 0.12 * Math.hypot(middle[0] - eye[0], middle[1] - eye[1]);
        return (
          middle[0] + reach > minX &&
          middle[0] - reach < maxX &&
          middle[1] + reach > minY &&
          middle[1] - reach < maxY
        );
      });
      if (near.length === 0 && isBareAt(ax, ay) && isBareAt(bx, by) && isBareAt(cx, cy) && isBareAt(dx, dy)) {
        // Where there is no edge, the light between four looks is as they tell it.
        const corners = [
          [ax, ay],
          [bx, by],
          [cx, cy],
          [dx, dy],
        ].map(([x = 0, y = 0]) => {
          look(scene, near, eye, x, y, out);
          return Float64Array.from(out);
        });
        paintSquare(light, scene.size, left, top, corners);
        continue;
      }
      const side = LOOKS;
      const looks = side * side;
      for (let v = top; v < Math.min(height, top + SQUARE); v += 1) {
        for (let u = left; u < Math.min(width, left + SQUARE); u += 1) {
          const at = (v * width + u) * 3;
          for (let turn = 0; turn < looks; turn += 1) {
            const fx = (u - left + ((turn % side) + 0.5) / side) / SQUARE;
            const fy = (v - top + (Math.floor(turn / side) + 0.5) / side) / SQUARE;
            const x = (ax * (1 - fx) + bx * fx) * (1 - fy) + (cx * (1 - fx) + dx * fx) * fy;
            const y = (ay * (1 - fx) + by * fx) * (1 - fy) + (cy * (1 - fx) + dy * fx) * fy;
            look(scene, near, eye, x, y, out);
            for (let channel = 0; channel < 3; channel += 1) {
              light[at + channel] = (light[at + channel] ?? 0) + (out[channel] ?? 0) / looks;
            }
          }
        }
      }
    }
  }
  return light;
}
