'use client';

import { Slider } from 'antd';
import { startTransition, useId, useState } from 'react';
import { FieldShell } from '../unit-field/FieldShell';

interface MovingSliderProps {
  /** What the handle is called. */
  readonly name: string;
  /** What stands over it, with its value. */
  readonly label: (value: number) => string;
  readonly hint?: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step?: number;
  /** While it moves: what is drawn follows. */
  readonly onMove: (value: number) => void;
  /** Once it stands. */
  readonly onDone: (value: number) => void;
}

/** A slider that the drawing follows while it moves, and that changes the recipe once it stands. */
export function MovingSlider(props: MovingSliderProps) {
  const { name, label, hint, value, min, max, step, onMove, onDone } = props;
  const id = useId();
  const [now, setNow] = useState<number | null>(null);
  const shown = now ?? value;
  return (
    <FieldShell id={id} label={label(shown)} hint={hint}>
      <Slider
        ariaLabelForHandle={name}
        min={min}
        max={max}
        step={step}
        value={shown}
        // The label says it; a tooltip that follows the handle measures the whole page at each step.
        tooltip={{ open: false }}
        onChange={(next) => {
          setNow(next);
          onMove(next);
        }}
        onChangeComplete={(next) =>
          // All that shows the recipe is drawn anew: in pieces, so that the hand is not held up.
          startTransition(() => {
            setNow(null);
            onDone(next);
          })
        }
      />
    </FieldShell>
  );
}
