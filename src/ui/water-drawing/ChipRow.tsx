'use client';

import { row } from '../layout/layout';
import styles from './water-parts.module.css';

interface ChipRowProps<T extends string> {
  readonly label: string;
  readonly options: readonly T[];
  readonly value: T | null;
  readonly onChange: (value: T | null) => void;
}

/** One of a few words, at a tap; the same again takes it back. */
export function ChipRow<T extends string>({ label, options, value, onChange }: ChipRowProps<T>) {
  return (
    <div className={row(6, styles.chips)} role="group" aria-label={label}>
      <span>{label}</span>
      {options.map((option) => (
        <button
          key={option}
          type="button"
          aria-pressed={option === value}
          onClick={() => onChange(option === value ? null : option)}
        >
          {option.replace('-', ' ')}
        </button>
      ))}
    </div>
  );
}
