import type { Mat } from '@techstark/opencv-js';
import type { Sight } from '../camera/camera';
import { MAT_MM, type PrintedMat } from '../mat/mat';
import { holding, type Cv } from './cv';

/**
 * The mat as it would lie in a flat scan: each of its millimeters so many pixels, whatever the camera's lean and lens; of
 * as many pictures of one camera as are given. The caller gives back what it gets.
 *
 * @example straighten(cv, [picture], sight, mat, 6)[0].cols // 1116
 */
export function straighten(
  cv: Cv,
  pictures: readonly Mat[],
  { project }: Sight,
  mat: PrintedMat,
  pxPerMm: number,
): Mat[] {
  const width = Math.round(mat.width * pxPerMm);
  const height = Math.round(mat.height * pxPerMm);
  return holding((keep) => {
    const across = keep(new cv.Mat(height, width, cv.CV_32FC1));
    const down = keep(new cv.Mat(height, width, cv.CV_32FC1));
    const us = across.data32F;
    const vs = down.data32F;
    for (let row = 0; row < height; row += 1) {
      for (let column = 0; column < width; column += 1) {
        const [u, v] = project((column + 0.5) / pxPerMm, (row + 0.5) / pxPerMm);
        us[row * width + column] = u - 0.5;
        vs[row * width + column] = v - 0.5;
      }
    }
    return pictures.map((picture) => {
      const straight = new cv.Mat();
      cv.remap(picture, straight, across, down, cv.INTER_LINEAR, cv.BORDER_REPLICATE);
      return straight;
    });
  });
}

/** How many pixels of the picture a millimeter of the mat takes where it takes fewest and most. */
export function pixelsPerMm({ project }: Sight): { least: number; most: number } {
  const places = [
    [0, 0],
    [MAT_MM.width, 0],
    [0, MAT_MM.height],
    [MAT_MM.width, MAT_MM.height],
    [MAT_MM.width / 2, MAT_MM.height / 2],
  ] as const;
  const all = places.flatMap(([x, y]) => {
    const [u, v] = project(x, y);
    const [ux, vx] = project(x + 1, y);
    const [uy, vy] = project(x, y + 1);
    // The root of how much a square millimeter covers: what a length may count on.
    return [Math.sqrt(Math.abs((ux - u) * (vy - v) - (uy - u) * (vx - v)))];
  });
  return { least: Math.min(...all), most: Math.max(...all) };
}
