import { strapReach } from '@/core/builds/kinds/strap-jig';
import type { ReactNode } from 'react';
import type { Box } from '@/drawing/build/bait-box';
import { armPath, eyePath, wirePath } from '@/drawing/build/wire-paths';
import { circlePath } from '@/drawing/circle-path';
import { JigShape } from '../skirt-drawing/SkirtDrawing';
import { CoatedHead } from '../head-drawing/CoatedHead';
import { ArmPart, HangerShape, HungBladeShape } from './arm-shapes';
import { Steel } from '../materials/Steel';
import { boxOf } from './box-of';
import type { BaitLook, BaitPose } from './bait-look';
import { TrailingShape } from './TrailingShape';

interface BaitDrawingProps {
  /** Empty where words beside it say it all. */
  readonly name: string;
  readonly look: BaitLook;
  readonly pose: BaitPose;
  readonly pxPerMm: number;
  readonly maxWidthPx?: number;
  readonly maxHeightPx?: number;
  /** Arm pieces, `end` or slots that are marked. */
  readonly marked?: readonly string[];
  readonly chosen?: string | null;
  /** Drawn over it, in the bait's millimeters; only as it is pulled. */
  readonly children?: ReactNode;
  readonly isMirrored?: boolean;
  /** Of all baits beside it, so that they share a frame. */
  readonly box?: Box;
}

/** A bait to scale from its measured parts: as it is pulled, or as it hangs from the line. */
export function BaitDrawing(props: BaitDrawingProps) {
  const { name, look, pose, pxPerMm, maxWidthPx = Infinity, maxHeightPx = Infinity } = props;
  const [x, y, width, height] = props.box ?? boxOf(look, pose);
  const scale = Math.min(pxPerMm, maxWidthPx / width, maxHeightPx / height);
  return (
    <svg
      // With something to be handled on it, it is more than a picture.
      role={name ? (props.children && pose === 'pulled' ? 'group' : 'img') : undefined}
      aria-label={name || undefined}
      aria-hidden={name ? undefined : true}
      data-bait={pose}
      width={width * scale}
      height={height * scale}
      viewBox={`${x} ${y} ${width} ${height}`}
      style={props.isMirrored ? { transform: 'scaleX(-1)' } : undefined}
    >
      {pose === 'hanging' ? <path d={`M0 ${y}V0`} stroke="var(--lead)" strokeWidth={0.25} /> : null}
      <g transform={pose === 'hanging' ? `rotate(${look.hangsDeg.toFixed(2)})` : undefined}>
        <BaitShape
          look={look}
          pose={pose}
          marked={props.marked ?? []}
          chosen={props.chosen ?? null}
          isAtWork={props.children !== undefined}
        />
      </g>
      {pose === 'pulled' ? props.children : null}
    </svg>
  );
}

type ShapeProps = Pick<BaitDrawingProps, 'look' | 'pose'> & {
  readonly marked: readonly string[];
  readonly chosen: string | null;
  readonly isAtWork: boolean;
};

/** The way the water takes what hangs free: toward the tail. */
const WITH_WATER_DEG = 0;

function BaitShape({ look, pose, marked, chosen, isAtWork }: ShapeProps) {
  const { laid, jig, trailing } = look;
  const { arm } = laid;
  // On a strap the skirt is tied to the hook behind it.
  const strapMm = strapReach(trailing.find(({ slot }) => slot === 'strap')?.piece.gauge.sizes.lengthMm ?? 0);
  const toneOf = (id: string) =>
    marked.includes(id) ? 'var(--alarm)' : chosen === id ? 'var(--ember)' : 'var(--ink)';
  const armDeg = arm ? (Math.atan2(arm.along.y, arm.along.x) * 180) / Math.PI : 0;
  const down = 90 - (pose === 'hanging' ? look.hangsDeg : 0);
  const isBelow = arm !== null && arm.along.y > 0.01;
  return (
    <>
      <g transform={`translate(${laid.nose.x} ${laid.nose.y})`}>
        {trailing
          .filter(({ slot }) => slot === 'trailer' || slot === 'cord')
          .map((part) => (
            <TrailingShape key={part.slot} part={part} look={look} tone={toneOf(part.slot)} />
          ))}
        {jig ? (
          jig.layers.length > 0 && strapMm === 0 ? (
            <JigShape jig={jig} state={{ is: 'rest' }} view="side" />
          ) : (
            <CoatedHead view={jig.head} look={jig.coat} />
          )
        ) : null}
        {jig && jig.layers.length > 0 && strapMm > 0 ? (
          <g transform={`translate(${strapMm} 0)`}>
            <JigShape jig={jig} state={{ is: 'rest' }} view="side" isHeadless />
          </g>
        ) : null}
        {trailing
          .filter(({ slot }) => slot !== 'trailer' && slot !== 'cord')
          .map((part) => (
            <TrailingShape key={part.slot} part={part} look={look} tone={toneOf(part.slot)} />
          ))}
      </g>
      {arm ? (
        <>
          <path
            data-arm={arm.lengthMm}
            d={armPath(arm)}
            fill="none"
            stroke="var(--wire)"
            strokeWidth={arm.wireMm * 0.5}
            strokeDasharray="1.2 1"
            // How long it is cut is of interest to who cuts it.
            opacity={isAtWork ? 0.55 : 0}
          />
          <Steel d={wirePath(laid) + eyePath(arm.wireMm)} wireMm={arm.wireMm} />
          <Steel
            d={circlePath(
              arm.from.x + arm.along.x * (arm.loopAtMm + arm.loopMm / 2),
              arm.from.y + arm.along.y * (arm.loopAtMm + arm.loopMm / 2),
              (arm.loopMm + arm.wireMm) / 2,
            )}
            wireMm={arm.wireMm}
            tone={toneOf('end') === 'var(--alarm)' ? 'var(--alarm)' : undefined}
          />
          {laid.parts.map((placed) => (
            <ArmPart
              key={placed.id}
              placed={placed}
              arm={arm}
              armDeg={armDeg}
              hex={look.hexOf(placed.part)}
              tone={toneOf(placed.id)}
              isBelow={isBelow}
            />
          ))}
          {laid.hanger ? (
            <HangerShape hanger={laid.hanger} deg={pose === 'hanging' ? down : WITH_WATER_DEG} />
          ) : null}
        </>
      ) : null}
      {laid.blades.map((hung) => {
        const isWing = hung.blade.gauge.form === 'wing';
        const axisDeg = hung.id === 'end' ? WITH_WATER_DEG : armDeg;
        return (
          <HungBladeShape
            key={hung.id}
            hung={hung}
            hex={look.hexOf(hung.blade)}
            tone={toneOf(hung.id)}
            deg={
              isWing
                ? armDeg
                : pose === 'hanging'
                  ? down
                  : axisDeg + (isBelow ? hung.standsDeg : -hung.standsDeg)
            }
            turnsAboutDeg={isWing || pose === 'hanging' ? null : axisDeg}
          />
        );
      })}
    </>
  );
}
