'use client';

import { useState } from 'react';
import { parseNumber } from '@/core/units/parse-number';
import { numberText } from '@/text/number-text';
import { FieldInput, type FieldLooks } from './FieldInput';

interface PercentFieldProps extends FieldLooks {
  /** A share, 0..1. */
  readonly value: number | null;
  readonly least?: number;
  readonly most: number;
  readonly problem?: string | null;
  readonly onChange: (share: number | null) => void;
}

/** A share written as a percentage. */
export function PercentField({ value, least = 0, most, problem, onChange, ...looks }: PercentFieldProps) {
  const [text, setText] = useState<string | null>(null);
  const read = (written: string) => {
    const percent = parseNumber(written.replace('%', ''));
    return percent !== null && percent >= least * 100 && percent <= most * 100 ? percent / 100 : null;
  };
  const ownProblem =
    text !== null && read(text) === null
      ? `'${text}' is no percentage from ${least * 100} to ${most * 100}. Write 5 for 5 %.`
      : null;
  const onType = (written: string) => {
    setText(written);
    onChange(read(written));
  };
  return (
    <FieldInput
      {...looks}
      text={text ?? (value === null ? '' : numberText(value * 100, 3))}
      message={ownProblem ?? problem ?? null}
      suffix="%"
      inputMode="decimal"
      onType={onType}
      onStep={(by) =>
        onType(numberText(Math.min(most, Math.max(least, (value ?? least) + by / 100)) * 100, 3))
      }
      onLeave={() => {
        if (!ownProblem) setText(null);
      }}
    />
  );
}
