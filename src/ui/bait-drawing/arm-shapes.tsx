import { useId } from 'react';
import type { BuildPiece } from '@/core/builds/build';
import type { HungBlade, LaidBait, PlacedPart, Point } from '@/core/builds/place-parts';
import { bladePath } from '@/drawing/build/blade-path';
import { clevisPath } from '@/drawing/build/wire-paths';
import { circlePath } from '@/drawing/circle-path';
import { Lit, litBy } from '../materials/Lit';
import { Steel } from '../materials/Steel';
import { Swivel } from './Swivel';

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
      <ArmShape part={part} lengthMm={toMm - fromMm} isBelow={isBelow} hex={hex} tone={tone} />
    </g>
  );
}

function ArmShape({
  part,
  lengthMm,
  isBelow,
  hex,
  tone,
}: {
  readonly part: BuildPiece;
  readonly lengthMm: number;
  readonly isBelow: boolean;
  readonly hex: string;
  readonly tone: string;
}) {
  const { as, sizes } = part.gauge;
  const high = sizes.diameterMm ?? 2.4;
  switch (as) {
    case 'bead':
      return <Lit d={circlePath(lengthMm / 2, 0, lengthMm / 2)} fill={hex} finish="bright" />;
    case 'clevis':
      return (
        <g transform={isBelow ? undefined : 'scale(1 -1)'}>
          <Steel d={clevisPath(lengthMm)} wireMm={0.8} tone={tone === 'var(--ink)' ? undefined : tone} />
        </g>
      );
    case 'weight':
      return <Tube lengthMm={lengthMm} high={high} r={high * 0.42} hex={hex} />;
    case 'blade':
      // The blade itself is drawn where it hangs; this is the wire's part between its ears.
      return <rect y={-0.8} width={lengthMm} height={1.6} rx={0.4} fill="none" />;
    default:
      return <Tube lengthMm={lengthMm} high={high} r={0.4} hex={hex} />;
  }
}

function Tube({
  lengthMm,
  high,
  r,
  hex,
}: {
  readonly lengthMm: number;
  readonly high: number;
  readonly r: number;
  readonly hex: string;
}) {
  const box = { y: -high / 2, width: lengthMm, height: high, rx: r };
  return (
    <>
      <rect {...box} fill={hex} />
      <rect {...box} fill={litBy('bright')} stroke="none" />
    </>
  );
}

interface HungBladeProps {
  readonly hung: HungBlade;
  readonly hex: string;
  readonly tone: string;
  readonly deg: number;
  /** What it turns about as it is pulled; null while it hangs still. */
  readonly turnsAboutDeg: number | null;
}

/** Where a turning blade is seen for a moment: from one side round to the other, and how narrow it looks there. */
const BLURS = [
  { of: 0.4, wide: 0.55 },
  { of: 1.6, wide: 0.55 },
  { of: 2, wide: 0.9 },
] as const;

/** A blade from its hanger, as long and as wide as it was measured. */
export function HungBladeShape({ hung, hex, tone, deg, turnsAboutDeg }: HungBladeProps) {
  const light = useId();
  const { lengthMm = 20, widthMm = 10 } = hung.blade.gauge.sizes;
  const { form } = hung.blade.gauge;
  if (form === null) return null;
  const whole = bladePath(form, lengthMm, widthMm);
  const cup = bladePath(form, lengthMm * 0.8, widthMm * 0.62);
  const place = `translate(${hung.at.x.toFixed(3)} ${hung.at.y.toFixed(3)})`;
  return (
    <>
      {turnsAboutDeg === null
        ? null
        : BLURS.map(({ of, wide }) => (
            <path
              key={of}
              data-blur
              d={whole}
              transform={`${place} rotate(${(deg + (turnsAboutDeg - deg) * of).toFixed(2)}) scale(1 ${wide})`}
              fill={hex}
              opacity={0.14}
            />
          ))}
      <g data-blade={hung.id} transform={`${place} rotate(${deg.toFixed(2)})`}>
        <path d={whole} fill={hex} stroke={tone} strokeWidth={tone === 'var(--ink)' ? 0.25 : 0.7} />
        <path d={whole} fill={`url(#${light})`} />
        <g transform={`translate(${lengthMm * 0.1} 0)`}>
          <path d={cup} fill={`url(#${light})`} opacity={0.5} />
          <path d={cup} fill="none" stroke="var(--light)" strokeWidth={0.3} opacity={0.6} />
        </g>
        {/* The light does not turn with the blade. */}
        <linearGradient
          id={light}
          href="#lit-plate"
          gradientTransform={`rotate(${(-deg).toFixed(2)} 0.5 0.5)`}
        />
        {form === 'wing' ? null : (
          <>
            <circle cx={lengthMm * 0.05} r={0.8} fill="var(--shade)" opacity={0.65} />
            <path
              d={`M${lengthMm * 0.05 - 0.8} 0a0.8 0.8 0 0 0 1.6 0`}
              fill="none"
              stroke="var(--light)"
              strokeWidth={0.2}
              opacity={0.8}
            />
          </>
        )}
      </g>
    </>
  );
}

/** What hangs in the loop and carries the blade. */
export function HangerShape({
  hanger,
  deg,
}: {
  readonly hanger: NonNullable<LaidBait['hanger']>;
  readonly deg: number;
}) {
  const { from, to, piece } = hanger;
  const long = distance(from, to);
  const place = `translate(${from.x.toFixed(3)} ${from.y.toFixed(3)}) rotate(${deg.toFixed(2)})`;
  return piece.gauge.as === 'ring' ? (
    <g transform={place}>
      <Steel d={circlePath(long / 2, 0, long / 2)} wireMm={0.9} />
    </g>
  ) : (
    <g transform={place}>
      <Swivel lengthMm={long} />
    </g>
  );
}

function distance(a: Point, b: Point): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}
