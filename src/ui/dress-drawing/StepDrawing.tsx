'use client';

import { useMemo } from 'react';
import { findStyle } from '@/core/cavities/styles';
import { shapeCavity } from '@/core/cavities/shape-cavity';
import { findDressStep, type DressStepId } from '@/core/dress/dress-steps';
import { dressMark, spruePath } from '@/drawing/dress-marks';
import { headView } from '@/drawing/head-view';
import { spreadOut } from '@/drawing/spread-out';
import type { Batch } from '@/records/batch';
import type { HookBin } from '@/records/bin';
import { HookShape } from '../head-drawing/HookShape';
import { lengthText } from '@/text/words';
import { useUnits } from '../units/use-units';
import styles from './dress-drawing.module.css';

const WIDTH = 560;
const HEIGHT = 216;
const LABEL_ROW = 26;
const LABEL_WIDTH = 128;
const BAR_MM = 10;

interface StepDrawingProps {
  readonly batch: Batch;
  readonly name: string;
  readonly hook: HookBin | null;
  readonly volumeCm3: number;
  readonly onTake: (step: DressStepId) => void;
}

/** The head as it comes from the block, with each step pinned to where it is done; a tap takes it in hand. */
export function StepDrawing({ batch, name, hook, volumeCm3, onTake }: StepDrawingProps) {
  const { length } = useUnits();
  const style = findStyle(batch.style);
  const drawn = useMemo(() => {
    if (!style) return null;
    const view = headView(style, volumeCm3, hook);
    const shape = shapeCavity(style, volumeCm3);
    const [left, top, width] = view.viewBox;
    const bottom = shape.radiusMm * 2;
    const scale = Math.min((WIDTH - 40) / width, (HEIGHT - 2 * LABEL_ROW - 24) / (bottom - top), 13);
    const x = (mm: number) => WIDTH / 2 + (mm - left - width / 2) * scale;
    const y = (mm: number) => LABEL_ROW + 12 + (mm - top) * scale;
    return { view, shape, scale, x, y };
  }, [style, volumeCm3, hook]);
  if (!drawn) return null;
  const { view, shape, scale, x, y } = drawn;
  const pins = batch.steps.map(({ step, done }) => {
    const mark = dressMark(step, shape, view.hook);
    return { step, done, at: { x: x(mark.x), y: y(mark.y) }, isTop: mark.y < 0 };
  });
  const labels = (isTop: boolean) => {
    const row = pins.filter((pin) => pin.isTop === isTop).sort((a, b) => a.at.x - b.at.x);
    const places = spreadOut(
      row.map(({ at }) => at.x),
      LABEL_WIDTH,
      WIDTH,
    );
    return row.map((pin, index) => ({
      ...pin,
      label: { x: places[index] ?? pin.at.x, y: isTop ? 18 : HEIGHT - 10 },
    }));
  };
  const isSprued = (batch.steps.find(({ step }) => step === 'sprue')?.done ?? batch.count) < batch.count;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className={styles.stepDrawing}
      role="group"
      aria-label={`${name}, to scale, with the steps of dressing`}
    >
      <g transform={`translate(${x(0)} ${y(0)}) scale(${scale})`}>
        {view.hook ? <HookShape hook={view.hook} /> : null}
        {isSprued ? (
          <path d={spruePath(shape)} fill="var(--cavity-2)" stroke="var(--ink)" strokeWidth={0.15} />
        ) : null}
        <path d={view.body} fill="var(--lead)" stroke="var(--ink)" strokeWidth={1.4 / scale} />
      </g>
      {[...labels(true), ...labels(false)].map(({ step, done, at, label, isTop }) => {
        const isNow = batch.inHand?.step === step;
        const state = isNow ? 'now' : done >= batch.count ? 'done' : 'ahead';
        const { name } = findDressStep(step);
        return (
          <g key={step} data-state={state} className={styles.pin}>
            <path d={`M${label.x} ${isTop ? label.y + 6 : label.y - 15}L${at.x} ${at.y}`} data-halo="true" />
            <path d={`M${label.x} ${isTop ? label.y + 6 : label.y - 15}L${at.x} ${at.y}`} />
            <circle cx={at.x} cy={at.y} r={isNow ? 6 : 4} />
            <text x={label.x} y={label.y} textAnchor="middle">
              {state === 'done' ? `${name} ✓` : name}
            </text>
            <rect
              x={label.x - 62}
              y={label.y - 18}
              width={124}
              height={26}
              fill="transparent"
              onClick={() => onTake(step)}
            />
          </g>
        );
      })}
      <g
        className={styles.scaleBar}
        transform={`translate(${WIDTH - BAR_MM * scale - 14} ${HEIGHT / 2 + 58})`}
      >
        <path d={`M0 -4V4M0 0H${BAR_MM * scale}M${BAR_MM * scale} -4V4`} />
        <text x={(BAR_MM * scale) / 2} y={-7} textAnchor="middle">
          {lengthText(BAR_MM, length)}
        </text>
      </g>
    </svg>
  );
}
