'use client';

import { useState } from 'react';
import { numberText } from '@/text/number-text';
import { FieldInput } from './FieldInput';

interface PercentFieldProps {
  readonly label: string;
  /** A share, 0..1. */
  readonly value: number | null;
  readonly most: number;
  readonly problem?: string | null;
  readonly onChange: (share: number | null) => void;
}

/** A share written as a percentage. */
export function PercentField({ label, value, most, problem, onChange }: PercentFieldProps) {
  const [text, setText] = useState<string | null>(null);
  const read = (written: string) => {
    const number = Number(written.replace('%', '').replace(',', '.').trim());
    const isRight = written.trim() !== '' && number >= 0 && number <= most * 100;
    return isRight ? number / 100 : null;
  };
  const ownProblem =
    text !== null && read(text) === null
      ? `'${text}' is no percentage from 0 to ${most * 100}. Write 5 for 5 %.`
      : null;
  const message = ownProblem ?? problem ?? null;
  return (
    <FieldInput
      label={label}
      text={text ?? (value === null ? '' : numberText(value * 100, 3))}
      message={message}
      suffix="%"
      inputMode="decimal"
      onType={(written) => {
        setText(written);
        onChange(read(written));
      }}
      onLeave={() => {
        if (!ownProblem) setText(null);
      }}
    />
  );
}
