import { frameOf, type OutlineFrame } from './frame';
import {
  acrossOf,
  areaOf,
  evenSteps,
  middleOf,
  roundnessOf,
  roundOf,
  type Outline,
  type Spot,
} from './outline';

export interface OutlineHole {
  readonly at: Spot;
  readonly acrossMm: number;
  readonly roundness: number;
}

/** What an outline is like, whatever it is of. */
export interface OutlineFeatures {
  readonly frame: OutlineFrame;
  /** Within its edge, less what one sees through, mm2. */
  readonly areaMm2: number;
  /** Within its edge, holes and all, mm2. */
  readonly filledMm2: number;
  readonly roundness: number;
  /** Of its box, the share that it fills. */
  readonly fill: number;
  /** Width of a wire of its area and length, mm. */
  readonly wireMm: number;
  readonly holes: readonly OutlineHole[];
}

/** A round line is asked in so many steps: more than its shape needs, fewer than the picture's own small steps. */
const STEPS = 96;

/**
 * Tells what an outline is like: its box, its area, how round, how full, how thin, its holes from the largest.
 *
 * @example featuresOf(outline of 4 by 1).fill // 1
 */
export function featuresOf(outline: Outline): OutlineFeatures {
  const frame = frameOf(outline);
  const filledMm2 = Math.abs(areaOf(outline.outer));
  const holes = outline.holes
    .map((line) => ({
      at: middleOf(line),
      acrossMm: acrossOf(line),
      roundness: roundnessOf(evenSteps(line, 24)),
    }))
    .sort((a, b) => b.acrossMm - a.acrossMm);
  const openMm2 = outline.holes.reduce((total, line) => total + Math.abs(areaOf(line)), 0);
  const areaMm2 = filledMm2 - openMm2;
  const edgesMm = [outline.outer, ...outline.holes].reduce((total, line) => total + roundOf(line), 0);
  return {
    frame,
    areaMm2,
    filledMm2,
    roundness: roundnessOf(evenSteps(outline.outer, STEPS)),
    fill: filledMm2 / (frame.lengthMm * frame.widthMm),
    wireMm: (2 * areaMm2) / edgesMm,
    holes,
  };
}
