'use client';

import { useMemo } from 'react';
import { findStyle } from '@/core/cavities/styles';
import { shapeCavity } from '@/core/cavities/shape-cavity';
import { findDressStep, type DressStepId } from '@/core/dress/dress-steps';
import { dressMark, gateScarPath, pinBore, spruePath } from '@/drawing/dress-marks';
import { headView } from '@/drawing/head-view';
import { spreadOut } from '@/drawing/spread-out';
import type { Batch } from '@/records/batch';
import type { HookBin } from '@/records/bin';
import { HookShape } from '../head-drawing/HookShape';
import { Lit } from '../materials/Lit';
import { Steel } from '../materials/Steel';
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
  /** Whether a step of this batch is still ahead for its last head; null where the batch has no such step. */
  const isAhead = (of: DressStepId) => {
    const found = batch.steps.find(({ step }) => step === of);
    return found ? found.done < batch.count : null;
  };
  const bore = isAhead('pins') === null ? null : pinBore(shape);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className={styles.stepDrawing}
      role="group"
      aria-label={`${name}, to scale, with the steps of dressing`}
    >
      <g transform={`translate(${x(0)} ${y(0)}) scale(${scale})`}>
        {view.hook ? <HookShape hook={view.hook} /> : null}
        {isAhead('sprue') ? (
          <Lit
            d={spruePath(shape)}
            fill="var(--cast-sheen)"
            finish="dull"
            stroke="var(--cast-edge)"
            strokeWidth={0.12}
          />
        ) : null}
        {bore && isAhead('pins') ? <Steel d={bore.pin} wireMm={bore.pinMm} /> : null}
        {isAhead('flash') ? (
          <path
            d={view.body}
            fill="none"
            stroke="var(--cast-sheen)"
            strokeDasharray="5 1.1 3 0.4 7 0.8"
            strokeWidth={shape.radiusMm * 0.14}
          />
        ) : null}
        <Lit
          d={view.body}
          fill="var(--fresh-lead)"
          finish="bright"
          stroke="var(--cast-edge)"
          strokeWidth={1.2 / scale}
        />
        {bore && !isAhead('pins') ? (
          <>
            <path
              d={bore.sides}
              fill="none"
              stroke="var(--cast-edge)"
              strokeWidth={0.8 / scale}
              strokeDasharray={`${4 / scale} ${3 / scale}`}
              opacity={0.6}
            />
            <path d={bore.mouths} fill="var(--cast-pore)" />
          </>
        ) : null}
        {isAhead('sprue') === false ? (
          <path
            d={gateScarPath(shape)}
            fill="var(--cast-light)"
            stroke="var(--cast-edge)"
            strokeWidth={0.6 / scale}
          />
        ) : null}
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
