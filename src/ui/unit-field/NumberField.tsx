'use client';

import { useState } from 'react';
import { parseNumber } from '@/core/units/parse-number';
import { numberText } from '@/text/number-text';
import { FieldInput, type FieldLooks } from './FieldInput';

interface NumberFieldProps extends FieldLooks {
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
  readonly least?: number;
  readonly most?: number;
  /** What the arrow keys add or take away. */
  readonly step?: number;
  readonly check?: (value: number) => string | null;
  readonly problem?: string | null;
  /** What stands behind the number. */
  readonly suffix?: string;
}

/** A plain number, also as a fraction: `2 1/2`. What cannot be read stays and is explained. */
export function NumberField(props: NumberFieldProps) {
  const { value, onChange, check, problem, least = 0, most = Infinity, step = 1, ...looks } = props;
  const [text, setText] = useState<string | null>(null);
  const read = (written: string) => {
    const number = parseNumber(written);
    if (number === null) return `'${written.trim()}' is no number. Write it as 12, 0.5 or 2 1/2.`;
    if (number < least || number > most) {
      return most === Infinity
        ? `${numberText(least, 6)} at least.`
        : `From ${numberText(least, 6)} to ${numberText(most, 6)}.`;
    }
    return check?.(number) ?? number;
  };
  const result = text === null || text.trim() === '' ? null : read(text);
  const onType = (written: string) => {
    setText(written);
    const next = written.trim() === '' ? null : read(written);
    onChange(typeof next === 'number' ? next : null);
  };
  return (
    <FieldInput
      {...looks}
      text={text ?? (value === null ? '' : numberText(value, 6))}
      message={typeof result === 'string' ? result : (problem ?? null)}
      inputMode="decimal"
      onType={onType}
      onStep={(by) => onType(numberText(Math.min(most, Math.max(least, (value ?? least) + by * step)), 6))}
      onLeave={() => {
        if (typeof result !== 'string') setText(null);
      }}
    />
  );
}
