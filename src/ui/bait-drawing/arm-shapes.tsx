import type { BuildPiece } from '@/core/builds/build';
import type { HungBlade, LaidBait, PlacedPart, Point } from '@/core/builds/place-parts';
import { bladePath } from '@/drawing/build/blade-path';
import { clevisPath, swivelPath } from '@/drawing/build/wire-paths';

interface ArmPartProps {
  readonly placed: PlacedPart;
  readonly arm: NonNullable<LaidBait['arm']>;
  readonly armDeg: number;
  readonly hex: string;
  readonly tone: string;
  /** The arm lies under the head. */
  readonly isBelow: boolean;
}

/** A part threaded on the arm, as long and as wide as it was measured. */
export function ArmPart({ placed, arm, armDeg, hex, tone, isBelow }: ArmPartProps) {
  const { part, fromMm, toMm, id } = placed;
  const x = arm.from.x + arm.along.x * fromMm;
  const y = arm.from.y + arm.along.y * fromMm;
  return (
    <g
      data-arm-part={id}
      data-length={toMm - fromMm}
      transform={`translate(${x.toFixed(3)} ${y.toFixed(3)}) rotate(${armDeg.toFixed(2)})`}
      stroke={tone}
      strokeWidth={0.25}
      fill={hex}
    >
      <ArmShape part={part} lengthMm={toMm - fromMm} isBelow={isBelow} />
    </g>
  );
}

function ArmShape({
  part,
  lengthMm,
  isBelow,
}: {
  readonly part: BuildPiece;
  readonly lengthMm: number;
  readonly isBelow: boolean;
}) {
  const { as, sizes } = part.gauge;
  const high = sizes.diameterMm ?? 2.4;
  switch (as) {
    case 'bead':
      return <circle cx={lengthMm / 2} r={lengthMm / 2} />;
    case 'clevis':
      return (
        <path
          d={clevisPath(lengthMm)}
          fill="none"
          strokeWidth={0.8}
          transform={isBelow ? undefined : 'scale(1 -1)'}
        />
      );
    case 'weight':
      return <rect y={-high / 2} width={lengthMm} height={high} rx={high * 0.42} />;
    case 'blade':
      // The blade itself is drawn where it hangs; this is the wire's part between its ears.
      return <rect y={-0.8} width={lengthMm} height={1.6} rx={0.4} fill="none" />;
    default:
      return <rect y={-high / 2} width={lengthMm} height={high} rx={0.4} />;
  }
}

interface HungBladeProps {
  readonly hung: HungBlade;
  readonly hex: string;
  readonly tone: string;
  readonly deg: number;
}

/** A blade from its hanger, as long and as wide as it was measured. */
export function HungBladeShape({ hung, hex, tone, deg }: HungBladeProps) {
  const { lengthMm = 20, widthMm = 10 } = hung.blade.gauge.sizes;
  const { form } = hung.blade.gauge;
  if (form === null) return null;
  return (
    <g
      data-blade={hung.id}
      transform={`translate(${hung.at.x.toFixed(3)} ${hung.at.y.toFixed(3)}) rotate(${deg.toFixed(2)})`}
    >
      <path
        d={bladePath(form, lengthMm, widthMm)}
        fill={hex}
        stroke={tone}
        strokeWidth={tone === 'var(--ink)' ? 0.25 : 0.7}
      />
      <path
        d={bladePath(form, lengthMm * 0.8, widthMm * 0.62)}
        transform={`translate(${lengthMm * 0.1} 0)`}
        fill="none"
        stroke="var(--sheet)"
        strokeWidth={0.35}
        opacity={0.6}
      />
      {form === 'wing' ? null : <circle cx={lengthMm * 0.05} r={0.8} fill="var(--ink)" opacity={0.7} />}
    </g>
  );
}

/** What hangs in the loop and carries the blade. */
export function HangerShape({
  hanger,
  armDeg,
}: {
  readonly hanger: NonNullable<LaidBait['hanger']>;
  readonly armDeg: number;
}) {
  const { from, to, piece } = hanger;
  const long = distance(from, to);
  const place = `translate(${from.x.toFixed(3)} ${from.y.toFixed(3)}) rotate(${armDeg.toFixed(2)})`;
  return piece.gauge.as === 'ring' ? (
    <circle transform={place} cx={long / 2} r={long / 2} fill="none" stroke="var(--wire)" strokeWidth={0.9} />
  ) : (
    <path transform={place} d={swivelPath(long)} fill="none" stroke="var(--wire)" strokeWidth={0.6} />
  );
}

function distance(a: Point, b: Point): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}
