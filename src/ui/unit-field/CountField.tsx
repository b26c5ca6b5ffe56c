'use client';

import { useState } from 'react';
import { FieldInput } from './FieldInput';

interface CountFieldProps {
  readonly label: string;
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
  readonly min?: number;
  readonly max?: number;
  readonly hint?: string;
  readonly problem?: string | null;
  readonly width?: number | string;
}

/** A whole number of pieces. What is no whole number stays in the field and is explained. */
export function CountField(props: CountFieldProps) {
  const { label, value, onChange, min = 0, max = 100_000, hint, problem, width } = props;
  const [text, setText] = useState<string | null>(null);
  const read = (written: string): number | string => {
    const plain = written.trim();
    const number = Number(plain);
    if (!/^\d+$/.test(plain))
      return `'${plain}' is not a whole number. Write ${min === 0 ? '0, 1, 2' : '1, 2, 3'} and so on.`;
    if (number < min || number > max) return `${plain} is out of range. Write ${min} to ${max}.`;
    return number;
  };
  const result = text === null ? null : read(text);
  const message = (typeof result === 'string' ? result : null) ?? problem ?? null;
  return (
    <FieldInput
      label={label}
      text={text ?? (value === null ? '' : String(value))}
      message={message}
      hint={hint}
      width={width}
      inputMode="numeric"
      onType={(written) => {
        setText(written);
        const next = read(written);
        onChange(typeof next === 'number' ? next : null);
      }}
      onLeave={() => {
        if (typeof result === 'number') setText(null);
      }}
    />
  );
}
