'use client';

import { wrap } from '@/ui/layout/layout';
import { BOTTOMS, CLARITIES, FEELS, SKIES, WATER_LEVELS } from '@/records/water-note';
import { MassField } from '@/ui/unit-field/MassField';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { ChipRow } from '@/ui/water-drawing/ChipRow';
import type { NoteDraft } from './draft-note';
import styles from './water.module.css';

interface DraftProps {
  readonly draft: NoteDraft;
  readonly set: (change: Partial<NoteDraft>) => void;
}

const MEASURES = [
  ['depthM', 'Depth', 'depth', 0, 500],
  ['waterC', 'Water', 'temperature', -3, 45],
  ['currentMs', 'Current', 'speed', 0, 10],
  ['castM', 'Cast', 'depth', 0, 300],
  ['lineMm', 'Line', 'length', 0.05, 5],
] as const;

/** Under what conditions it was fished: a press each, and what can be measured. */
export function NoteConditions({ draft, set }: DraftProps) {
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
        {MEASURES.map(([key, label, of, least, most]) => (
          <QuantityField
            key={key}
            {...{ label, of, least, most }}
            isOptional
            value={draft[key]}
            onChange={(next) => set({ [key]: next })}
          />
        ))}
      </div>
    </>
  );
}
