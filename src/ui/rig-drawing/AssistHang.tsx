'use client';

import { column } from '../layout/layout';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import { fitGape } from '@/core/rigs/fit-gape';
import { assistReach } from '@/core/rigs/kinds/assist';
import { hooksOf, type Rig } from '@/core/rigs/rig';
import { hookShapes } from '@/drawing/rig/rig-shapes';
import { Lit } from '../materials/Lit';
import { DrawnShape } from '../materials/DrawnShape';
import { lengthText } from '@/text/words';
import { useUnits } from '../units/use-units';
import styles from './rig-parts.module.css';

type Pose = 'hanging' | 'pulled';

const VERDICTS = {
  'rides-over': 'its gape rides over the body',
  'stays-out': 'its gape stays out of the body',
  'can-foul': 'its gape fouls the body',
} as const;

/** Half of a jig’s body at a depth, as a share of its length. */
function halfAt(share: number, bodyMm: number): number {
  return (bodyMm / 2) * Math.sin(Math.PI * Math.min(1, Math.max(0, share))) ** 0.6;
}

function jigPath(jigMm: number, bodyMm: number): string {
  const shares = Array.from({ length: 25 }, (_, nth) => nth / 24);
  const side = (sign: number, list: readonly number[]) =>
    list.map((share) => `${(sign * halfAt(share, bodyMm)).toFixed(2)} ${(share * jigMm).toFixed(2)}`);
  return `M${[...side(1, shares), ...side(-1, [...shares].reverse())].join('L')}Z`;
}

/** Where the hook hangs on this jig, drawn to scale: as it hangs, and pulled with its shank along the body. */
export function AssistHang({ rig }: { readonly rig: Rig }) {
  const { length } = useUnits();
  const [pose, setPose] = useState<Pose>('hanging');
  const { jigMm = 110, bodyMm = 16 } = rig.wants;
  const [hook] = hooksOf(rig);
  if (!hook) return null;
  const { lengthMm = 25, gapeMm = 12, wireMm = 1.2 } = hook.part.gauge.sizes;
  const reachMm = assistReach(rig);
  const eyeAt = reachMm - lengthMm;
  const share = Math.round((reachMm / jigMm) * 100);
  const beside = halfAt((eyeAt + lengthMm * 0.6) / jigMm, bodyMm);
  const left = pose === 'hanging' ? -(beside + gapeMm + 4) : -(beside + wireMm);
  const verdict = fitGape(gapeMm, bodyMm);
  const view = [-(bodyMm / 2 + gapeMm + 14), -6, bodyMm + 2 * gapeMm + 40, jigMm + 12] as const;
  return (
    <section className={column(12, styles.hang)} aria-label="On the jig">
      <header>
        <h3>On the jig</h3>
        <Segmented<Pose>
          size="small"
          aria-label="Pose"
          value={pose}
          options={[
            { value: 'hanging', label: 'Hanging' },
            { value: 'pulled', label: 'Pulled' },
          ]}
          onChange={setPose}
        />
      </header>
      <svg
        role="img"
        aria-label={`${hook.part.name} reaches ${lengthText(reachMm, length)} down a jig of ${lengthText(jigMm, length)}; ${VERDICTS[verdict]}`}
        viewBox={view.join(' ')}
        width={Math.min(300, view[2] * 3)}
        height={Math.min(360, view[3] * 3)}
      >
        <Lit
          d={jigPath(jigMm, bodyMm)}
          fill="var(--steel-1)"
          finish="bright"
          stroke="var(--steel-edge)"
          strokeWidth={0.5}
        />
        <path
          d={`M${-bodyMm / 2 - 3} ${jigMm / 2}H${bodyMm / 2 + 3}`}
          stroke="var(--lead)"
          strokeWidth={0.4}
          strokeDasharray="2 1.4"
        />
        <text x={bodyMm / 2 + 4} y={jigMm / 2 + 1.4} fontSize={4.4}>
          half way
        </text>
        <circle cx={0} cy={0} r={2.4} fill="none" stroke="var(--wire)" strokeWidth={1.1} />
        <path
          d={`M0 0C${left * 0.6} ${eyeAt * 0.15} ${left} ${eyeAt * 0.45} ${left} ${eyeAt}`}
          fill="none"
          stroke="var(--quench)"
          strokeWidth={1.6}
          strokeLinecap="round"
        />
        <g
          transform={`translate(${left} ${eyeAt}) rotate(90)`}
          data-verdict={verdict}
          className={styles.hangHook}
        >
          {hookShapes(hook.part.gauge, false).map((shape, index) => (
            <DrawnShape key={index} shape={shape} paint={styles} thinMm={0.15} />
          ))}
        </g>
      </svg>
      <p>
        Its bend hangs {lengthText(Math.round(reachMm), length)} down, {share} % of the jig;{' '}
        {VERDICTS[verdict]}.
      </p>
    </section>
  );
}
