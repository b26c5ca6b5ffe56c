'use client';

import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { hookLine } from '@/core/molds/hook-line';
import type { SittingPose } from '@/core/molds/sit-on-bottom';
import type { StudiedBody } from '@/core/molds/study-body';
import { poseView } from '@/drawing/pose-view';
import { sentence } from '@/messages/sentence';
import type { Study } from './use-study';
import styles from './design.module.css';

const SHOWN = 3;
/** A mesh with more triangles is drawn by every so many of them. */
const MOST_DRAWN = 6000;
const PX_PER_MM = 3.1;

interface SittingProps {
  readonly study: Study;
  readonly hook: HookDimensions | null;
  readonly eyeMm: number;
  readonly trailer: { readonly lengthMm: number; readonly liftG: number } | null;
}

/** How it lies on the bottom: each likely way drawn from its numbers, with how likely, and where the tail goes. */
export function Sitting({ study, hook, eyeMm, trailer }: SittingProps) {
  const { body, sitting } = study;
  if (!body || !sitting) return <p className="quiet">Laying it on the bottom.</p>;
  if (!sitting.ok) {
    return (
      <p className={styles.stop}>
        {sitting.problem.code === 'water.floats'
          ? 'The trailer lifts more than the head weighs in water: it floats. Take a heavier head or a less buoyant tail.'
          : sentence(sitting.problem)}
      </p>
    );
  }
  const { poses, centerMm } = sitting.value;
  return (
    <ul className={styles.poses} aria-label="How it lies on the bottom">
      {poses.slice(0, SHOWN).map((pose) => (
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
            <strong>{Math.round(pose.share * 100)} %</strong> {poseText(pose)}
          </p>
        </li>
      ))}
      {poses.length > SHOWN ? (
        <li className="quiet">and {poses.length - SHOWN} ways more, each less likely</li>
      ) : null}
    </ul>
  );
}

function poseText({ tailDegrees, point, stableMarginMm }: SittingPose): string {
  const tail =
    tailDegrees > 8
      ? `nose down, tail up at ${Math.round(tailDegrees)}°`
      : tailDegrees < -8
        ? `tail down, nose up at ${Math.round(-tailDegrees)}°`
        : 'lying flat';
  const words = { up: ', point up', side: ', point to the side', down: ', point down', none: '' };
  const hold = stableMarginMm === 0 ? ', held by the tail' : stableMarginMm < 0.5 ? ', rolls easily' : '';
  return `${tail}${words[point]}${hold}`;
}

interface PoseDrawingProps {
  readonly body: StudiedBody;
  readonly pose: SittingPose;
  readonly hook: HookDimensions | null;
  readonly eyeMm: number;
  readonly centerMm: readonly [number, number, number];
  readonly trailer: SittingProps['trailer'];
}

function PoseDrawing({ body, pose, hook, eyeMm, centerMm, trailer }: PoseDrawingProps) {
  const { triangles, measure } = body;
  const step = Math.max(1, Math.ceil(triangles.length / 9 / MOST_DRAWN));
  const drawn =
    step === 1
      ? triangles
      : Float32Array.from({ length: Math.floor(triangles.length / 9 / step) * 9 }, (_, index) => {
          const triangle = Math.floor(index / 9) * step;
          return triangles[triangle * 9 + (index % 9)] ?? 0;
        });
  const wire = hook
    ? hookLine(hook, eyeMm, measure.boundsMm.max[2] + 2 * hook.wireMm).map(([x, z]) => [x, 0, z] as const)
    : [];
  const view = poseView(drawn, wire, centerMm, pose.down, measure.boundsMm.max[0]);
  const [x, y, width, height] = view.viewBox;
  const box = [x, Math.min(y, -4), width + tailLength * 0.7, Math.max(height, 8) + 2] as const;
  const scale = Math.min(PX_PER_MM, 230 / box[2], 150 / box[3]);
  const tail = trailer ? tailPath(view.body ? x + width - 3 : 0, trailer, pose.tailDegrees) : null;
  return (
    <svg
      width={box[2] * scale}
      height={box[3] * scale}
      viewBox={box.join(' ')}
      role="img"
      aria-label={`${Math.round(pose.share * 100)} %: ${poseText(pose)}`}
    >
      <path d={`M${box[0]} 0h${box[2]}v3h${-box[2]}z`} fill="var(--rule)" />
      <path d={`M${box[0]} 0h${box[2]}`} stroke="var(--lead)" strokeWidth={0.35} />
      {tail ? (
        <path
          d={tail}
          fill="none"
          stroke="var(--quench)"
          strokeWidth={2.6}
          strokeLinecap="round"
          opacity={0.7}
        />
      ) : null}
      <path
        d={view.wire}
        fill="none"
        stroke="var(--wire)"
        strokeWidth={hook?.wireMm ?? 1}
        strokeLinejoin="round"
      />
      <path d={view.body} fill="var(--cavity-2)" stroke="var(--cavity-2)" strokeWidth={0.15} />
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
}

/** The trailer as a bent line: up where it lifts, down where it sinks. */
function tailPath(fromX: number, trailer: { lengthMm: number; liftG: number }, tailDegrees: number): string {
  const long = trailer.lengthMm * 0.7;
  const rise = trailer.liftG > 0 ? -long * 0.45 : 0;
  const start = Math.min(-2, -4 - tailDegrees / 10);
  return `M${fromX - 4} ${start}q${long * 0.45} ${rise * 0.15} ${long} ${rise}`;
}
