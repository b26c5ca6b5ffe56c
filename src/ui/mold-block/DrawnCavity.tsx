'use client';

import type { KeyboardEvent } from 'react';
import type { PlacedCavity } from '@/drawing/block-layout';
import { HookShape } from '../head-drawing/HookShape';
import { Steel } from '../materials/Steel';
import type { CavityMark, CavityState } from './cavity-mark';
import styles from './mold-block.module.css';

/** About as wide as a letter of a mark is, px. */
const LETTER_PX = 6.2;

interface CavityProps {
  readonly cavity: PlacedCavity;
  readonly mark: CavityMark;
  readonly px: number;
  readonly gradients: string;
  readonly isChosen: boolean;
  readonly isPressed: boolean | undefined;
  readonly onTap: (() => void) | undefined;
}

/** One cavity with its sprue, hook, mark and words. */
export function DrawnCavity({ cavity, mark, px, gradients, isChosen, isPressed, onTap }: CavityProps) {
  const isHot = mark.state === 'lit';
  const fills: Record<CavityState, string> = {
    idle: `url(#${gradients}idle)`,
    empty: `url(#${gradients}idle)`,
    lit: `url(#${gradients}hot)`,
    full: `url(#${gradients}full)`,
    misfilled: 'var(--sheet)',
  };
  const inHead = (cavity.radiusMm * 2) / px > Math.max(26, mark.mark.length * LETTER_PX);
  const { center, label } = cavity;
  const press = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    event.stopPropagation();
    onTap?.();
  };
  const tapping = onTap
    ? { role: 'button', tabIndex: 0, 'aria-pressed': isPressed, onClick: onTap, onKeyDown: press }
    : { role: 'img' };
  const outside = inHead || mark.state === 'misfilled' ? null : mark.mark;
  const foot = [outside, mark.foot].filter(Boolean).join(', ');
  return (
    <g aria-label={mark.name} className={onTap ? styles.tappable : undefined} {...tapping}>
      <rect
        className={styles.reach}
        x={cavity.tap.x + px}
        y={cavity.tap.y + px}
        width={cavity.tap.width - 2 * px}
        height={cavity.tap.height - 2 * px}
        rx={2 * px}
      />
      <path
        d={cavity.sprue}
        fill={isHot ? `url(#${gradients}hot)` : 'var(--cavity-1)'}
        opacity={isHot ? 0.95 : 0.9}
      />
      <g transform={cavity.transform}>
        {cavity.frame ? <Steel d={cavity.frame} wireMm={1.1} /> : null}
        {cavity.hook ? <HookShape hook={cavity.hook} /> : null}
        <path
          d={cavity.body}
          className={styles.body}
          fill={fills[mark.state]}
          stroke={
            mark.state === 'misfilled' ? 'var(--alarm)' : isChosen ? 'var(--ember)' : 'var(--steel-edge)'
          }
          strokeWidth={px * (mark.state === 'misfilled' || isChosen ? 2.4 : 1)}
          strokeDasharray={mark.state === 'empty' ? `${3 * px} ${3 * px}` : undefined}
        />
      </g>
      {mark.state === 'misfilled' ? (
        <path
          d={`M${center.x - 5 * px} ${center.y - 5 * px}l${10 * px} ${10 * px}m0 ${-10 * px}l${-10 * px} ${10 * px}`}
          stroke="var(--alarm)"
          strokeWidth={2.4 * px}
          strokeLinecap="round"
        />
      ) : inHead ? (
        <text
          x={center.x}
          y={center.y + 4.5 * px}
          fontSize={13 * px}
          className={isHot || mark.state === 'full' ? styles.markHot : styles.mark}
        >
          {mark.mark}
        </text>
      ) : null}
      {mark.flag ? <Flag text={mark.flag} x={label.x} y={label.y} px={px} below={foot !== ''} /> : null}
      {foot ? (
        <text
          x={label.x}
          y={label.y - (mark.flag ? 5 * px : -4 * px)}
          fontSize={12.5 * px}
          className={styles.foot}
        >
          {foot}
        </text>
      ) : null}
    </g>
  );
}

function Flag({ text, x, y, px, below }: { text: string; x: number; y: number; px: number; below: boolean }) {
  const width = (text.length * 6.6 + 14) * px;
  const top = y + (below ? 1 : -9) * px;
  return (
    <g>
      <rect
        x={x - width / 2}
        y={top}
        width={width}
        height={19 * px}
        rx={3 * px}
        fill="var(--ember-flag, #b5471a)"
      />
      <text x={x} y={top + 13.8 * px} fontSize={12.5 * px} className={styles.flag}>
        {text}
      </text>
    </g>
  );
}
