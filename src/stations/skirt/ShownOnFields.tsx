'use client';

import { Select } from 'antd';
import { useId } from 'react';
import { findStyle, HEAD_STYLES } from '@/core/cavities/styles';
import type { Skirt } from '@/records/skirt';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { MassField, markText, useBench, usePreferences } from '../shared';
import styles from './skirt.module.css';

type On = Skirt['shownOn'];

interface ShownOnFieldsProps {
  readonly value: On;
  readonly onChange: (on: On) => void;
}

const NONE = 'none';

/** What the skirt is drawn on: head, hook, color, guard, rattle, trailer. */
export function ShownOnFields({ value, onChange }: ShownOnFieldsProps) {
  const { view } = useBench();
  const { mass } = usePreferences();
  const id = useId();
  const set = (change: Partial<On>) => onChange({ ...value, ...change });
  const parts = (sort: string) =>
    view.bins
      .filter((bin) => bin.kind === 'part' && bin.sort === sort)
      .map((bin) => ({ value: bin.id, label: bin.name }));
  const pick = (
    label: string,
    chosen: string | null,
    options: { value: string; label: string }[],
    onPick: (binId: string | null) => void,
  ) => (
    <FieldShell id={`${id}${label}`} label={label}>
      <Select
        id={`${id}${label}`}
        value={chosen ?? NONE}
        style={{ width: '100%' }}
        popupMatchSelectWidth={false}
        showSearch={{ optionFilterProp: 'label' }}
        options={[{ value: NONE, label: 'none' }, ...options]}
        onChange={(next) => onPick(next === NONE ? null : next)}
      />
    </FieldShell>
  );
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
      {pick(
        'Hook',
        value.hookBinId,
        [...view.hooks.values()].map((hook) => ({ value: hook.id, label: hook.name })),
        (hookBinId) => set({ hookBinId }),
      )}
      {pick(
        'Head color',
        value.coatId,
        view.coats.filter(({ retired }) => !retired).map((coat) => ({ value: coat.id, label: coat.name })),
        (coatId) => set({ coatId }),
      )}
      {pick('Guard', value.guardBinId, parts('weed guards'), (guardBinId) => set({ guardBinId }))}
      {pick('Rattle', value.rattleBinId, parts('rattles'), (rattleBinId) => set({ rattleBinId }))}
      {pick('Trailer', value.trailerBinId, parts('trailers'), (trailerBinId) => set({ trailerBinId }))}
    </div>
  );
}
