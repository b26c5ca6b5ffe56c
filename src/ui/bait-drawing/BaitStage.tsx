'use client';

import { useDroppable } from '@dnd-kit/core';
import { Segmented } from '@/ui/choice/Segmented';
import { useRef, type ReactNode } from 'react';
import type { Box } from '@/drawing/build/bait-box';
import type { LaidBait } from '@/core/builds/place-parts';
import { BaitDrawing } from './BaitDrawing';
import { boxOf } from './box-of';
import type { BaitLook, BaitPose } from './bait-look';
import { useWidth } from '../use-width';
import { lengthText } from '@/text/words';
import { useUnits } from '../units/use-units';
import styles from './bait-stage.module.css';

interface BaitStageProps {
  readonly look: BaitLook;
  readonly name: string;
  readonly pose: BaitPose;
  readonly onPose: (pose: BaitPose) => void;
  readonly marked: readonly string[];
  readonly chosen: string | null;
  readonly onChoose: (at: string | null) => void;
  /** The arm cut or lengthened while its end is dragged; mm. */
  readonly onArm: (armMm: number, isDone: boolean) => void;
  /** Held still while the arm's end is dragged, so that the drawing does not run from the hand. */
  readonly box: Box | undefined;
  readonly mostArmMm: number;
  readonly freeMm: number | null;
}

const MOST_HIGH_PX = 340;

/** The bait to scale, where parts are dropped: its lengths on it, its arm's end to drag, what does not fit marked. */
export function BaitStage(props: BaitStageProps) {
  const { look, name, pose, onPose, marked, chosen, onChoose } = props;
  const { setNodeRef, isOver } = useDroppable({ id: 'bait' });
  const [ref, width] = useWidth<HTMLDivElement>(640);
  const { arm } = look.laid;
  const box =
    props.box ?? (arm && arm.along.y > 0 && pose === 'pulled' ? withMarks(boxOf(look, pose)) : undefined);
  return (
    <section className={styles.stage} aria-label="The bait">
      <header>
        {arm ? (
          <Segmented<BaitPose>
            size="small"
            aria-label="How it is seen"
            value={pose}
            options={[
              { value: 'pulled', label: 'Pulled' },
              { value: 'hanging', label: 'Hanging' },
            ]}
            onChange={onPose}
          />
        ) : null}
        <span className="quiet">
          {!arm
            ? 'to scale, each part as it was measured'
            : pose === 'hanging'
              ? `its head hangs ${Math.round(90 - Math.abs(90 - Math.abs(look.hangsDeg)))}° below level`
              : 'blades stand as their form usually does'}
        </span>
      </header>
      <div ref={ref}>
        <div ref={setNodeRef} className={styles.drop} data-over={isOver}>
          <BaitDrawing
            name={name}
            look={look}
            pose={pose}
            pxPerMm={5}
            maxWidthPx={width - 8}
            maxHeightPx={MOST_HIGH_PX}
            marked={marked}
            chosen={chosen}
            {...(box ? { box } : {})}
          >
            {arm ? <ArmMarks {...props} arm={arm} /> : null}
            {look.laid.parts.map((placed) => (
              <PartHit key={placed.id} placed={placed} laid={look.laid} onChoose={onChoose} chosen={chosen} />
            ))}
            {arm ? <Balance look={look} /> : null}
          </BaitDrawing>
        </div>
      </div>
    </section>
  );
}

/** A press on a part of the arm chooses it. */
function PartHit({
  placed,
  laid,
  chosen,
  onChoose,
}: {
  readonly placed: LaidBait['parts'][number];
  readonly laid: LaidBait;
  readonly chosen: string | null;
  readonly onChoose: (at: string | null) => void;
}) {
  const { arm } = laid;
  if (!arm) return null;
  const deg = (Math.atan2(arm.along.y, arm.along.x) * 180) / Math.PI;
  return (
    <rect
      x={placed.fromMm}
      y={-4}
      width={Math.max(2, placed.toMm - placed.fromMm)}
      height={8}
      fill="transparent"
      className={styles.hit}
      transform={`translate(${arm.from.x} ${arm.from.y}) rotate(${deg})`}
      onClick={() => onChoose(chosen === placed.id ? null : placed.id)}
    />
  );
}

