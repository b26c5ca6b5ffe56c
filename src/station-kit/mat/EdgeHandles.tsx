'use client';

import { useRef } from 'react';
import { moveEdge } from '@/core/outline/move-edge';
import { evenSteps, roundOf, type Outline, type Spot } from '@/core/outline/outline';
import styles from './mat.module.css';

const HANDLES = 18;
/** An arrow key moves the edge so far, mm. */
const STEP_MM = 0.1;
const ARROWS: Readonly<Record<string, Spot>> = {
  ArrowLeft: [-STEP_MM, 0],
  ArrowRight: [STEP_MM, 0],
  ArrowUp: [0, -STEP_MM],
  ArrowDown: [0, STEP_MM],
};

interface EdgeHandlesProps {
  readonly seen: Outline;
  readonly onPull: (edge: Outline) => void;
}

/** Handles round a thing: pulled, or moved by the arrow keys, they take its edge along. */
export function EdgeHandles({ seen, onPull }: EdgeHandlesProps) {
  const held = useRef<{ readonly from: Spot; readonly edge: Outline } | null>(null);
  const handles = evenSteps(seen.outer, HANDLES);
  const reachMm = (2 * roundOf(seen.outer)) / HANDLES;
  const at = (event: React.PointerEvent<SVGCircleElement>): Spot => {
    const matrix = event.currentTarget.ownerSVGElement?.getScreenCTM()?.inverse();
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return [x, y];
  };
  return (
    <g>
      {handles.map(([x, y], index) => (
        <circle
          key={index}
          cx={x}
          cy={y}
          r={reachMm / 9}
          role="button"
          tabIndex={0}
          aria-label={`Edge, point ${index + 1} of ${HANDLES}: arrow keys move it`}
          className={styles.handle}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            held.current = { from: at(event), edge: seen };
          }}
          onPointerMove={(event) => {
            if (!held.current) return;
            const { from, edge } = held.current;
            const [px, py] = at(event);
            onPull(moveEdge(edge, from, [px - from[0], py - from[1]], reachMm));
          }}
          onPointerUp={() => {
            held.current = null;
          }}
          onKeyDown={(event) => {
            const by = ARROWS[event.key];
            if (!by) return;
            event.preventDefault();
            onPull(moveEdge(seen, [x, y], by, reachMm));
          }}
        />
      ))}
    </g>
  );
}
