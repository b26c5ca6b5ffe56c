'use client';

import { Fragment, useMemo, type PointerEvent } from 'react';
import { reelsOf } from '@/core/rigs/cuts-of-rig';
import { layRig } from '@/core/rigs/lay-rig';
import type { Rig, RigItem } from '@/core/rigs/rig';
import { drawRig, type DrawnRun } from '@/drawing/rig/rig-sheet';
import { lyingShapes } from '@/drawing/rig/lying-shapes';
import { loopPath, loopsOf } from '@/drawing/rig/loop-paths';
import { DrawnShape } from '../materials/DrawnShape';
import { Strand } from '../materials/Strand';
import { numberText } from '@/text/number-text';
import { lengthText } from '@/text/words';
import { useUnits } from '../units/use-units';
import styles from './rig-drawing.module.css';

interface RigDrawingProps {
  readonly name: string;
  readonly rig: Pick<Rig, 'kind' | 'items'>;
  readonly maxWidthPx: number;
  readonly maxHeightPx: number;
  /** The largest scale, so that a short rig is not drawn huge. */
  readonly pxPerMm: number;
  /** Long bare line broken short; else all of it to scale. */
  readonly isBroken: boolean;
  readonly hasNumbers?: boolean;
  readonly marked?: readonly string[];
  readonly chosen?: string | null;
  readonly onChoose?: (id: string) => void;
  /** A line’s lower end dragged, mm; `isDone` when it is let go. */
  readonly onLength?: (id: string, mm: number, isDone: boolean) => void;
  readonly isMirrored?: boolean;
}

/** A rig along its length, every part to scale, its lengths written on it. */
export function RigDrawing(props: RigDrawingProps) {
  const { name, rig, maxWidthPx, maxHeightPx, pxPerMm, isBroken, isMirrored = false } = props;
  const sheet = useMemo(() => drawRig(layRig(rig), isBroken), [rig, isBroken]);
  const [x, y, width, height] = sheet.box;
  const scale = Math.min(pxPerMm, maxWidthPx / width, maxHeightPx / height);
  // Letters of about 11 px whatever the scale.
  const letterMm = Math.min(12, 11 / scale);
  return (
    <svg
      role={name ? 'img' : undefined}
      aria-hidden={name ? undefined : true}
      aria-label={name || undefined}
      data-rig
      viewBox={`${x} ${y} ${width} ${height}`}
      width={width * scale}
      height={height * scale}
      className={styles.rig}
      style={isMirrored ? { transform: 'scaleX(-1)' } : undefined}
    >
      {sheet.runs.map((run) => (
        <Run key={run.on ?? 'main'} {...props} run={run} letterMm={letterMm} pxPerMm={scale} />
      ))}
    </svg>
  );
}

