import type { Mat } from '@techstark/opencv-js';
import type { Pixel } from '../camera/camera';
import type { SeenPoint } from '../camera/fit-camera';
import { MAT_MARKERS, markerCorners, type PrintedMat } from '../mat/mat';
import { holding, type Cv } from './cv';

/** Markers are looked for in a picture no longer than this, pixels: enough for each of their modules. */
const LONGEST = 1800;

/** A marker as it is seen: its number and its corners, clockwise from its own upper left. */
export interface SeenMarker {
  readonly id: number;
  readonly corners: readonly Pixel[];
}

/**
 * Finds the mat's markers in a gray picture of linear light.
 *
 * @example findMarkers(cv, gray).length // 28
 */
export function findMarkers(cv: Cv, gray: Mat): SeenMarker[] {
  return holding((keep) => {
    const times = Math.min(1, LONGEST / Math.max(gray.cols, gray.rows));
    const small = keep(new cv.Mat());
    cv.resize(gray, small, new cv.Size(0, 0), times, times, cv.INTER_AREA);
    const parameters = keep(new cv.aruco_DetectorParameters());
    parameters.cornerRefinementMethod = 1;
    parameters.cornerRefinementWinSize = 4;
    parameters.cornerRefinementMinAccuracy = 0.02;
    const refine = keep(new cv.aruco_RefineParameters(10, 3, true));
    const dictionary = keep(cv.getPredefinedDictionary(cv.DICT_4X4_50));
    const detector = keep(new cv.aruco_ArucoDetector(dictionary, parameters, refine));
    const corners = keep(new cv.MatVector());
    const ids = keep(new cv.Mat());
    const rejected = keep(new cv.MatVector());
    detector.detectMarkers(small, corners, ids, rejected);
    // The middle of the first pixel lies half a pixel in, at every scale.
    const whole = (value: number) => (value + 0.5) / times;
    return Array.from({ length: ids.rows }, (_, index) => {
      const found = keep(corners.get(index));
      const at = found.data32F;
      return {
        id: ids.data32S[index] ?? -1,
        corners: [0, 1, 2, 3].map((corner): Pixel => [
          whole(at[corner * 2] ?? 0),
          whole(at[corner * 2 + 1] ?? 0),
        ]),
      };
    }).filter(({ id }) => id >= 0 && id < MAT_MARKERS.length);
  });
}

/**
 * What the markers say of the mat: each corner's place on the print beside where it is seen.
 *
 * @example seenCorners(markers, printedMat(bars)).length // 4 a marker
 */
export function seenCorners(markers: readonly SeenMarker[], mat: PrintedMat): SeenPoint[] {
  return markers.flatMap(({ id, corners }) => {
    const places = markerCorners(id, mat);
    return corners.map((px, corner): SeenPoint => ({ mm: places[corner] ?? [0, 0], px }));
  });
}
