'use client';

import { Input } from 'antd';
import { useId } from 'react';
import type { Spin } from '@/records/mold';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import styles from './molds.module.css';

/** A disc before the maker has set it. */
export const USUAL_SPIN: Spin = { clampBar: 2, rpm: 400, holdSeconds: 5, spinSeconds: 30, mark: '' };

/** How a disc is clamped and spun. */
export function SpinFields({ spin, onChange }: { spin: Spin; onChange: (spin: Spin) => void }) {
  const id = useId();
  const field = (label: string, key: 'clampBar' | 'rpm' | 'holdSeconds' | 'spinSeconds') => (
    <CountField
      label={label}
      value={spin[key]}
      onChange={(value) =>
        value !== null && (key !== 'rpm' || value > 0) && onChange({ ...spin, [key]: value })
      }
    />
  );
  return (
    <div className={styles.spinFields}>
      {field('Clamp, bar', 'clampBar')}
      {field('Hold, s', 'holdSeconds')}
      {field('Speed, rpm', 'rpm')}
      {field('Spin, s', 'spinSeconds')}
      <FieldShell id={`${id}mark`} label="Marks that meet">
        <Input
          id={`${id}mark`}
          value={spin.mark}
          maxLength={120}
          placeholder="arrow to notch"
          onChange={(event) => onChange({ ...spin, mark: event.target.value })}
        />
      </FieldShell>
    </div>
  );
}
