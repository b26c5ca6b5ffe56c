'use client';

import { memo } from 'react';
import { partShapes, type ThingShape } from '@/drawing/things/part-shapes';
import type { Gauge } from '@/records/gauge';
import { DrawnShape } from '../materials/DrawnShape';
import styles from './part-outline.module.css';

interface PartOutlineProps {
  readonly gauge: Gauge;
  readonly hex: string;
  readonly pxPerMm: number;
  readonly name?: string;
}

const MARGIN_MM = 0.6;

/** A part from the side as it was measured, lying along x, to scale. A tray of them is not drawn anew for what is dragged. */
export const PartOutline = memo(function PartOutline({ gauge, hex, pxPerMm, name }: PartOutlineProps) {
  const {
    shapes,
    box: [left, top, long, high],
  } = partShapes(gauge);
  const [wide, tall] = [long + 2 * MARGIN_MM, high + 2 * MARGIN_MM];
  return (
    <svg
      className={styles.part}
      width={wide * pxPerMm}
      height={tall * pxPerMm}
      viewBox={`${left - MARGIN_MM} ${top - MARGIN_MM} ${wide} ${tall}`}
      role={name ? 'img' : undefined}
      aria-label={name}
      aria-hidden={name ? undefined : true}
    >
      {shapes.map((shape, nth) => (
        <DrawnShape
          key={nth}
          shape={shape}
          paint={styles}
          thinMm={0.3}
          hex={isColored(gauge, shape) ? hex : undefined}
        />
      ))}
    </svg>
  );
});

/** What of a part has its color: bodies, and the strands of a skirt. */
function isColored({ as }: Gauge, { is }: ThingShape): boolean {
  return is === 'body' || is === 'soft' || (as === 'skirt' && is === 'wire');
}

/** How long a part lies, mm. */
export const lengthOf = (gauge: Gauge): number => partShapes(gauge).box[2];
