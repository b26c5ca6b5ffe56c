'use client';

import { useId } from 'react';
import { flecks } from '@/drawing/coat-bands';
import type { PowderBin } from '@/records/bin';
import styles from './coat-drawing.module.css';

const INSIDE = { x: 6, y: 16, width: 44, height: 50 };
const FLECKS = 40;

/** A jar of powder, filled as far as it is. */
export function Jar({ powder, leftG }: { powder: PowderBin; leftG: number }) {
  const id = useId();
  const share = Math.max(0, Math.min(1, leftG / powder.jarG));
  const height = INSIDE.height * share;
  const box = { ...INSIDE, y: INSIDE.y + INSIDE.height - height, height };
  const shape = 'M6 20q0-4 4-4h36q4 0 4 4v42q0 4-4 4h-36q-4 0-4-4z';
  return (
    <svg width="56" height="72" viewBox="0 0 56 72" aria-hidden="true">
      <clipPath id={`${id}jar`}>
        <path d={shape} />
      </clipPath>
      <g clipPath={`url(#${id}jar)`}>
        <path d={shape} className={styles.glass} />
        {powder.finish === 'two-tone' && powder.secondHex ? (
          <linearGradient id={`${id}tone`} x1="0" x2="1">
            <stop offset="0.3" stopColor={powder.hex} />
            <stop offset="0.7" stopColor={powder.secondHex} />
          </linearGradient>
        ) : null}
        <rect
          {...box}
          fill={powder.finish === 'two-tone' && powder.secondHex ? `url(#${id}tone)` : powder.hex}
        />
        {powder.finish === 'flake' && height > 0
          ? flecks(box, FLECKS).map(({ x, y }, index) => (
              <circle key={index} cx={x} cy={y} r={0.9} fill={powder.secondHex ?? undefined} />
            ))
          : null}
        {powder.finish === 'clear' ? (
          <path
            d={`M8 66L48 ${66 - height}`}
            fill="none"
            stroke="var(--quench)"
            strokeWidth={1.6}
            strokeLinecap="round"
          />
        ) : null}
      </g>
      <path d={shape} fill="none" stroke="var(--lead)" strokeWidth={1.4} />
      <rect x="9" y="7" width="38" height="8" rx="2" fill="var(--steel-2)" stroke="var(--steel-edge)" />
      {powder.finish === 'glow' ? <path d="M28 2v3M20 3l1 3M36 3l-1 3" className={styles.rays} /> : null}
    </svg>
  );
}
