'use client';

import { useId } from 'react';
import { findStyle } from '@/core/cavities/styles';
import { shapeCavity } from '@/core/cavities/shape-cavity';
import { findFlaw } from '@/core/quality/flaws';
import type { PracticeCavity, SimulatedCasting } from '@/core/quality/practice/simulate-casting';
import { flawedLook } from '@/drawing/flawed-casting';
import { headView } from '@/drawing/head-view';
import type { HookBin } from '@/records/bin';
import { HookShape } from '@/ui/head-drawing/HookShape';
import styles from './practice.module.css';

interface CastingPictureProps {
  readonly cavity: PracticeCavity;
  readonly casting: SimulatedCasting;
  readonly hook: HookBin | null;
  readonly seed: number;
  /** Whether its flaws may be named to those who hear the page. */
  readonly isNamed: boolean;
}

/** A casting as it came from the block, with what went wrong on it. */
export function CastingPicture({ cavity, casting, hook, seed, isNamed }: CastingPictureProps) {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const style = findStyle(cavity.style);
  if (!style) return null;
  const view = headView(style, cavity.volumeCm3, hook);
  const shape = shapeCavity(style, cavity.volumeCm3);
  const look = flawedLook(shape, casting.strength, casting.fill, seed);
  const flaws = casting.flaws.map((kind) => (isNamed ? findFlaw(kind).name : findFlaw(kind).looks));
  return (
    <svg
      viewBox={view.viewBox.join(' ')}
      className={styles.casting}
      role="img"
      aria-label={flaws.length > 0 ? `A casting: ${flaws.join('; ')}` : 'A clean casting'}
    >
      <clipPath id={`${id}body`}>
        <path d={view.body} />
      </clipPath>
      {look.filled ? (
        <clipPath id={`${id}filled`}>
          <path d={look.filled} />
        </clipPath>
      ) : null}
      <g transform={`rotate(${look.leanDeg} ${shape.eyeMm} 0)`}>
        {view.hook ? <HookShape hook={view.hook} /> : null}
      </g>
      <g clipPath={look.filled ? `url(#${id}filled)` : undefined}>
        {look.sheetMm ? <path d={view.body} className={styles.sheet} strokeWidth={2 * look.sheetMm} /> : null}
        <path d={view.body} className={styles.metal} />
        <g clipPath={`url(#${id}body)`}>
          <ellipse
            cx={shape.lengthMm * 0.4}
            cy={-shape.radiusMm * 0.42}
            rx={shape.lengthMm * 0.24}
            ry={shape.radiusMm * 0.2}
            className={look.frost.length > 0 ? styles.dull : styles.shine}
          />
          {look.frost.map(({ x, y, r }, index) => (
            <circle key={index} cx={x} cy={y} r={r} className={styles.frost} />
          ))}
          {look.folds.map((path) => (
            <path key={path} d={path} className={styles.fold} />
          ))}
          {look.pores.map(({ x, y, r }, index) => (
            <circle key={index} cx={x} cy={y} r={r} className={styles.pore} />
          ))}
        </g>
      </g>
    </svg>
  );
}
