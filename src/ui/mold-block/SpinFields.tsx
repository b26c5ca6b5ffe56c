'use client';

import type { Spin } from '@/records/mold';
import { CountField } from '../unit-field/CountField';
import { QuantityField } from '../unit-field/QuantityField';
import { TextField } from '../unit-field/TextField';
import styles from './spin-fields.module.css';

/** A disc before the maker has set it. */
export const USUAL_SPIN: Spin = {
  clampBar: 2,
  rpm: 400,
  holdSeconds: 5,
  spinSeconds: 30,
  coolSeconds: 40,
  mark: '',
};

/** How a disc is clamped and spun. */
export function SpinFields({ spin, onChange }: { spin: Spin; onChange: (spin: Spin) => void }) {
  const field = (label: string, key: 'rpm' | 'holdSeconds' | 'spinSeconds' | 'coolSeconds') => (
    <CountField
      label={label}
      value={spin[key]}
      onChange={(value) =>
        value !== null && (key !== 'rpm' || value > 0) && onChange({ ...spin, [key]: value })
      }
    />
  );
  // Left empty, whether it flashes is not known.
  const measure = (label: string, key: 'reachMm' | 'poolMm' | 'pistonMm', most: number) => (
    <QuantityField
      of="length"
      label={label}
      least={1}
      most={most}
      isOptional
      value={spin[key] ?? null}
      onChange={(mm) => onChange({ ...spin, [key]: mm ?? undefined })}
    />
  );
  return (
    <div className={styles.spinFields}>
      <QuantityField
        of="pressure"
        label="Clamp"
        least={0}
        most={100}
        value={spin.clampBar}
        onChange={(clampBar) => clampBar !== null && onChange({ ...spin, clampBar })}
      />
      {field('Hold, s', 'holdSeconds')}
      {field('Speed, rpm', 'rpm')}
      {field('Spin, s', 'spinSeconds')}
      {field('Cool, s', 'coolSeconds')}
      {measure('Cavities reach out to', 'reachMm', 500)}
      {measure('Pool, radius', 'poolMm', 300)}
      {measure('Clamp’s piston, across', 'pistonMm', 500)}
      <TextField
        label="Marks that meet"
        value={spin.mark}
        placeholder="arrow to notch"
        onChange={(text) => onChange({ ...spin, mark: text })}
      />
    </div>
  );
}
