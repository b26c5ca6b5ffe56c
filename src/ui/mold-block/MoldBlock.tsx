'use client';

import { useId, useState, type CSSProperties, type KeyboardEvent, type PointerEvent } from 'react';
import type { BlockLayout, PlacedCavity } from '@/drawing/block-layout';
import { HookShape } from '../head-drawing/HookShape';
import { useWidth } from '../use-width';
import styles from './mold-block.module.css';

export type CavityState = 'idle' | 'lit' | 'empty' | 'misfilled' | 'full';

export interface CavityMark {
  /** Written in the head: its weight. */
  readonly mark: string;
  readonly state: CavityState;
  /** Written under it: the hook, or how many of how many. */
  readonly foot?: string;
  /** A hot flag under it: how many are asked. */
  readonly flag?: string;
  /** What a tap means, for those who hear the page. */
  readonly name: string;
}

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
/** About as wide as a letter of a mark is, px. */
const LETTER_PX = 6.2;

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
    <div ref={ref} className={styles.frame}>
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
            <Cavity
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

interface Drag {
  readonly index: number;
  readonly fromPx: { readonly x: number; readonly y: number };
  readonly byMm: { readonly x: number; readonly y: number };
}

const KEY_STEP_MM = 1;
const ARROWS: Readonly<Record<string, { readonly x: number; readonly y: number }>> = {
  ArrowLeft: { x: -KEY_STEP_MM, y: 0 },
  ArrowRight: { x: KEY_STEP_MM, y: 0 },
  ArrowUp: { x: 0, y: -KEY_STEP_MM },
  ArrowDown: { x: 0, y: KEY_STEP_MM },
};

/** What a cavity needs to be dragged, or moved a millimeter by an arrow key. */
function movingBy(
  index: number,
  scale: number,
  drag: Drag | null,
  setDrag: (drag: Drag | null) => void,
  onMoved: (byMm: Drag['byMm']) => void,
) {
  return {
    role: 'button',
    tabIndex: 0,
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      setDrag({ index, fromPx: { x: event.clientX, y: event.clientY }, byMm: { x: 0, y: 0 } });
    },
    onPointerMove: (event: PointerEvent<SVGGElement>) => {
      if (drag?.index !== index) return;
      const byMm = { x: (event.clientX - drag.fromPx.x) / scale, y: (event.clientY - drag.fromPx.y) / scale };
      setDrag({ ...drag, byMm });
    },
    onPointerUp: () => {
      if (drag?.index === index && Math.hypot(drag.byMm.x, drag.byMm.y) > 0.3) onMoved(drag.byMm);
      setDrag(null);
    },
    onPointerCancel: () => setDrag(null),
    onKeyDown: (event: KeyboardEvent) => {
      const step = ARROWS[event.key];
      if (!step) return;
      event.preventDefault();
      onMoved(step);
    },
  };
}

function Plate({
  layout,
  fill,
  px,
  isWood,
}: {
  layout: BlockLayout;
  fill: string;
  px: number;
  isWood: boolean;
}) {
  const { widthMm, heightMm, discMm } = layout;
  const stroke = { stroke: 'var(--steel-edge)', strokeWidth: px * 1.2 };
  if (discMm !== null) {
    const middle = widthMm / 2;
    return (
      <g>
        <circle cx={middle} cy={middle} r={discMm} fill={fill} {...stroke} />
        <circle cx={middle} cy={middle} r={9} fill="var(--cavity-1)" {...stroke} />
        <path d={`M${middle} ${middle - discMm + 1}l-2.4 5h4.8z`} fill="var(--ember)">
          <title>Registration mark</title>
        </path>
        {[45, 135, 225, 315].map((angle) => (
          <circle
            key={angle}
            cx={middle + (discMm - 5) * Math.cos((angle * Math.PI) / 180)}
            cy={middle + (discMm - 5) * Math.sin((angle * Math.PI) / 180)}
            r={2}
            fill="var(--cavity-2)"
          />
        ))}
      </g>
    );
  }
  return (
    <g>
      <rect
        x={px}
        y={px}
        width={widthMm - 2 * px}
        height={heightMm - 2 * px}
        rx={2}
        fill={fill}
        {...stroke}
      />
      {isWood
        ? [0.18, 0.37, 0.52, 0.71, 0.88].map((share, index) => (
            <path
              key={share}
              d={`M2 ${heightMm * share}C${widthMm * 0.3} ${heightMm * (share - 0.05)} ${widthMm * 0.6} ${heightMm * (share + 0.05 - index * 0.01)} ${widthMm - 2} ${heightMm * share}`}
              fill="none"
              stroke="var(--wood-grain)"
              strokeWidth={px * 1.2}
            />
          ))
        : null}
      {(isWood
        ? []
        : [
            [5, 6],
            [widthMm - 5, 6],
            [5, heightMm - 6],
            [widthMm - 5, heightMm - 6],
          ]
      ).map(([x, y]) => (
        <g key={`${x} ${y}`}>
          <circle cx={x} cy={y} r={1.9} fill="var(--cavity-1)" {...stroke} />
          <circle cx={x} cy={y} r={0.7} fill="var(--cavity-2)" />
        </g>
      ))}
    </g>
  );
}

interface CavityProps {
  readonly cavity: PlacedCavity;
  readonly mark: CavityMark;
  readonly px: number;
  readonly gradients: string;
  readonly isChosen: boolean;
  readonly isPressed: boolean | undefined;
  readonly onTap: (() => void) | undefined;
}

function Cavity({ cavity, mark, px, gradients, isChosen, isPressed, onTap }: CavityProps) {
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
    ? {
        role: 'button',
        tabIndex: 0,
        'aria-pressed': isPressed,
        onClick: onTap,
        onKeyDown: press,
      }
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
        {cavity.frame ? (
          <path d={cavity.frame} fill="none" stroke="var(--wire)" strokeWidth={1.1} strokeLinejoin="round" />
        ) : null}
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
