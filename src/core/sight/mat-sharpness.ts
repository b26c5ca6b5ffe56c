import { MAT_MARKERS, MARKER_MM, type PrintedMat } from '../mat/mat';
import { median } from '../numeric/median';
import { findEdge, valueAt, type Field } from './edge-profile';

const REACH_MM = 1.6;
const STEPS_PER_PIXEL = 2;
/** From a tenth to nine tenths of a blurred edge lie so many spreads of the blur. */
const TENTHS_OF_SPREAD = 2.563;

/**
 * How far an edge of the mat's own markers is spread in a straightened picture, mm: the spread of the blur. The field
 * holds how dark it is.
 *
 * @example matSharpness(field, mat, 6) // 0.18
 */
export function matSharpness(field: Field, { times: [across, down] }: PrintedMat, pxPerMm: number): number {
  const spreads = MAT_MARKERS.map(({ at: [x, y] }) => [x * across, y * down] as const).flatMap(([x, y]) =>
    [0.3, 0.5, 0.7].flatMap((share) => {
      const along = MARKER_MM * share;
      return [
        acrossEdge(field, pxPerMm, [x, y + along], [1, 0]),
        acrossEdge(field, pxPerMm, [x + along, y], [0, 1]),
        acrossEdge(field, pxPerMm, [x + MARKER_MM * across, y + along], [-1, 0]),
        acrossEdge(field, pxPerMm, [x + along, y + MARKER_MM * down], [0, -1]),
      ].flatMap((spread) => spread ?? []);
    }),
  );
  return spreads.length === 0 ? Infinity : median(spreads) / TENTHS_OF_SPREAD;
}

function acrossEdge(
  field: Field,
  pxPerMm: number,
  [x, y]: readonly [number, number],
  [inX, inY]: readonly [number, number],
): number | null {
  const count = Math.round(REACH_MM * pxPerMm * STEPS_PER_PIXEL);
  const line = Array.from({ length: 2 * count + 1 }, (_, index) => {
    const off = (index - count) / STEPS_PER_PIXEL;
    return valueAt(field, x * pxPerMm + inX * off, y * pxPerMm + inY * off);
  });
  const edge = findEdge(line, count);
  return edge && edge.rise > 40 ? edge.spread / STEPS_PER_PIXEL / pxPerMm : null;
}
