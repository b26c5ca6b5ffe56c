import { pouchOf, type PrintedMat } from '../mat/mat';
import { countLoose } from '../outline/count-loose';
import { middleOf, type Outline, type Spot } from '../outline/outline';
import { readPart, type SightError, type ToldPart } from '../outline/read-part';
import type { SeenMat } from './see-mat';

/** A thing on the mat, as it was seen and as it is told before the maker says anything. */
export interface ToldThing {
  /** As the camera sees it: what stands high is seen larger. */
  readonly seen: Outline;
  readonly isCut: boolean;
  readonly told: ToldPart;
}

/** A mat that was measured. */
export interface ToldMat {
  readonly mat: PrintedMat;
  readonly pxPerMm: number;
  readonly tiltDeg: number;
  readonly error: SightError;
  readonly things: readonly ToldThing[];
  /** A dot on each piece, if they are loose pieces of one sort. */
  readonly loose: readonly Spot[];
}

/** A line is walked in steps no shorter than this, mm: finer than any edge is known. */
const STEP_MM = 0.12;

function thinned(line: Outline['outer']): Outline['outer'] {
  const kept: (readonly [number, number])[] = [];
  for (const spot of line) {
    const last = kept.at(-1);
    if (!last || Math.hypot(spot[0] - last[0], spot[1] - last[1]) >= STEP_MM) kept.push(spot);
  }
  return kept;
}

/**
 * Tells everything that was seen on a mat, by the marks that they lie over, from the foot up.
 *
 * @example toldMat(seen).things[0]?.told.kind // 'blade'
 */
export function toldMat({ mat, pxPerMm, tiltDeg, error, parts }: SeenMat): ToldMat {
  const things = parts
    .map(({ outline, isCut }): ToldThing => {
      const seen = { outer: thinned(outline.outer), holes: outline.holes.map(thinned) };
      return { seen, isCut, told: readPart(seen, error) };
    })
    .sort((a, b) => {
      const [one, other] = [middleOf(a.seen.outer), middleOf(b.seen.outer)];
      return pouchOf(one, mat) - pouchOf(other, mat) || other[1] - one[1];
    });
  return { mat, pxPerMm, tiltDeg, error, things, loose: countLoose(things.map(({ seen }) => seen)) };
}
