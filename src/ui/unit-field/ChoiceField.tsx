'use client';

import { Select } from 'antd';
import { useId } from 'react';
import { FieldShell } from './FieldShell';

interface Choice {
  readonly value: string;
  readonly label: string;
}

interface ChoiceGroup {
  readonly label: string;
  readonly options: readonly Choice[];
}

interface ChoiceFieldProps {
  readonly label: string;
  readonly value: string | null;
  /** One after another, or under headings. */
  readonly options: readonly (Choice | ChoiceGroup)[];
  /** What choosing nothing is called; left out where one must be chosen. */
  readonly none?: string;
  readonly problem?: string | null;
  /** Shown, not chosen. */
  readonly isFixed?: boolean;
  readonly onChange: (value: string | null) => void;
}

const NONE = 'none';

/** One of several, or none of them: found by typing. */
export function ChoiceField({ label, value, options, none, problem, isFixed, onChange }: ChoiceFieldProps) {
  const id = useId();
  return (
    <FieldShell id={id} label={label} problem={problem}>
      <Select
        id={id}
        value={value ?? NONE}
        disabled={isFixed}
        style={{ width: '100%' }}
        popupMatchSelectWidth={false}
        showSearch={{ optionFilterProp: 'label' }}
        options={[...(none === undefined ? [] : [{ value: NONE, label: none }]), ...options] as Choice[]}
        onChange={(next) => onChange(next === NONE ? null : next)}
      />
    </FieldShell>
  );
}
