'use client';

import { useState } from 'react';
import { parseCount } from '@/core/units/parse-count';
import { FieldInput, type FieldLooks } from './FieldInput';

interface CountFieldProps extends FieldLooks {
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
  readonly min?: number;
  readonly max?: number;
  readonly problem?: string | null;
  /** May be left empty. */
  readonly isOptional?: boolean;
}

/** A whole number of pieces, `12`, `5 beads`, `2 dozen`. What is no whole number stays and is explained. */
export function CountField(props: CountFieldProps) {
  const { value, onChange, min = 0, max = 100_000, problem, isOptional = false, ...looks } = props;
  const [text, setText] = useState<string | null>(null);
  const read = (written: string): number | string | null => {
    const plain = written.trim();
    if (plain === '' && isOptional) return null;
    const number = parseCount(plain);
    if (number === null)
      return `'${plain}' is not a whole number. Write ${min === 0 ? '0, 1, 2' : '1, 2, 3'} and so on.`;
    if (number < min || number > max) return `${plain} is out of range. Write ${min} to ${max}.`;
    return number;
  };
  const result = text === null ? null : read(text);
  const message = (typeof result === 'string' ? result : null) ?? problem ?? null;
  const onType = (written: string) => {
    setText(written);
    const next = read(written);
    // What may be empty would be emptied by a slip: it keeps its last count until the slip is mended.
    if (typeof next !== 'string') onChange(next);
    else if (!isOptional) onChange(null);
  };
  return (
    <FieldInput
      {...looks}
      text={text ?? (value === null ? '' : String(value))}
      message={message}
      inputMode="numeric"
      onType={onType}
      onStep={(by) => onType(String(Math.min(max, Math.max(min, (value ?? min) + by))))}
      onLeave={() => {
        if (typeof result !== 'string') setText(null);
      }}
    />
  );
}
