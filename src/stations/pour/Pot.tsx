'use client';

import { writeMass } from '@/core/units/write-mass';
import { usePreferences } from '../shared';
import styles from './pour.module.css';

interface PotProps {
  readonly levelG: number;
  readonly capacityG: number;
  readonly heelG: number;
  readonly label: string;
}

const TOP = 8;
const BOTTOM = 118;
const HALF_TOP = 84;
const HALF_BOTTOM = 68;
const MIDDLE = 100;

/** The pot from the side with its level; what no ladle reaches is hatched. */
export function Pot({ levelG, capacityG, heelG, label }: PotProps) {
  const { mass } = usePreferences();
  const share = Math.max(0, Math.min(1, levelG / capacityG));
  const y = (part: number) => BOTTOM - part * (BOTTOM - TOP - 12);
  const half = (height: number) =>
    HALF_BOTTOM + ((BOTTOM - height) / (BOTTOM - TOP)) * (HALF_TOP - HALF_BOTTOM) - 2;
  const band = (from: number, to: number) =>
    `M${MIDDLE - half(y(from))} ${y(from)}L${MIDDLE + half(y(from))} ${y(from)}L${MIDDLE + half(y(to))} ${y(to)}L${MIDDLE - half(y(to))} ${y(to)}Z`;
  const written = writeMass(Math.max(0, levelG), mass);
  return (
    <figure className={styles.pot}>
      <figcaption>{label}</figcaption>
      <svg viewBox="0 0 214 126" role="img" aria-label={`${label}: ${written.number} ${written.unit}`}>
        <defs>
          <linearGradient id="pot-melt" x1="0" y1="0" x2="0" y2="1">
            <stop offset="0" stopColor="#e08a5c" />
            <stop offset="1" stopColor="#b64a18" />
          </linearGradient>
        </defs>
        <path
          d={`M${MIDDLE - HALF_TOP} ${TOP}L${MIDDLE + HALF_TOP} ${TOP}L${MIDDLE + HALF_BOTTOM} ${BOTTOM}L${MIDDLE - HALF_BOTTOM} ${BOTTOM}Z`}
          fill="var(--sunk)"
        />
        <path d={band(0, share)} fill="url(#pot-melt)" className={styles.melt} />
        <path d={band(0, Math.min(share, heelG / capacityG))} fill="rgb(0 0 0 / 22%)" />
        <line
          x1={MIDDLE - half(y(1))}
          x2={MIDDLE + half(y(1))}
          y1={y(1)}
          y2={y(1)}
          stroke="var(--brass)"
          strokeDasharray="3 3"
        />
        <text x={MIDDLE + HALF_TOP + 4} y={y(1) + 4} className={styles.potFull}>
          full
        </text>
        <path
          d={`M${MIDDLE - HALF_TOP} ${TOP}L${MIDDLE - HALF_BOTTOM} ${BOTTOM}L${MIDDLE + HALF_BOTTOM} ${BOTTOM}L${MIDDLE + HALF_TOP} ${TOP}`}
          fill="none"
          stroke="var(--lead)"
          strokeWidth="2"
        />
        <text
          x={MIDDLE}
          y={share > 0.22 ? y(share / 2) + 8 : y(share) - 8}
          textAnchor="middle"
          className={share > 0.22 ? styles.potMass : styles.potMassDark}
        >
          {written.number} {written.unit}
        </text>
      </svg>
    </figure>
  );
}
