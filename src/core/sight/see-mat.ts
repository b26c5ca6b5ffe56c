import { sightOf } from '../camera/camera';
import { fitCamera } from '../camera/fit-camera';
import { BARS_MM, printedMat, type PrintedBars, type PrintedMat } from '../mat/mat';
import type { Outline } from '../outline/outline';
import type { SightError } from '../outline/read-part';
import { done, fail, type Outcome } from '../problems/problem';
import { holding, type Cv } from './cv';
import { findMarkers, seenCorners } from './find-markers';
import { findOutlines } from './find-outlines';
import { matSharpness } from './mat-sharpness';
import { LINEAR, type PicturePixels } from './picture';
import { pixelsPerMm, straighten } from './straighten';

/** Something on the mat. */
export interface SeenPart {
  readonly outline: Outline;
  readonly isCut: boolean;
}

/** What a picture of the mat shows. */
export interface SeenMat {
  /** The mat straightened: as a picture's bytes, so many pixels a millimeter. */
  readonly straight: PicturePixels;
  readonly pxPerMm: number;
  readonly parts: readonly SeenPart[];
  readonly error: SightError;
  readonly tiltDeg: number;
  readonly mat: PrintedMat;
}

const MOST_TILT_DEG = 40;
const LEAST_PX_PER_MM = 3.2;
const FINEST_PX_PER_MM = 12;
/** A flat mat's markers lie no farther off than this, mm. */
const FLAT_MM = 0.2;
/** A blur spreads a point no farther, mm. */
const SHARP_MM = 0.38;
/** A print nobody measured may be scaled by so much: printers that fit a page do. */
const UNMEASURED_SHARE = 0.04;
/** A bar is read to within this, mm. */
const BAR_OFF_MM = 0.3;

/**
 * Finds the mat in a picture, sets its lean and its lens right, and what lies on it. `printed` are its bars as they were
 * measured, null where nobody did. `tell` hears how far it has come.
 *
 * Problems: `picture.no-mat`, `picture.few-markers`, `picture.too-small`, `picture.too-tilted`, `picture.mat-bent`,
 * `picture.blurred`, `picture.nothing-there`.
 *
 * @example seeMat(cv, pixels, null).value.parts.length // 3
 */
export function seeMat(
  cv: Cv,
  pixels: PicturePixels,
  printed: PrintedBars | null,
  tell: (share: number) => void = () => {},
): Outcome<SeenMat> {
  return holding((keep) => {
    const { width, height } = pixels;
    const whole = keep(cv.matFromImageData({ width, height, data: pixels.data } as ImageData));
    const color = keep(new cv.Mat());
    cv.cvtColor(whole, color, cv.COLOR_RGBA2RGB);
    const curve = keep(cv.matFromArray(1, 256, cv.CV_8UC1, [...LINEAR]));
    const linear = keep(new cv.Mat());
    cv.LUT(color, curve, linear);
    const gray = keep(new cv.Mat());
    cv.cvtColor(linear, gray, cv.COLOR_RGB2GRAY);
    tell(0.2);
    const mat = printedMat(printed ?? { acrossMm: BARS_MM.across, alongMm: BARS_MM.along });
    const markers = findMarkers(cv, gray);
    if (markers.length === 0) return fail('picture.no-mat', {});
    if (markers.length < 8) return fail('picture.few-markers', { seen: markers.length });
    const fitted = fitCamera(seenCorners(markers, mat), pixels);
    if (!fitted.ok) return fitted;
    tell(0.4);
    const { camera, offMm, heightShare } = fitted.value;
    const sight = sightOf(camera);
    const { least, most } = pixelsPerMm(sight);
    if (least < LEAST_PX_PER_MM) return fail('picture.too-small', { pxPerMm: least });
    if (sight.tiltDeg > MOST_TILT_DEG) return fail('picture.too-tilted', { tiltDeg: sight.tiltDeg });
    const pxPerMm = Math.min(FINEST_PX_PER_MM, most);
    const [straight, shown] = straighten(cv, [linear, color], sight, mat, pxPerMm).map(keep);
    if (!straight || !shown) throw new RangeError('seeMat requires a straightened picture for each it gives');
    tell(0.6);
    const flat = keep(new cv.Mat());
    cv.cvtColor(straight, flat, cv.COLOR_RGB2GRAY);
    cv.bitwise_not(flat, flat);
    const edgeMm = matSharpness({ width: flat.cols, height: flat.rows, values: flat.data }, mat, pxPerMm);
    if (edgeMm > SHARP_MM) return fail('picture.blurred', { edgeMm });
    if (offMm > FLAT_MM) return fail('picture.mat-bent', { offMm });
    const outlines = findOutlines(cv, straight, mat, pxPerMm);
    tell(0.9);
    // What has no edge as sharp as the mat's own is a shadow, not a thing.
    const parts = outlines.filter(({ spreadMm }) => spreadMm < 2 * edgeMm + 0.15);
    if (parts.length === 0) return fail('picture.nothing-there', {});
    const rgba = keep(new cv.Mat());
    cv.cvtColor(shown, rgba, cv.COLOR_RGB2RGBA);
    return done({
      straight: { width: rgba.cols, height: rgba.rows, data: new Uint8ClampedArray(rgba.data) },
      pxPerMm,
      parts: parts.map(({ outline, isCut }) => ({ outline, isCut })),
      tiltDeg: sight.tiltDeg,
      mat,
      error: {
        edgeMm: Math.hypot(0.1, 0.35 * edgeMm, 0.5 * offMm, 0.2 / least),
        printShare: printed ? BAR_OFF_MM / BARS_MM.across : UNMEASURED_SHARE,
        heightShare,
        eye: sight.eye,
      },
    });
  });
}
