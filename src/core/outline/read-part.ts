import { featuresOf } from './features';
import { findSightKind, guessKind } from './kinds';
import type { ReadSize, SightKindId } from './kinds/definition';
import { onTheMat, type Outline } from './outline';

/** How well a picture tells what it shows. */
export interface SightError {
  /** How far an edge may lie from where it is seen, mm: 19 of 20 lie nearer. */
  readonly edgeMm: number;
  /** How far any length may be off for the print of the mat, as a share of it. */
  readonly printShare: number;
  /** How far the height of the camera may be off, as a share of it. */
  readonly heightShare: number;
  /** Over which place of the mat the camera was, and how high, mm. */
  readonly eye: readonly [number, number, number];
}

/** A size with how far it may be off: 19 of 20 are nearer. */
export interface ToldSize extends ReadSize {
  readonly off: number;
}

/** A part on the mat as it is told. */
export interface ToldPart {
  readonly kind: SightKindId;
  /** How thick it is taken to be, mm. */
  readonly heightMm: number;
  /** Laid down from the height its edge stands at. */
  readonly outline: Outline;
  readonly sizes: readonly ToldSize[];
}

interface Wish {
  /** What it is; guessed where nobody said. */
  readonly kind?: SightKindId | undefined;
  /** How thick it is, mm; as thick as its kind usually is where nobody said. */
  readonly heightMm?: number | undefined;
}

/** The widest edge of a round thing stands half way up. */
const EDGE_SHARE = 0.5;
/** A usual thickness may be off by this share, and one that was said by this one. */
const USUAL_OFF = 0.6;
const SAID_OFF = 0.1;

/**
 * Tells a part by its outline as the camera sees it: what it is, unless the maker said so, and its sizes, each with how far
 * it may be off.
 *
 * @example readPart(outline, error, { kind: 'bead' }).sizes[0] // { id: 'diameterMm', value: 6.02, off: 0.15, ... }
 */
export function readPart(seen: Outline, error: SightError, wish: Wish = {}): ToldPart {
  const { edgeMm, printShare, heightShare, eye } = error;
  const flat = featuresOf(seen);
  const kind = wish.kind ? findSightKind(wish.kind) : guessKind(flat, seen);
  // What stands high is seen larger, and so as thicker too: laid down by the first guess, it is guessed again.
  const guessed = featuresOf(onTheMat(seen, eye, EDGE_SHARE * kind.usualHeightMm(flat)));
  const heightMm = wish.heightMm ?? kind.usualHeightMm(guessed);
  const edgeAtMm = EDGE_SHARE * heightMm;
  const outline = onTheMat(seen, eye, edgeAtMm);
  const heightOff = edgeAtMm * Math.hypot(wish.heightMm === undefined ? USUAL_OFF : SAID_OFF, heightShare);
  const share = Math.hypot(printShare, heightOff / Math.max(1, eye[2] - edgeAtMm));
  const sizes = kind.read(outline, featuresOf(outline), heightMm).map((each): ToldSize => {
    const off = offOf(each, edgeMm, share, outline);
    return { ...each, off };
  });
  return { kind: kind.id, heightMm, outline, sizes };
}

/** Two edges make a length; an area's edge runs all round it; a volume is off by both its ways across. */
function offOf({ unit, value, soft }: ReadSize, edgeMm: number, share: number, outline: Outline): number {
  switch (unit) {
    case 'pieces':
      return soft;
    case 'mm':
      return Math.hypot(Math.SQRT2 * edgeMm, value * share, soft);
    case 'mm2':
      return Math.hypot(
        (featuresOf(outline).filledMm2 * 2 * edgeMm) / featuresOf(outline).frame.widthMm,
        2 * share * value,
      );
    case 'mm3':
      return value * Math.hypot((4 * edgeMm) / featuresOf(outline).frame.widthMm, 3 * share, 0.05);
  }
}