function Run({
  run,
  rig,
  letterMm,
  pxPerMm,
  hasNumbers = false,
  marked = [],
  chosen = null,
  onChoose,
  onLength,
}: Omit<RigDrawingProps, 'pxPerMm'> & {
  readonly run: DrawnRun;
  readonly letterMm: number;
  readonly pxPerMm: number;
}) {
  const { y, hangsAt, x, at, items, breaks, clearY } = run;
  const { length } = useUnits();
  // Drawings in millimeters leave their unit out, as drawings do.
  const dimension = (mm: number) => (length === 'mm' ? numberText(mm, 4) : lengthText(mm, length));
  const isMarked = (id: string) => marked.includes(id);
  const lines = items.filter(({ item }) => item.part.gauge.as === 'line' && item.part.gauge.line !== 'floss');
  const reels = reelsOf(rig);
  // What stays on its reel is as long as it likes.
  const cut = lines.filter(({ item }) => !reels.has(item.id));
  const parts = items.filter(({ item }) => item.part.gauge.as !== 'line');
  const hit = (item: RigItem) =>
    onChoose
      ? {
          onClick: () => onChoose(item.id),
          'data-chosen': chosen === item.id,
          'data-marked': isMarked(item.id),
          className: styles.hit,
        }
      : { 'data-marked': isMarked(item.id) };
  const thin = 0.9 / pxPerMm;
  return (
    <g>
      {hangsAt ? (
        <path
          d={`M${hangsAt[0]} ${hangsAt[1]}C${hangsAt[0]} ${(hangsAt[1] + y) / 2} ${hangsAt[0]} ${y} ${x} ${y}`}
          className={styles.elbow}
          strokeWidth={thin}
        />
      ) : null}
      {lines.map(({ item, fromMm, toMm }) => {
        const loops = loopsOf(items, item, fromMm, toMm);
        const from = loops.find(([start]) => start === fromMm)?.[1] ?? fromMm;
        const to = loops.find(([, end]) => end === toMm)?.[0] ?? toMm;
        const { line: form, sizes } = item.part.gauge;
        const acrossMm = Math.max(sizes.diameterMm ?? 0.4, 1.1 / pxPerMm);
        return (
          <g key={item.id} data-item={item.id} {...hit(item)}>
            {[
              `M${at(from)} ${y}H${at(to)}`,
              ...loops.map(([start, end]) => loopPath(at(start), at(end), y)),
            ].map((d) => (
              <Fragment key={d}>
                <path d={d} className={styles.line} data-line={form} strokeWidth={acrossMm} />
                <Strand d={d} form={form} acrossMm={acrossMm} />
              </Fragment>
            ))}
            <path d={`M${at(fromMm)} ${y}H${at(toMm)}`} className={styles.wide} strokeWidth={16 / pxPerMm} />
          </g>
        );
      })}
      {breaks.map(({ fromMm, toMm }) => {
        const middle = (at(fromMm) + at(toMm)) / 2;
        const [dx, dy] = [1.2, 3];
        return (
          <g key={fromMm}>
            <path
              d={`M${middle - dx} ${y - dy}L${middle + dx * 3} ${y - dy}L${middle + dx} ${y + dy}L${middle - dx * 3} ${y + dy}Z`}
              className={styles.gap}
            />
            {[-1, 1].map((side) => (
              <path
                key={side}
                d={`M${middle + side * dx * 2 + dx} ${y - dy}L${middle + side * dx * 2 - dx} ${y + dy}`}
                className={styles.breakMark}
                strokeWidth={thin}
              />
            ))}
          </g>
        );
      })}
      {items
        .filter(({ item }) => item.part.gauge.line === 'floss')
        .map(({ item, fromMm }) => (
          <g key={item.id} data-item={item.id} {...hit(item)}>
            <path
              d={WRAPS.map((nth) => `M${at(fromMm) + nth} ${y - 3}l0.6 6`).join('')}
              className={styles.floss}
              strokeWidth={Math.max(0.5, thin)}
            />
          </g>
        ))}
      {parts.map(({ item, fromMm, toMm }) => (
        <g
          key={item.id}
          data-item={item.id}
          data-at-mm={numberText(fromMm, 4)}
          transform={`translate(${at(fromMm)} ${y})`}
          {...hit(item)}
        >
          <title>{item.part.name}</title>
          {lyingShapes(item, toMm - fromMm, parts).map((shape, index) => (
            <DrawnShape
              key={index}
              shape={shape}
              paint={styles}
              thinMm={thin * (shape.is === 'mark' && hexOf(item) ? 1.6 : 1)}
              hex={hexOf(item)}
            />
          ))}
        </g>
      ))}
      {hasNumbers
        ? cut.map(({ item, fromMm, toMm }) => {
            const low = Math.max(clearY, y + letterMm * 1.4);
            const [from, to] = [at(fromMm), at(toMm)];
            const tick = letterMm * 0.4;
            return (
              <g key={item.id} className={styles.dimension} data-dimension={item.id}>
                <path
                  d={`M${from} ${low - tick}v${2 * tick}M${from} ${low}H${to}M${to} ${low - tick}v${2 * tick}`}
                  strokeWidth={thin}
                />
                <text x={(from + to) / 2} y={low + letterMm * 1.05} fontSize={letterMm} textAnchor="middle">
                  {dimension(item.lengthMm ?? 0)}
                </text>
              </g>
            );
          })
        : null}
      {onLength
        ? lines
            .filter(({ item }) => item.id === chosen)
            .map(({ item, fromMm, toMm }) => (
              <Handle
                key={item.id}
                x={at(toMm)}
                y={y}
                radiusMm={Math.max(2, 7 / pxPerMm)}
                label={`${item.part.name}, its lower end: ${lengthText(item.lengthMm ?? 0, length)}`}
                mm={toMm - fromMm}
                onMove={(mm, isDone) => onLength(item.id, Math.max(5, Math.round(mm)), isDone)}
              />
            ))
        : null}
    </g>
  );
}

/** Where turns of floss are drawn, mm from where it is wound. */
const WRAPS = [-2, -1.2, -0.4, 0.4, 1.2, 2];

/** Hair and skirts are drawn in their own color. */
const hexOf = ({ part: { gauge, hex } }: RigItem) =>
  gauge.as === 'hair' || gauge.as === 'skirt' ? (hex ?? undefined) : undefined;

function Handle({
  x,
  y,
  radiusMm,
  label,
  mm,
  onMove,
}: {
  readonly x: number;
  readonly y: number;
  readonly radiusMm: number;
  readonly label: string;
  /** How long its line is now. */
  readonly mm: number;
  readonly onMove: (mm: number, isDone: boolean) => void;
}) {
  const perPx = (event: PointerEvent<SVGCircleElement>) => {
    const svg = event.currentTarget.ownerSVGElement;
    const wide = svg?.getBoundingClientRect().width ?? 1;
    return (svg?.viewBox.baseVal.width ?? wide) / wide;
  };
  const moved = (event: PointerEvent<SVGCircleElement>) =>
    Number(event.currentTarget.dataset.startMm) +
    (event.clientX - Number(event.currentTarget.dataset.startX)) * Number(event.currentTarget.dataset.perPx);
  return (
    <circle
      cx={x}
      cy={y}
      r={radiusMm}
      className={styles.handle}
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={Math.round(mm)}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        event.currentTarget.dataset.startX = String(event.clientX);
        event.currentTarget.dataset.perPx = String(perPx(event));
        event.currentTarget.dataset.startMm = String(mm);
      }}
      onPointerMove={(event) => {
        if (event.currentTarget.hasPointerCapture(event.pointerId)) onMove(moved(event), false);
      }}
      onPointerUp={(event) => {
        if (event.currentTarget.hasPointerCapture(event.pointerId)) onMove(moved(event), true);
      }}
      onKeyDown={(event) => {
        const by = { ArrowRight: 1, ArrowLeft: -1, ArrowUp: 10, ArrowDown: -10 }[event.key];
        if (by === undefined) return;
        event.preventDefault();
        onMove(mm + by, true);
      }}
    />
  );
}