const OFF_MM = 6;

/** Under an arm that lies below, its lengths are written below it. */
const MARKS_MM = 10;
const withMarks = ([x, y, width, height]: Box): Box => [x, y, width, height + MARKS_MM];

/** How long the arm is and what of it stays free, written along it; its cut end, dragged or moved by arrows. */
function ArmMarks({
  look,
  arm,
  onArm,
  mostArmMm,
  freeMm,
}: BaitStageProps & { readonly arm: NonNullable<LaidBait['arm']> }) {
  const { length } = useUnits();
  const group = useRef<SVGGElement>(null);
  const deg = (Math.atan2(arm.along.y, arm.along.x) * 180) / Math.PI;
  const isBelow = arm.along.y > 0.01;
  const side = isBelow ? 1 : -1;
  const first = look.laid.parts[0]?.fromMm ?? arm.loopAtMm;
  const measure = (clientX: number, clientY: number) => {
    const matrix = group.current?.getScreenCTM();
    if (!matrix) return arm.lengthMm;
    const { x } = new DOMPoint(clientX, clientY).matrixTransform(matrix.inverse());
    return clampArm(x, mostArmMm);
  };
  return (
    <g
      ref={group}
      transform={`translate(${arm.from.x} ${arm.from.y}) rotate(${deg})`}
      className={styles.marks}
    >
      <Dimension from={0} to={arm.lengthMm} y={side * (OFF_MM + 12)} side={side}>
        arm {lengthText(arm.lengthMm, length)}
      </Dimension>
      {freeMm !== null && freeMm > 1 ? (
        <Dimension from={0} to={first} y={side * OFF_MM} side={side} tone="go">
          free {lengthText(freeMm, length)}
        </Dimension>
      ) : null}
      <circle
        cx={arm.lengthMm}
        r={2.6}
        role="slider"
        tabIndex={0}
        aria-label="Arm length"
        aria-valuemin={LEAST_ARM_MM}
        aria-valuemax={mostArmMm}
        aria-valuenow={arm.lengthMm}
        aria-valuetext={lengthText(arm.lengthMm, length)}
        className={styles.cutEnd}
        onPointerDown={(event) => {
          event.stopPropagation();
          event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerMove={(event) => {
          if (event.currentTarget.hasPointerCapture(event.pointerId))
            onArm(measure(event.clientX, event.clientY), false);
        }}
        onPointerUp={(event) => {
          if (event.currentTarget.hasPointerCapture(event.pointerId))
            onArm(measure(event.clientX, event.clientY), true);
        }}
        onKeyDown={(event) => {
          const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
          if (by === undefined) return;
          event.preventDefault();
          onArm(clampArm(arm.lengthMm + by, mostArmMm), true);
        }}
      />
    </g>
  );
}

const LEAST_ARM_MM = 15;
const STEP_MM = 0.5;

function clampArm(mm: number, most: number): number {
  return Math.max(LEAST_ARM_MM, Math.min(most, Math.round(mm / STEP_MM) * STEP_MM));
}

function Dimension({
  from,
  to,
  y,
  side,
  tone = 'lead',
  children,
}: {
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly side: 1 | -1;
  readonly tone?: 'lead' | 'go';
  readonly children: ReactNode;
}) {
  return (
    <g data-tone={tone} data-dimension={to - from}>
      <path d={`M${from} ${y - 1.4}v2.8M${from} ${y}H${to}M${to} ${y - 1.4}v2.8`} />
      <text x={(from + to) / 2} y={y + (side < 0 ? -1.6 : 4.4)}>
        {children}
      </text>
    </g>
  );
}

/** Where it balances. */
function Balance({ look }: { readonly look: BaitLook }) {
  const { x, y } = look.center;
  return (
    <g className={styles.balance} aria-hidden="true">
      <circle cx={x} cy={y} r={2} />
      <path d={`M${x - 3} ${y}h6M${x} ${y - 3}v6`} />
    </g>
  );
}

/** What holds the bait as it is pulled, for whoever maps a point of the screen onto it. */
export function stageBox(look: BaitLook) {
  return boxOf(look, 'pulled');
}
