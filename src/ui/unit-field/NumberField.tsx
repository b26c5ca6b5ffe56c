'use client';

import { useState } from 'react';
import { parseNumber } from '@/core/units/parse-number';
import { numberText } from '@/text/number-text';
import { FieldInput } from './FieldInput';

interface NumberFieldProps {
  readonly label: string;
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
  readonly check?: (value: number) => string | null;
  readonly hint?: string;
  readonly problem?: string | null;
  /** What stands behind the number. */
  readonly suffix?: string;
  readonly width?: number | string;
}

/** A plain number, also as a fraction: `2 1/2`. What cannot be read stays and is explained. */
export function NumberField(props: NumberFieldProps) {
  const { label, value, onChange, check, hint, problem, suffix, width } = props;
  const [text, setText] = useState<string | null>(null);
  const read = (written: string) => {
    const number = parseNumber(written);
    if (number === null) return `'${written.trim()}' is no number. Write it as 12, 0.5 or 2 1/2.`;
    return check?.(number) ?? number;
  };
  const result = text === null || text.trim() === '' ? null : read(text);
  return (
    <FieldInput
      label={label}
      text={text ?? (value === null ? '' : numberText(value, 6))}
      message={typeof result === 'string' ? result : (problem ?? null)}
      hint={hint}
      suffix={suffix}
      width={width}
      inputMode="decimal"
      onType={(written) => {
        setText(written);
        const next = written.trim() === '' ? null : read(written);
        onChange(typeof next === 'number' ? next : null);
      }}
      onLeave={() => {
        if (typeof result !== 'string') setText(null);
      }}
    />
  );
}
