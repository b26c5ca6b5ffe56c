import type cv from '@techstark/opencv-js';
import type { Mat, MatVector } from '@techstark/opencv-js';

/** What lives in the library's own memory. */
interface Held {
  delete(): void;
}

interface MarkerParameters extends Held {
  cornerRefinementMethod: number;
  cornerRefinementWinSize: number;
  cornerRefinementMinAccuracy: number;
}

interface MarkerDetector extends Held {
  detectMarkers(image: Mat, corners: MatVector, ids: Mat, rejected: MatVector): void;
}

/** What the library's own description leaves out: it is there, and its test asks for it. */
interface MarkerWays {
  readonly DICT_4X4_50: number;
  readonly aruco_DetectorParameters: new () => MarkerParameters;
  readonly aruco_RefineParameters: new (repDistance: number, errorRate: number, allOrders: boolean) => Held;
  readonly aruco_ArucoDetector: new (dictionary: Held, parameters: Held, refine: Held) => MarkerDetector;
  readonly getPredefinedDictionary: (name: number) => Held;
}

/** The picture library, loaded by whoever measures: ten megabytes that nobody else needs. */
export type Cv = typeof cv & MarkerWays;

/**
 * Runs work on things in the library's memory, and gives them back whatever happens.
 *
 * @example holding((keep) => keep(new cv.Mat()).rows) // 0
 */
export function holding<Result>(work: (keep: <Thing extends Held>(thing: Thing) => Thing) => Result): Result {
  const held: Held[] = [];
  try {
    return work((thing) => {
      held.push(thing);
      return thing;
    });
  } finally {
    for (const thing of held.reverse()) thing.delete();
  }
}
