'use client';

import { useState } from 'react';
import type { PrintedMat } from '@/core/mat/mat';
import type { Spot } from '@/core/outline/outline';
import styles from './mat.module.css';

/** An arrow key moves the cross so far, mm. */
const STEP_MM = 2;
const ARROWS: Readonly<Record<string, Spot>> = {
  ArrowLeft: [-STEP_MM, 0],
  ArrowRight: [STEP_MM, 0],
  ArrowUp: [0, -STEP_MM],
  ArrowDown: [0, STEP_MM],
};
const ARM_MM = 3;

interface DotLayerProps {
  readonly mat: PrintedMat;
  readonly dots: readonly Spot[];
  readonly onPress: (spot: Spot) => void;
}

/** A dot on each loose piece. A press sets one or takes one off; by keys, a cross is moved to the place first. */
export function DotLayer({ mat, dots, onPress }: DotLayerProps) {
  const [cross, setCross] = useState<Spot>([mat.width / 2, mat.height / 2]);
  const [x, y] = cross;
  return (
    <g className={styles.dots}>
      {dots.map(([dx, dy], index) => (
        <circle key={index} cx={dx} cy={dy} r={1.1} />
      ))}
      <rect
        width={mat.width}
        height={mat.height}
        role="button"
        tabIndex={0}
        aria-label="Set a dot or take one off: arrow keys move the cross, Enter presses there"
        onClick={(event) => {
          const matrix = event.currentTarget.ownerSVGElement?.getScreenCTM()?.inverse();
          const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
          onPress([at.x, at.y]);
        }}
        onKeyDown={(event) => {
          const by = ARROWS[event.key];
          if (!by && event.key !== 'Enter' && event.key !== ' ') return;
          event.preventDefault();
          if (by) setCross([x + by[0], y + by[1]]);
          else onPress(cross);
        }}
      />
      <path d={`M${x - ARM_MM} ${y}h${2 * ARM_MM}M${x} ${y - ARM_MM}v${2 * ARM_MM}`} />
    </g>
  );
}
