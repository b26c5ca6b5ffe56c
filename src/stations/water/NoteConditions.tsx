'use client';

import { wrap } from '@/ui/layout/layout';
import { InputNumber } from 'antd';
import { useId } from 'react';
import { BOTTOMS, CLARITIES, FEELS, SKIES, WATER_LEVELS } from '@/records/water-note';
import { MassField } from '@/ui/unit-field/MassField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { ChipRow } from '@/ui/water-drawing/ChipRow';
import type { NoteDraft } from './draft-note';
import styles from './water.module.css';

interface DraftProps {
  readonly draft: NoteDraft;
  readonly set: (change: Partial<NoteDraft>) => void;
}

const MEASURES = [
  ['depthM', 'Depth, m', 0, 500, 0.5],
  ['waterC', 'Water, °C', -3, 45, 0.5],
  ['currentMs', 'Current, m/s', 0, 10, 0.1],
  ['castM', 'Cast, m', 0, 300, 1],
  ['lineMm', 'Line, mm', 0.05, 5, 0.01],
] as const;

/** Under what conditions it was fished: a press each, and what can be measured. */
export function NoteConditions({ draft, set }: DraftProps) {
  const id = useId();
  return (
    <>
      <ChipRow label="weight felt" options={FEELS} value={draft.feel} onChange={(feel) => set({ feel })} />
      <ChipRow label="bottom" options={BOTTOMS} value={draft.bottom} onChange={(bottom) => set({ bottom })} />
      <ChipRow
        label="water"
        options={CLARITIES}
        value={draft.clarity}
        onChange={(clarity) => set({ clarity })}
      />
      <ChipRow
        label="level"
        options={WATER_LEVELS}
        value={draft.level}
        onChange={(level) => set({ level })}
      />
      <ChipRow label="sky" options={SKIES} value={draft.sky} onChange={(sky) => set({ sky })} />
      <div className={wrap(0, styles.measures)}>
        <MassField label="Weight" value={draft.weightG} onChange={(weightG) => set({ weightG })} />
        {MEASURES.map(([key, label, min, max, step]) => (
          <FieldShell key={key} id={`${id}${key}`} label={label}>
            <InputNumber
              id={`${id}${key}`}
              {...{ min, max, step }}
              value={draft[key]}
              onChange={(next) => set({ [key]: next })}
            />
          </FieldShell>
        ))}
      </div>
    </>
  );
}
