'use client';

import { Input } from 'antd';
import { useId, useState } from 'react';
import { FieldShell } from './FieldShell';

interface CountFieldProps {
  readonly label: string;
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
  readonly min?: number;
  readonly max?: number;
  readonly hint?: string;
  readonly problem?: string | null;
  readonly isLabelHidden?: boolean;
  readonly width?: number | string;
}

/** A whole number of pieces. What is no whole number stays in the field and is explained. */
export function CountField(props: CountFieldProps) {
  const { label, value, onChange, min = 0, max = 100_000, hint, problem, isLabelHidden, width } = props;
  const [text, setText] = useState<string | null>(null);
  const id = useId();
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
    <FieldShell
      id={id}
      label={label}
      hint={hint}
      problem={message}
      isLabelHidden={isLabelHidden}
      width={width}
    >
      <Input
        id={id}
        inputMode="numeric"
        value={text ?? (value === null ? '' : String(value))}
        status={message ? 'error' : undefined}
        aria-invalid={Boolean(message)}
        aria-describedby={`${id}-note`}
        autoComplete="off"
        onChange={(event) => {
          setText(event.target.value);
          const next = read(event.target.value);
          onChange(typeof next === 'number' ? next : null);
        }}
        onBlur={() => {
          if (typeof result === 'number') setText(null);
        }}
      />
    </FieldShell>
  );
}
