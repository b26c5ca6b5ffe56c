'use client';

import { fields } from '../layout/layout';
import { memo, useMemo } from 'react';
import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { hookLine } from '@/core/molds/hook-line';
import type { SittingPose } from '@/core/molds/sit-on-bottom';
import type { StudiedBody } from '@/core/molds/study-body';
import { poseView, type PoseView } from '@/drawing/pose-view';
import { lengthText } from '@/text/words';
import { Figure } from '../figure/Figure';
import { useSentence, useUnits } from '../units/use-units';
import { Lit } from '../materials/Lit';
import { Steel } from '../materials/Steel';
import type { Study } from './study';
import styles from './mold-design.module.css';

const SHOWN = 3;
const PX_PER_MM = 3.1;

interface SittingProps {
  readonly study: Study;
  readonly hook: HookDimensions | null;
  readonly eyeMm: number;
  readonly trailer: { readonly lengthMm: number; readonly liftG: number } | null;
}

/** How it lies on the bottom: each way that holds drawn from its numbers, with how far it may be tipped, and where the tail goes. */
export function Sitting({ study, hook, eyeMm, trailer }: SittingProps) {
  const sentence = useSentence();
  const { body, sitting } = study;
  if (!body || !sitting) return <p className="quiet">Laying it on the bottom.</p>;
  if (!sitting.ok) {
    return (
      <p className="stop">
        {sitting.problem.code === 'water.floats'
          ? 'The trailer lifts more than the head weighs in water: it floats. Take a heavier head or a less buoyant tail.'
          : sentence(sitting.problem)}
      </p>
    );
  }
  const { poses, centerMm } = sitting.value;
  return (
    <ul className={fields(0, styles.poses)} aria-label="How it lies on the bottom">
      {poses.slice(0, SHOWN).map((pose, nth) => (
        <li key={pose.down.join(' ')}>
          <PoseDrawing
            body={body}
            pose={pose}
            hook={hook}
            eyeMm={eyeMm}
            centerMm={centerMm}
            trailer={trailer}
          />
          <p>
            <strong>{poseText(pose)}</strong>
            <br />
            <Hold pose={pose} isDrawnFirst={nth === 0} />
          </p>
        </li>
      ))}
      {poses.length > SHOWN ? (
        <li className="quiet">and {poses.length - SHOWN} ways more, each easier tipped</li>
      ) : null}
    </ul>
  );
}

function poseText({ tailDegrees, point }: SittingPose): string {
  const words = { up: ', point up', side: ', point to the side', down: ', point down', none: '' };
  return `${leaning(tailDegrees, point !== 'none')}${words[point]}`;
}

/** How firmly it lies so, and what the line makes of it. */
function Hold({ pose, isDrawnFirst }: { readonly pose: SittingPose; readonly isDrawnFirst: boolean }) {
  const { length } = useUnits();
  const { tipDegrees, drawnDegrees, stableMarginMm } = pose;
  if (stableMarginMm === 0) return 'Held by the tail, which lifts it.';
  const drawn = isDrawnFirst
    ? 'drawn along by its eye it comes to lie so'
    : drawnDegrees < 0
      ? 'drawn along by its eye it turns over'
      : 'drawn along slowly it may stay so';
  return (
    <>
      {tipDegrees < 1 ? (
        'Rolls at a touch'
      ) : (
        <>
          Stands until it is tipped by{' '}
          <Figure
            working={{
              title: 'How far it may be tipped',
              steps: [
                'in water it weighs by its room: metal, hook and tail each pull or lift where their own middle lies',
                'it can lie on every face of its hull that this middle stands over, and tips over once the middle passes the nearest edge',
                `here the edge is ${lengthText(stableMarginMm, length)} off: tipped by ${Math.round(tipDegrees)}° it goes over`,
              ],
              inputs: [
                { name: 'its shape', value: 'as drawn, scaled to its room', basis: 'computed' },
                { name: 'a hard flat bottom, no current', value: 'supposed', basis: 'guess' },
              ],
            }}
          >
            {Math.round(tipDegrees)}°
          </Figure>
        </>
      )}
      {`; ${drawn}.`}
    </>
  );
}

