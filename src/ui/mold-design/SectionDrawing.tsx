'use client';

import type { Solid } from '@/core/solids/solid';
import { outlineSolid } from '@/core/solids/solid-outline';
import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { hookPath } from '@/drawing/hook/hook-path';
import { sectionView } from '@/drawing/section-view';
import { HookShape } from '../head-drawing/HookShape';
import { useWidth } from '../use-width';
import { lengthText } from '@/text/words';
import { useUnits } from '../units/use-units';
import styles from './mold-design.module.css';

const HEIGHT = 236;
const MOST_PX_PER_MM = 14;
const ROOM_MM = 7;

interface SectionDrawingProps {
  readonly solid: Solid;
  readonly centroidMm: number;
  readonly hook: HookDimensions | null;
  readonly eyeAt: number;
  readonly pinMm: number | null;
  readonly name: string;
}

/** The cavity cut along its axis, to scale, with its length and width and where its middle lies. */
export function SectionDrawing({ solid, centroidMm, hook, eyeAt, pinMm, name }: SectionDrawingProps) {
  const { length } = useUnits();
  const [ref, width] = useWidth<HTMLDivElement>(520);
  const view = sectionView(outlineSolid(solid));
  const eyeMm = eyeAt * view.lengthMm;
  const hooked = hook ? { ...hookPath(hook, view.radiusMm), x: eyeMm, wireMm: hook.wireMm } : null;
  const right = Math.max(view.lengthMm, hooked ? eyeMm + hooked.reachMm : 0);
  const top = Math.max(
    view.radiusMm,
    hooked ? -hooked.eye.y + hooked.eye.r : 0,
    hook ? hook.gapeMm + hook.wireMm : 0,
  );
  const box = [
    -ROOM_MM - 4,
    -top - ROOM_MM,
    right + 2 * ROOM_MM + 8,
    top + view.radiusMm + 2.6 * ROOM_MM,
  ] as const;
  const scale = Math.min(MOST_PX_PER_MM, width / box[2], HEIGHT / box[3]);
  const px = 1 / scale;
  return (
    <div ref={ref} className={styles.section}>
      <svg
        width={box[2] * scale}
        height={box[3] * scale}
        viewBox={box.join(' ')}
        role="img"
        aria-label={`${name}, cut along its axis, ${lengthText(view.lengthMm, length)} long and ${lengthText(2 * view.radiusMm, length)} across`}
      >
        <defs>
          <pattern
            id="section-hatch"
            width={7 * px}
            height={7 * px}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width={7 * px} height={7 * px} fill="var(--steel-1)" />
            <path d={`M0 0V${7 * px}`} stroke="var(--steel-edge)" strokeWidth={1.3 * px} />
          </pattern>
        </defs>
        {hooked ? <HookShape hook={hooked} /> : null}
        {view.solids.map((path) => (
          <path key={path} d={path} fill="url(#section-hatch)" stroke="var(--ink)" strokeWidth={1.6 * px} />
        ))}
        {view.cuts.map((path) => (
          <path key={path} d={path} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.2 * px} />
        ))}
        {pinMm ? (
          <path
            d={`M${-4} ${-pinMm / 2}H${view.lengthMm + 4}V${pinMm / 2}H${-4}Z`}
            fill="var(--sheet)"
            stroke="var(--ink)"
            strokeWidth={px}
            strokeDasharray={`${4 * px} ${3 * px}`}
          />
        ) : null}
        <path
          d={`M${-4} 0H${right + 4}`}
          stroke="var(--lead)"
          strokeWidth={px}
          strokeDasharray={`${9 * px} ${3 * px} ${2 * px} ${3 * px}`}
        />
        <g transform={`translate(${centroidMm} 0)`}>
          <title>Middle of the volume</title>
          <circle r={6 * px} fill="var(--sheet)" stroke="var(--ember)" strokeWidth={1.6 * px} />
          <path d={`M0 ${-6 * px}A${6 * px} ${6 * px} 0 0 1 ${6 * px} 0H0Z`} fill="var(--ember)" />
          <path d={`M0 ${6 * px}A${6 * px} ${6 * px} 0 0 1 ${-6 * px} 0H0Z`} fill="var(--ember)" />
        </g>
        <g stroke="var(--lead)" strokeWidth={px} fill="none">
          <path
            d={`M0 ${view.radiusMm + 2}V${view.radiusMm + 6}M${view.lengthMm} ${view.radiusMm + 2}V${view.radiusMm + 6}M0 ${view.radiusMm + 4.5}H${view.lengthMm}`}
          />
          <path
            d={`M${-2} ${-view.radiusMm}H${-6}M${-2} ${view.radiusMm}H${-6}M${-4.5} ${-view.radiusMm}V${view.radiusMm}`}
          />
        </g>
        <text
          x={view.lengthMm / 2}
          y={view.radiusMm + 4.5 + 15 * px}
          textAnchor="middle"
          fontSize={13 * px}
          className={styles.dim}
        >
          {lengthText(view.lengthMm, length)}
        </text>
        <text
          x={-4.5 - 5 * px}
          y={0}
          textAnchor="middle"
          fontSize={13 * px}
          className={styles.dim}
          transform={`rotate(-90 ${-4.5 - 5 * px} 0)`}
        >
          {lengthText(2 * view.radiusMm, length)}
        </text>
      </svg>
    </div>
  );
}
