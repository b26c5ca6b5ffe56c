'use client';

import { Select } from 'antd';
import { useId } from 'react';
import { findStyle, HEAD_STYLES } from '@/core/cavities/styles';
import type { Skirt } from '@/records/skirt';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { MassField } from '@/ui/unit-field/MassField';
import { markText } from '@/text/words';
import { PartField } from '@/station-kit/put-down/PartField';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import styles from './skirt.module.css';

type On = Skirt['shownOn'];

interface ShownOnFieldsProps {
  readonly value: On;
  readonly onChange: (on: On) => void;
}

/** What the skirt is drawn on: head, hook, color, guard, rattle, trailer. */
export function ShownOnFields({ value, onChange }: ShownOnFieldsProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const id = useId();
  const set = (change: Partial<On>) => onChange({ ...value, ...change });
  return (
    <div className={styles.fieldGrid}>
      <FieldShell id={`${id}style`} label="Head">
        <Select
          id={`${id}style`}
          value={value.style}
          style={{ width: '100%' }}
          options={HEAD_STYLES.filter(({ isHooked }) => isHooked).map(({ key, name }) => ({
            value: key,
            label: name,
          }))}
          onChange={(style) => set({ style, hookBinId: findStyle(style)?.isHooked ? value.hookBinId : null })}
        />
      </FieldShell>
      <MassField
        label="Weight"
        value={value.nominalG}
        write={(grams) => markText(grams, mass)}
        onChange={(nominalG) => nominalG !== null && nominalG > 0 && nominalG <= 5000 && set({ nominalG })}
      />
      <ChoiceField
        label="Hook"
        value={value.hookBinId}
        none="none"
        options={[...view.hooks.values()].map((hook) => ({ value: hook.id, label: hook.name }))}
        onChange={(hookBinId) => set({ hookBinId })}
      />
      <ChoiceField
        label="Head color"
        value={value.coatId}
        none="none"
        options={view.coats
          .filter(({ retired }) => !retired)
          .map((coat) => ({ value: coat.id, label: coat.name }))}
        onChange={(coatId) => set({ coatId })}
      />
      <PartField
        label="Guard"
        value={value.guardBinId}
        none="none"
        as="guard"
        onChange={(guardBinId) => set({ guardBinId })}
      />
      <PartField
        label="Rattle"
        value={value.rattleBinId}
        none="none"
        as="rattle"
        onChange={(rattleBinId) => set({ rattleBinId })}
      />
      <PartField
        label="Trailer"
        value={value.trailerBinId}
        none="none"
        as="trailer"
        onChange={(trailerBinId) => set({ trailerBinId })}
      />
    </div>
  );
}