/** How it leans: a head has a nose and a tail, a bare sinker a foot (where its drawing begins) and a top. */
function leaning(tailDegrees: number, isHooked: boolean): string {
  const degrees = Math.round(Math.abs(tailDegrees));
  if (degrees <= 8) return isHooked ? 'lying flat' : 'lying on its side';
  if (isHooked) {
    return tailDegrees > 0 ? `nose down, tail up at ${degrees}°` : `tail down, nose up at ${degrees}°`;
  }
  const end = tailDegrees > 0 ? 'left end' : 'right end';
  return degrees > 80 ? `standing on its ${end}` : `on its ${end}, leaning at ${degrees}°`;
}

interface PoseDrawingProps {
  readonly body: StudiedBody;
  readonly pose: SittingPose;
  readonly hook: HookDimensions | null;
  readonly eyeMm: number;
  readonly centerMm: readonly [number, number, number];
  readonly trailer: SittingProps['trailer'];
}

const PoseDrawing = memo(function PoseDrawing({
  body,
  pose,
  hook,
  eyeMm,
  centerMm,
  trailer,
}: PoseDrawingProps) {
  const view = useMemo(() => {
    const { sketch, measure } = body;
    const riseMm = measure.boundsMm.max[2] + 2 * (hook?.wireMm ?? 0);
    const wire = hook ? hookLine(hook, eyeMm, riseMm).map(([along, up]) => [along, 0, up] as const) : [];
    return poseView(sketch, wire, centerMm, pose.down, measure.boundsMm.max[0]);
  }, [body, pose, hook, eyeMm, centerMm]);
  const [x, y, width, height] = view.viewBox;
  const tail = trailer ? tailShape(view.tail, trailer) : null;
  const left = Math.min(x, (tail?.left ?? x) - 2);
  const right = Math.max(x + width, (tail?.right ?? 0) + 2);
  const top = Math.min(y, (tail?.top ?? 0) - 2, -4);
  const box = [left, top, right - left, Math.max(y + height, 2) - top + 2] as const;
  const scale = Math.min(PX_PER_MM, 260 / box[2], 170 / box[3]);
  return (
    <svg
      width={box[2] * scale}
      height={box[3] * scale}
      viewBox={box.join(' ')}
      role="img"
      aria-label={poseText(pose)}
    >
      <path d={`M${box[0]} 0h${box[2]}v3h${-box[2]}z`} fill="var(--rule)" />
      <path d={`M${box[0]} 0h${box[2]}`} stroke="var(--lead)" strokeWidth={0.35} />
      {tail ? (
        <path
          d={tail.path}
          fill="none"
          stroke="var(--quench)"
          strokeWidth={2.6}
          strokeLinecap="round"
          opacity={0.7}
        />
      ) : null}
      <Steel d={view.wire} wireMm={hook?.wireMm ?? 1} />
      <Lit d={view.body} fill="var(--old-lead)" finish="dull" stroke="var(--cast-edge)" strokeWidth={0.15} />
      <circle
        cx={view.center.x}
        cy={view.center.y}
        r={1.1}
        fill="var(--sheet)"
        stroke="var(--ember)"
        strokeWidth={0.5}
      />
    </svg>
  );
});

/** The trailer as a bent line: along the axis at first, then up where it lifts or down where it sinks. */
function tailShape(
  { x, y, dx, dy }: PoseView['tail'],
  { lengthMm, liftG }: { readonly lengthMm: number; readonly liftG: number },
) {
  const half = lengthMm / 2;
  const bend = { x: x + dx * half, y: y + dy * half };
  const drift = Math.abs(dx) > 0.3 ? Math.sign(dx) * half * 0.75 : half * 0.3;
  const end = {
    x: bend.x + drift,
    y: liftG > 0 ? bend.y - half * 0.65 : Math.min(-1.5, bend.y + half * 0.65),
  };
  return {
    path: `M${x} ${y}Q${bend.x} ${bend.y} ${end.x} ${end.y}`,
    left: Math.min(x, end.x),
    right: Math.max(x, end.x),
    top: Math.min(y, end.y),
  };
}
