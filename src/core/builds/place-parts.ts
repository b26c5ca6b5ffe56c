import { findBladeForm } from './blades';
import { armLength, frameSizes, loopReserve, type Build, type BuildPiece } from './build';
import { findKind } from './kinds';
import { findRole, isOnWire, type Bend } from '../parts/part-roles';

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A part on the arm: where it begins and ends along it from the eye, mm. */
export interface PlacedPart {
  readonly id: string;
  readonly part: BuildPiece;
  readonly fromMm: number;
  readonly toMm: number;
}

/** A blade where it hangs. */
export interface HungBlade {
  /** Of the arm piece it hangs from, or `end`. */
  readonly id: string;
  readonly blade: BuildPiece;
  readonly at: Point;
  /** From what it turns about, away from the body, as it stands when pulled, degrees: the arm, for `end` the pull. */
  readonly standsDeg: number;
}

/** A bait laid out in mm as it is pulled: x toward the tail, y down, the line's eye at the origin. */
export interface LaidBait {
  /** Corners of the wire from the head to the arm's end; empty where there is none. */
  readonly wire: readonly Point[];
  readonly arm: {
    readonly from: Point;
    /** Along the arm, away from the eye: a unit vector. */
    readonly along: Point;
    readonly lengthMm: number;
    /** Where the loop begins, along the arm. */
    readonly loopAtMm: number;
    readonly loopMm: number;
    readonly wireMm: number;
    readonly gapMm: number;
  } | null;
  readonly parts: readonly PlacedPart[];
  readonly blades: readonly HungBlade[];
  /** What hangs in the loop, from where to where. */
  readonly hanger: { readonly piece: BuildPiece; readonly from: Point; readonly to: Point } | null;
  /** The head's nose. */
  readonly nose: Point;
}

const RISE_SHARE = 0.55;
const RISE_MM = 6;
/** Where the blade's wire leaves an underspin's head: so far back of the nose, in radii. */
const UNDER_BACK = 1.1;

/**
 * Where everything of a build lies when it is pulled: parts pushed to the arm's end by the water, blades standing out from
 * it by their form.
 *
 * @example placeParts(build).parts[0].fromMm // free length before the first part
 */
export function placeParts(build: Build): LaidBait {
  const kind = findKind(build.kind);
  const sizes = frameSizes(build);
  if (!kind.arm) return { wire: [], arm: null, parts: [], blades: [], hanger: null, nose: { x: 0, y: 0 } };
  const lengthMm = armLength(build);
  const radius = build.head?.radiusMm ?? 0;
  const { from, along, wire, nose, gapMm } = layWire(kind.arm.shape, lengthMm, sizes, radius);
  const reserve = reserveOf(build);
  const loopAtMm = lengthMm - reserve;
  const lengths = build.arm.map(({ part }) => lengthAlong(part));
  const stack = lengths.reduce((so, each) => so + each, 0);
  let at = loopAtMm - stack;
  const parts = build.arm.map(({ id, part }, index): PlacedPart => {
    const fromMm = at;
    at += lengths[index] ?? 0;
    return { id, part, fromMm, toMm: at };
  });
  const pointAt = (mm: number): Point => ({ x: from.x + along.x * mm, y: from.y + along.y * mm });
  const hung = build.arm.flatMap(({ id, part, blade }, index): HungBlade[] => {
    const on = part.gauge.as === 'blade' ? part : blade;
    return on ? [{ id, blade: on, at: pointAt(parts[index]?.fromMm ?? 0), standsDeg: standsOf(on) }] : [];
  });
  const loopEnd = pointAt(loopAtMm + (kind.arm.hasEnd ? sizes.loopMm : 0));
  const swivelMm = build.end.hanger?.gauge.sizes.lengthMm ?? build.end.hanger?.gauge.sizes.diameterMm ?? 0;
  // What hangs free in the loop trails with the water.
  const tip = { x: loopEnd.x + swivelMm, y: loopEnd.y };
  const last = build.end.blade;
  return {
    wire: [...wire, pointAt(loopAtMm)],
    arm: { from, along, lengthMm, loopAtMm, loopMm: sizes.loopMm, wireMm: sizes.wireMm, gapMm },
    parts,
    blades: [...hung, ...(last ? [{ id: 'end', blade: last, at: tip, standsDeg: standsOf(last) }] : [])],
    hanger: build.end.hanger ? { piece: build.end.hanger, from: loopEnd, to: tip } : null,
    nose,
  };
}

/** What closing the arm's end takes: a loop, or the bend behind a buzzbait's rivet. */
export function reserveOf(build: Build): number {
  const { loopMm, wireMm } = frameSizes(build);
  return loopReserve(loopMm, wireMm);
}

/** How much of the arm a part takes, mm. */
export function lengthAlong({ gauge }: Pick<BuildPiece, 'gauge'>): number {
  if (!isOnWire(gauge)) return 0;
  const { along } = findRole(gauge.as);
  return along === null ? 0 : (gauge.sizes[along] ?? 0);
}

function standsOf({ gauge }: BuildPiece): number {
  return gauge.form === null ? 0 : findBladeForm(gauge.form).standsDeg;
}

function layWire(
  shape: Bend,
  lengthMm: number,
  { lowerMm, spreadDeg }: { readonly lowerMm: number; readonly spreadDeg: number },
  radius: number,
) {
  const eye = { x: 0, y: 0 };
  const spread = (spreadDeg * Math.PI) / 180;
  switch (shape) {
    case 'bent': {
      const nose = { x: lowerMm, y: 0 };
      const along = { x: Math.cos(spread), y: -Math.sin(spread) };
      const gapMm = Math.max(0, lengthMm * Math.sin(spread) - radius);
      return { from: eye, along, wire: [nose, eye], nose, gapMm };
    }
    case 'raised': {
      const nose = { x: lowerMm, y: 0 };
      const rise = lowerMm * RISE_SHARE + RISE_MM;
      const corner = { x: 0, y: -rise };
      return {
        from: corner,
        along: { x: 1, y: 0 },
        wire: [nose, eye, corner],
        nose,
        gapMm: Math.max(0, rise - radius),
      };
    }
    case 'straight':
      // Nothing lies beside a straight wire: a blade on it has the water's room.
      return { from: eye, along: { x: 1, y: 0 }, wire: [eye], nose: eye, gapMm: lengthMm };
    case 'under': {
      const from = { x: radius * UNDER_BACK, y: radius };
      const along = { x: Math.cos(spread), y: Math.sin(spread) };
      return { from, along, wire: [from], nose: eye, gapMm: lengthMm * Math.sin(spread) };
    }
  }
}
