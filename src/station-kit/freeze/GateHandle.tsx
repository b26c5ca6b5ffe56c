'use client';

import { useRef } from 'react';
import type { FrozenPicture } from '@/core/freezing/picture-freeze';
import type { Gate } from '@/core/molds/gate-run';
import { lengthText } from '@/text/words';
import { useUnits } from '@/ui/units/use-units';
import styles from './freeze.module.css';

interface GateHandleProps {
  readonly picture: FrozenPicture;
  readonly gate: Gate;
  readonly px: number;
  readonly onMove: (at: number) => void;
}

/** An arrow key moves the gate by this share of the body. */
const STEP = 0.02;
const ARROWS: Readonly<Record<string, number>> = {
  ArrowLeft: -STEP,
  ArrowDown: -STEP,
  ArrowRight: STEP,
  ArrowUp: STEP,
};

/** The gate, to be pulled along the body, or moved by the arrow keys; nothing where it comes in at an end. */
export function GateHandle({ picture: { bounds, run }, gate, px, onMove }: GateHandleProps) {
  const { length } = useUnits();
  const isHeld = useRef(false);
  if (gate.side !== 'above' && gate.side !== 'below') return null;
  const longMm = bounds.max[0] - bounds.min[0];
  const x = bounds.min[0] + gate.at * longMm;
  const y = gate.side === 'above' ? -(run[0]?.zMm ?? 0) + 11 * px : -bounds.min[2] + 12 * px;
  const moveTo = (along: number) => onMove(Math.round(Math.max(0.02, Math.min(0.98, along)) * 100) / 100);
  const along = (event: React.PointerEvent<SVGGElement>) => {
    const matrix = event.currentTarget.ownerSVGElement?.getScreenCTM()?.inverse();
    return (new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix).x - bounds.min[0]) / longMm;
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label="Gate along the body"
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round(gate.at * 100)}
      aria-valuetext={`${lengthText(gate.at * longMm, length)} from the nose`}
      className={styles.gate}
      transform={`translate(${x} ${y})`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        isHeld.current = true;
      }}
      onPointerMove={(event) => {
        if (isHeld.current) moveTo(along(event));
      }}
      onPointerUp={() => {
        isHeld.current = false;
      }}
      onKeyDown={(event) => {
        const by = ARROWS[event.key];
        if (by === undefined) return;
        event.preventDefault();
        moveTo(gate.at + by);
      }}
    >
      <circle r={20 * px} fill="transparent" />
      <circle r={9 * px} fill="var(--ember)" stroke="var(--sheet)" strokeWidth={2 * px} />
      <path
        d={`M${-3 * px} ${-4 * px}L${-6.5 * px} 0L${-3 * px} ${4 * px}M${3 * px} ${-4 * px}L${6.5 * px} 0L${3 * px} ${4 * px}`}
        fill="none"
        stroke="var(--on-hot)"
        strokeWidth={1.8 * px}
      />
    </g>
  );
}
