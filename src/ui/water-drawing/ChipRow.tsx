'use client';

import type { ReactNode } from 'react';
import { row } from '../layout/layout';
import styles from './water-parts.module.css';

interface ChipsProps {
  readonly label: string;
  /** The buttons, pressed or not. */
  readonly children: ReactNode;
}

/** A few words that are pressed, behind what they are of. */
export function Chips({ label, children }: ChipsProps) {
  return (
    <div className={row(6, styles.chips)} role="group" aria-label={label}>
      <span>{label}</span>
      {children}
    </div>
  );
}

interface ChipRowProps<T extends string> {
  readonly label: string;
  readonly options: readonly T[];
  readonly value: T | null;
  readonly onChange: (value: T | null) => void;
}

/** One of a few words, at a tap; the same again takes it back. */
export function ChipRow<T extends string>({ label, options, value, onChange }: ChipRowProps<T>) {
  return (
    <Chips label={label}>
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
    </Chips>
  );
}
