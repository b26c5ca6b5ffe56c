'use client';

import { useState } from 'react';
import { parseQuantity } from '@/core/units/parse-quantity';
import type { Quantity } from '@/core/units/quantities';
import type { Problem } from '@/core/problems/problem';
import { useSentence } from '../units/use-units';
import { FieldInput } from './FieldInput';

interface UnitFieldProps {
  readonly label: string;
  readonly quantity: Quantity;
  /** In the base unit: g, mm, C, cm3, s. Null while nothing right stands in the field. */
  readonly value: number | null;
  /** The unit of a bare number, the maker's own. */
  readonly assume: string;
  /** How the value stands in the maker's own unit. */
  readonly write: (value: number) => string;
  readonly onChange: (value: number | null) => void;
  readonly hint?: string;
  /** A problem found elsewhere, shown here. */
  readonly problem?: string | null;
  readonly check?: (value: number) => string | null;
  /** May be left empty. */
  readonly isOptional?: boolean;
  readonly width?: number | string;
}

/** A field that takes any unit people write and shows the maker's own when left. What cannot be read stays. */
export function UnitField(props: UnitFieldProps) {
  const { label, quantity, value, assume, write, onChange, hint, problem, check, width } = props;
  const isEmpty = (written: string) => props.isOptional === true && written.trim() === '';
  const sentence = useSentence();
  const [text, setText] = useState<string | null>(null);
  const shown = text ?? (value === null ? '' : write(value));
  const ownProblem =
    text === null || isEmpty(text) ? null : readProblem(text, quantity, assume, check, sentence);
  const message = ownProblem ?? (value !== null ? check?.(value) : null) ?? problem ?? null;

  const change = (next: string) => {
    setText(next);
    if (isEmpty(next)) {
      onChange(null);
      return;
    }
    const parsed = parseQuantity(next, quantity, assume);
    onChange(parsed.ok && !check?.(parsed.value.value) ? parsed.value.value : null);
  };
  const leave = () => {
    if (text !== null && !ownProblem) setText(null);
  };

  return (
    <FieldInput
      label={label}
      text={shown}
      message={message}
      hint={hint}
      width={width}
      onType={change}
      onLeave={leave}
    />
  );
}

function readProblem(
  text: string,
  quantity: Quantity,
  assume: string,
  check: UnitFieldProps['check'],
  sentence: (problem: Problem) => string,
): string | null {
  const parsed = parseQuantity(text, quantity, assume);
  if (!parsed.ok) return sentence(parsed.problem);
  return check?.(parsed.value.value) ?? null;
}
