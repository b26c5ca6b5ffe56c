'use client';

import { rivetSpots, type PlateQuestion } from '@/core/rigs/cast-plate';
import { lengthText } from '@/text/words';
import { useUnits } from '../units/use-units';
import styles from './rig-parts.module.css';

interface PlateDrawingProps extends Pick<PlateQuestion, 'form' | 'longMm' | 'wideMm' | 'holes' | 'holeMm'> {
  readonly thickMm: number;
}

/** The plate from above and from its edge, to scale. */
export function PlateDrawing({ form, longMm, wideMm, thickMm, holes, holeMm }: PlateDrawingProps) {
  const { length } = useUnits();
  const acrossMm = form === 'round' ? longMm : wideMm;
  const face =
    form === 'round'
      ? `${lengthText(longMm, length)} across`
      : `${lengthText(longMm, length)} by ${lengthText(wideMm, length)}`;
  return (
    <svg
      role="img"
      aria-label={`Plate of ${face}, ${lengthText(thickMm, length)} thick`}
      viewBox={`${-longMm / 2 - 2} ${-acrossMm / 2 - 2} ${longMm + 4} ${acrossMm + thickMm + 10}`}
      width={Math.min(280, (longMm + 4) * 5)}
    >
      <rect
        x={-longMm / 2}
        y={-acrossMm / 2}
        width={longMm}
        height={acrossMm}
        rx={form === 'round' ? longMm / 2 : 1}
        className={styles.plateFace}
      />
      {rivetSpots(longMm, holes).map((x) => (
        <circle
          key={x}
          cx={x}
          cy={0}
          r={holeMm / 2}
          fill="var(--sheet)"
          stroke="var(--ink)"
          strokeWidth={0.3}
        />
      ))}
      <rect
        x={-longMm / 2}
        y={acrossMm / 2 + 5}
        width={longMm}
        height={thickMm}
        className={styles.plateFace}
      />
    </svg>
  );
}
