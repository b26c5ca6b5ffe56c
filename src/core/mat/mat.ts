import { MARKER_MODULES } from './marker-bits';

/** A place on the mat, mm right and down from the outer corner of its first marker. */
export type MatPoint = readonly [xMm: number, yMm: number];

export interface MatMarker {
  readonly id: number;
  /** Its upper left corner. */
  readonly at: MatPoint;
}

const MODULE_MM = 2;
export const MARKER_MM = MARKER_MODULES * MODULE_MM;
const PITCH_MM = 29;
const ACROSS = 7;
const DOWN = 9;

/** The whole of the mat within the outer edges of its markers. It fits both papers, with room for a bar and words. */
export const MAT_MM = {
  width: (ACROSS - 1) * PITCH_MM + MARKER_MM,
  height: (DOWN - 1) * PITCH_MM + MARKER_MM,
} as const;

const CLEAR_MM = 4;

/** The plain light field that parts lie on. */
export const FIELD_MM = {
  left: MARKER_MM + CLEAR_MM,
  top: MARKER_MM + CLEAR_MM,
  right: MAT_MM.width - MARKER_MM - CLEAR_MM,
  bottom: MAT_MM.height - MARKER_MM - CLEAR_MM,
} as const;

/** Bars along its sides that are measured on the print: how long they are when it is true size. */
export const BARS_MM = { across: 150, along: 200 } as const;

/** Papers it is printed on, mm. */
export const PAPERS = {
  a4: { name: 'A4', width: 210, height: 297 },
  letter: { name: 'Letter', width: 215.9, height: 279.4 },
} as const;
export type PaperId = keyof typeof PAPERS;

/** Every marker, along the top from the left, then down both sides, then along the foot. */
export const MAT_MARKERS: readonly MatMarker[] = Array.from({ length: DOWN }, (_, row) => row)
  .flatMap((row) =>
    Array.from({ length: ACROSS }, (_, column) => column)
      .filter((column) => row === 0 || row === DOWN - 1 || column === 0 || column === ACROSS - 1)
      .map((column): MatPoint => [column * PITCH_MM, row * PITCH_MM]),
  )
  .map((at, id) => ({ id, at }));

/** Marks for pouches, between the markers of the foot: where each lies, middle of its figure. */
export const POUCH_MARKS: readonly MatPoint[] = Array.from({ length: ACROSS - 1 }, (_, index) => [
  index * PITCH_MM + (MARKER_MM + PITCH_MM) / 2,
  MAT_MM.height - MARKER_MM / 2,
]);

/** How a print came out: the lengths of its two bars as they were measured on the paper, mm. */
export interface PrintedBars {
  readonly acrossMm: number;
  readonly alongMm: number;
}

/** The mat as a print of it is, mm. */
export interface PrintedMat {
  /** How much larger than it was meant, across and down. */
  readonly times: readonly [across: number, down: number];
  readonly width: number;
  readonly height: number;
  /** Where parts lie. */
  readonly field: {
    readonly left: number;
    readonly top: number;
    readonly right: number;
    readonly bottom: number;
  };
}

/**
 * The mat as it lies there, by the bars that were measured on it.
 *
 * @example printedMat({ acrossMm: 145.5, alongMm: 194 }).width // 180.42
 */
export function printedMat({ acrossMm, alongMm }: PrintedBars): PrintedMat {
  const across = acrossMm / BARS_MM.across;
  const down = alongMm / BARS_MM.along;
  return {
    times: [across, down],
    width: MAT_MM.width * across,
    height: MAT_MM.height * down,
    field: {
      left: FIELD_MM.left * across,
      right: FIELD_MM.right * across,
      top: FIELD_MM.top * down,
      bottom: FIELD_MM.bottom * down,
    },
  };
}

/**
 * The four corners of a marker on a print, clockwise from its upper left, mm.
 *
 * @example markerCorners(0, printedMat({ acrossMm: 150, alongMm: 200 })) // [[0, 0], [12, 0], [12, 12], [0, 12]]
 */
export function markerCorners(id: number, { times: [across, down] }: PrintedMat): MatPoint[] {
  const marker = MAT_MARKERS[id];
  if (!marker) throw new RangeError(`markerCorners requires a marker of the mat, not ${id}`);
  const [x, y] = marker.at;
  return [
    [0, 0],
    [MARKER_MM, 0],
    [MARKER_MM, MARKER_MM],
    [0, MARKER_MM],
  ].map(([right = 0, below = 0]) => [(x + right) * across, (y + below) * down]);
}

/**
 * The number of the pouch mark that a place lies nearest to, from 1.
 *
 * @example pouchOf([20, 100], printedMat({ acrossMm: 150, alongMm: 200 })) // 1
 */
export function pouchOf([x]: MatPoint, { times: [across] }: PrintedMat): number {
  const nearest = POUCH_MARKS.map(([mark]) => Math.abs(mark * across - x));
  return nearest.indexOf(Math.min(...nearest)) + 1;
}
