'use client';

import { useId } from 'react';
import { findStyle } from '@/core/cavities/styles';
import { shapeCavity } from '@/core/cavities/shape-cavity';
import { findFlaw } from '@/core/quality/flaws';
import type { PracticeCavity, SimulatedCasting } from '@/core/quality/practice/simulate-casting';
import { flawedLook } from '@/drawing/flawed-casting';
import { headView } from '@/drawing/head-view';
import type { HookBin } from '@/records/bin';
import { HookShape } from '../head-drawing/HookShape';
import styles from './dress-drawing.module.css';

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
  const [left, top, width, height] = view.viewBox;
  const flaws = casting.flaws.map((kind) => (isNamed ? findFlaw(kind).name : findFlaw(kind).looks));
  return (
    <svg
      viewBox={`${left} ${top} ${width} ${height}`}
      className={styles.casting}
      role="img"
      aria-label={flaws.length > 0 ? `A casting: ${flaws.join('; ')}` : 'A clean casting'}
    >
      <radialGradient id={`${id}skin`} cx="0.38" cy="0.3" r="0.8">
        <stop offset="0" stopColor={look.frost.length > 0 ? '#b4babe' : '#d3dade'} />
        <stop offset="0.55" stopColor={look.frost.length > 0 ? '#a9b0b5' : '#a4aeb5'} />
        <stop offset="1" stopColor={look.frost.length > 0 ? '#8f979d' : '#707b84'} />
      </radialGradient>
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
        {look.sheetMm ? (
          <path
            d={view.body}
            fill="var(--cast-sheen)"
            stroke="var(--cast-sheen)"
            strokeDasharray="5 1.1 3 0.4 7 0.8"
            strokeWidth={2 * look.sheetMm}
          />
        ) : null}
        <path d={view.body} stroke="var(--cast-edge)" strokeWidth={0.14} fill={`url(#${id}skin)`} />
        <g clipPath={`url(#${id}body)`}>
          {look.frost.map(({ x, y, r }, index) => (
            <circle key={index} cx={x} cy={y} r={r} fill="var(--cast-frost)" opacity={0.75} />
          ))}
          {look.folds.map((path) => (
            <g key={path}>
              <path
                d={path}
                fill="none"
                stroke="var(--cast-light)"
                strokeWidth={0.16}
                strokeLinecap="round"
                opacity={0.7}
                transform="translate(0.2 0)"
              />
              <path d={path} fill="none" stroke="var(--cast-edge)" strokeWidth={0.16} strokeLinecap="round" />
            </g>
          ))}
          {look.pores.map(({ x, y, r }, index) => (
            <circle key={index} cx={x} cy={y} r={r} className={styles.pore} />
          ))}
        </g>
      </g>
    </svg>
  );
}
