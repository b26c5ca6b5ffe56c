'use client';

import { lengthText } from '@/text/words';
import { stack } from '../layout/layout';
import { Button, Input } from 'antd';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { readOutline } from '@/core/solids/read-outline';
import { useSentence, useUnits } from '../units/use-units';
import styles from './mold-design.module.css';

type Points = readonly (readonly [number, number])[];

const WIDTH_MM = 46;
const HEIGHT_MM = 16;
const GRID_MM = 2;
const KEY_STEP_MM = 0.5;

/** Half the outline of a turned body, drawn by dragging its points; or read from an SVG path. */
export function ProfileEditor({ points, onChange }: { points: Points; onChange: (points: Points) => void }) {
  const sentence = useSentence();
  const { length } = useUnits();
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<number | null>(null);
  const [path, setPath] = useState('');
  const read = path.trim() === '' ? null : readOutline(path);

  const place = (index: number, along: number, radius: number) => {
    const before = points[index - 1]?.[0] ?? 0;
    const after = points[index + 1]?.[0] ?? WIDTH_MM - 2;
    const isEnd = index === 0 || index === points.length - 1;
    const x = index === 0 ? 0 : Math.min(after, Math.max(before, along));
    const r = isEnd ? 0 : Math.min(HEIGHT_MM - 2, Math.max(0, radius));
    onChange(points.map((point, at) => (at === index ? ([x, r] as const) : point)));
  };
  const move = (event: PointerEvent<SVGSVGElement>) => {
    const box = svg.current?.getBoundingClientRect();
    if (held === null || !box) return;
    const along = ((event.clientX - box.left) / box.width) * WIDTH_MM - 1;
    const radius = HEIGHT_MM - ((event.clientY - box.top) / box.height) * HEIGHT_MM - 1;
    place(held, Math.round(along * 10) / 10, Math.round(radius * 10) / 10);
  };
  const nudge = (event: KeyboardEvent, index: number) => {
    const steps: Record<string, readonly [number, number]> = {
      ArrowLeft: [-KEY_STEP_MM, 0],
      ArrowRight: [KEY_STEP_MM, 0],
      ArrowUp: [0, KEY_STEP_MM],
      ArrowDown: [0, -KEY_STEP_MM],
    };
    const step = steps[event.key];
    const [x, r] = points[index] ?? [0, 0];
    if (!step) return;
    event.preventDefault();
    place(index, x + step[0], r + step[1]);
  };
  const addPoint = () => {
    const gaps = points.slice(1).map(([x], index) => ({ index, gap: x - (points[index]?.[0] ?? 0) }));
    const [widest] = gaps.sort((a, b) => b.gap - a.gap);
    const [a, b] = [points[widest?.index ?? 0], points[(widest?.index ?? 0) + 1]];
    if (!widest || !a || !b) return;
    const middle = [(a[0] + b[0]) / 2, Math.max(1, (a[1] + b[1]) / 2)] as const;
    onChange([...points.slice(0, widest.index + 1), middle, ...points.slice(widest.index + 1)]);
  };
  return (
    <div className={stack(6)}>
      <svg
        ref={svg}
        viewBox={`-1 ${-HEIGHT_MM + 1} ${WIDTH_MM} ${HEIGHT_MM}`}
        className={styles.profileBoard}
        role="group"
        aria-label="Half outline, nose left, axis below"
        onPointerMove={move}
        onPointerUp={() => setHeld(null)}
        onPointerLeave={() => setHeld(null)}
      >
        {Array.from({ length: WIDTH_MM / GRID_MM }, (_, index) => (
          <path
            key={index}
            d={`M${index * GRID_MM} ${-HEIGHT_MM + 1}V1`}
            stroke="var(--rule)"
            strokeWidth={index % 5 === 0 ? 0.12 : 0.05}
          />
        ))}
        {Array.from({ length: HEIGHT_MM / GRID_MM }, (_, index) => (
          <path
            key={index}
            d={`M-1 ${-index * GRID_MM}H${WIDTH_MM}`}
            stroke="var(--rule)"
            strokeWidth={index % 5 === 0 ? 0.12 : 0.05}
          />
        ))}
        <path
          d={`M${points.map(([x, r]) => `${x} ${-r}`).join('L')}Z`}
          fill="var(--steel-2)"
          stroke="var(--ink)"
          strokeWidth={0.22}
        />
        <path
          d={`M-1 0H${WIDTH_MM}`}
          stroke="var(--lead)"
          strokeWidth={0.15}
          strokeDasharray="1.2 0.4 0.3 0.4"
        />
        {points.map(([x, r], index) => (
          <circle
            key={index}
            cx={x}
            cy={-r}
            r={0.62}
            tabIndex={0}
            role="slider"
            aria-label={`Point ${index + 1}`}
            aria-valuenow={r}
            aria-valuetext={`${lengthText(x, length)} along, ${lengthText(r, length)} off the axis`}
            className={styles.profilePoint}
            onPointerDown={(event) => {
              svg.current?.setPointerCapture(event.pointerId);
              setHeld(index);
            }}
            onKeyDown={(event) => nudge(event, index)}
          />
        ))}
      </svg>
      <div className={stack(6, styles.profileTools)}>
        <Button size="small" onClick={addPoint}>
          + point
        </Button>
        <Button
          size="small"
          disabled={points.length <= 3}
          onClick={() => onChange(points.filter((_, index) => index !== points.length - 2))}
        >
          − point
        </Button>
        <Input
          size="small"
          aria-label="SVG path of the half outline"
          placeholder="or paste an SVG path, 1 unit = 1 mm"
          value={path}
          status={read && !read.ok ? 'error' : ''}
          onChange={(event) => setPath(event.target.value)}
        />
        <Button
          size="small"
          disabled={!read?.ok}
          onClick={() => {
            if (read?.ok) onChange(read.value.map(([r, z]) => [z, r] as const));
          }}
        >
          Read it
        </Button>
      </div>
      {read && !read.ok ? <p className="stop">{sentence(read.problem)}</p> : null}
    </div>
  );
}
