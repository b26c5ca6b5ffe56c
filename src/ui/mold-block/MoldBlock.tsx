'use client';

import { useId, useState, type CSSProperties } from 'react';
import type { BlockLayout } from '@/drawing/block-layout';
import { useWidth } from '../use-width';
import type { CavityMark } from './cavity-mark';
import { DrawnCavity } from './DrawnCavity';
import { movingBy, type Drag } from './moving-by';
import { Plate } from './Plate';
import styles from './mold-block.module.css';

interface MoldBlockProps {
  readonly title: string;
  readonly layout: BlockLayout;
  readonly marks: readonly CavityMark[];
  readonly onTap?: (index: number) => void;
  readonly isTappable?: (index: number) => boolean;
  readonly pressed?: (index: number) => boolean;
  readonly chosen?: number | null;
  readonly maxHeightPx?: number;
  /** What the block is of: a home-drilled board is drawn as wood. */
  readonly plate?: 'metal' | 'wood';
  /** Cavities may be dragged, or moved by arrow keys: told how far one was moved, mm. */
  readonly onMove?: (index: number, byMm: { readonly x: number; readonly y: number }) => void;
}

/** Under this many px a millimeter nothing can be read or hit; the drawing scrolls sideways instead. */
const LEAST_SCALE = 2.1;
const MOST_SCALE = 5.2;

/** The open half of a mold, drawn to scale from its layout, with its words and flags at reading size. */
export function MoldBlock(props: MoldBlockProps) {
  const { title, layout, marks, onTap, isTappable, pressed, chosen, maxHeightPx = 340 } = props;
  const { plate = 'metal', onMove } = props;
  const [drag, setDrag] = useState<Drag | null>(null);
  const [ref, width] = useWidth<HTMLDivElement>(880);
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const fit = Math.min(width / layout.widthMm, maxHeightPx / layout.heightMm, MOST_SCALE);
  const scale = Math.max(LEAST_SCALE, fit);
  const px = 1 / scale;
  return (
    <div
      ref={ref}
      className={styles.frame}
      // Wider than its place it is pushed sideways, by keys as well.
      {...(fit < LEAST_SCALE
        ? { tabIndex: 0, role: 'region', 'aria-label': `${title}, wider than the page` }
        : {})}
    >
      <svg
        role="group"
        aria-label={title}
        width={layout.widthMm * scale}
        height={layout.heightMm * scale}
        viewBox={`0 0 ${layout.widthMm} ${layout.heightMm}`}
        className={styles.block}
        style={{ '--px': `${px}px` } as CSSProperties}
      >
        <defs>
          <linearGradient id={`${id}steel`} x1="0" y1="0" x2="0" y2="1">
            <stop offset="0" stopColor="var(--steel-1)" />
            <stop offset="1" stopColor="var(--steel-2)" />
          </linearGradient>
          <radialGradient id={`${id}idle`} cx="0.42" cy="0.38" r="0.75">
            <stop offset="0" stopColor="var(--cavity-2)" />
            <stop offset="1" stopColor="var(--cavity-1)" />
          </radialGradient>
          <radialGradient id={`${id}hot`} cx="0.4" cy="0.34" r="0.8">
            <stop offset="0" stopColor="#e88f63" />
            <stop offset="0.55" stopColor="#cf5a26" />
            <stop offset="1" stopColor="#b0430f" />
          </radialGradient>
          <radialGradient id={`${id}full`} cx="0.4" cy="0.34" r="0.8">
            <stop offset="0" stopColor="#4a9691" />
            <stop offset="1" stopColor="#1a5d59" />
          </radialGradient>
        </defs>
        <Plate
          layout={layout}
          fill={plate === 'wood' ? 'var(--wood)' : `url(#${id}steel)`}
          px={px}
          isWood={plate === 'wood'}
        />
        {layout.cavities.map((cavity) => {
          const mark = marks[cavity.index];
          if (!mark) return null;
          const canTap = Boolean(onTap) && (isTappable?.(cavity.index) ?? true);
          const by = drag?.index === cavity.index ? drag.byMm : { x: 0, y: 0 };
          const moving = onMove
            ? movingBy(cavity.index, scale, drag, setDrag, (byMm) => onMove(cavity.index, byMm))
            : {};
          const drawn = (
            <DrawnCavity
              key={cavity.index}
              cavity={cavity}
              mark={mark}
              px={px}
              gradients={id}
              isChosen={chosen === cavity.index}
              isPressed={pressed?.(cavity.index)}
              onTap={canTap ? () => onTap?.(cavity.index) : undefined}
            />
          );
          return onMove ? (
            <g
              key={cavity.index}
              {...moving}
              transform={`translate(${by.x} ${by.y})`}
              className={styles.movable}
              aria-label={`Move cavity ${cavity.index + 1}`}
            >
              {drawn}
            </g>
          ) : (
            drawn
          );
        })}
      </svg>
    </div>
  );
}
