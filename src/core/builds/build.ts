import type { BaitKindId } from './kinds/definition';
import type { PartGauge } from '../parts/part-roles';

/** A part as a build knows it: off the shelf, with what was measured and weighed of it. */
export interface BuildPiece {
  /** Its bin. */
  readonly binId: string;
  readonly name: string;
  readonly gauge: PartGauge;
  readonly massG: number | null;
}

/** Something threaded on the arm, with the blade that hangs from it. */
export interface ArmPiece {
  readonly id: string;
  readonly part: BuildPiece;
  readonly blade: BuildPiece | null;
}

/** A build as the sums see it: what it is made of, each part with its measures. */
export interface Build {
  readonly kind: BaitKindId;
  readonly frame: BuildPiece | null;
  /** Cut shorter than the frame comes, mm; null as it comes. */
  readonly armMm: number | null;
  /** From the eye to the arm's end. */
  readonly arm: readonly ArmPiece[];
  /** What hangs in the loop at the arm's end. */
  readonly end: { readonly hanger: BuildPiece | null; readonly blade: BuildPiece | null };
  readonly slots: readonly { readonly slot: string; readonly part: BuildPiece }[];
  readonly head: { readonly massG: number; readonly radiusMm: number; readonly gapeMm: number | null } | null;
  readonly minFreeMm: number;
  /** It has a skirt tied here; left out where nobody asks. */
  readonly isSkirted?: boolean;
}

/** Of wire as thick as usual: the loop takes so many of its inner widths, and a twist besides. */
const LOOP_ROUND = Math.PI;
const LOOP_TAIL_MM = 4;

/** Where nobody measured a frame: what a usual one is. */
export const USUAL_FRAME = { wireMm: 1, upperMm: 60, lowerMm: 38, spreadDeg: 42, loopMm: 3 } as const;

/** The sizes of a build's wire, usual ones where nobody measured. */
export function frameSizes({ frame }: Pick<Build, 'frame'>): Record<keyof typeof USUAL_FRAME, number> {
  const sizes = frame?.gauge.sizes ?? {};
  const of = (id: keyof typeof USUAL_FRAME) => sizes[id] ?? USUAL_FRAME[id];
  return {
    wireMm: of('wireMm'),
    upperMm: of('upperMm'),
    lowerMm: of('lowerMm'),
    spreadDeg: of('spreadDeg'),
    loopMm: of('loopMm'),
  };
}

/** How long the arm is as it is built, mm. */
export function armLength(build: Pick<Build, 'frame' | 'armMm'>): number {
  const { upperMm } = frameSizes(build);
  return build.armMm === null ? upperMm : Math.min(build.armMm, upperMm);
}

/** What closing a loop of an inner width takes of the arm, mm: once round, and a tail to wrap. */
export function loopReserve(loopMm: number, wireMm: number): number {
  return LOOP_ROUND * (loopMm + wireMm) + LOOP_TAIL_MM;
}

/** Every piece of a build, each as often as it is on it. */
export function piecesOfBuild({ frame, arm, end, slots }: Build): BuildPiece[] {
  return [
    frame,
    ...arm.flatMap(({ part, blade }) => [part, blade]),
    end.hanger,
    end.blade,
    ...slots.map(({ part }) => part),
  ].filter((piece): piece is BuildPiece => piece !== null);
}

/** Every blade of a build, from the eye to the end. */
export function bladesOf({ arm, end, slots }: Pick<Build, 'arm' | 'end' | 'slots'>): BuildPiece[] {
  return [
    ...arm.flatMap(({ part, blade }) => [part, blade]),
    end.blade,
    ...slots.map(({ part }) => part),
  ].filter((piece): piece is BuildPiece => piece?.gauge.as === 'blade');
}
