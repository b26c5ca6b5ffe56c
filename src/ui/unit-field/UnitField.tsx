'use client';

import { useState } from 'react';
import { parseQuantity } from '@/core/units/parse-quantity';
import type { Quantity } from '@/core/units/quantities';
import { useSentence } from '../units/use-units';
import { FieldInput, type FieldLooks } from './FieldInput';

interface UnitFieldProps extends FieldLooks {
  readonly quantity: Quantity;
  /** In the base unit: g, mm, C, cm3, s. Null while nothing right stands in the field. */
  readonly value: number | null;
  /** The unit of a bare number, the maker's own. */
  readonly assume: string;
  /** How the value stands in the maker's own unit. */
  readonly write: (value: number) => string;
  readonly onChange: (value: number | null) => void;
  /** A problem found elsewhere, shown here. */
  readonly problem?: string | null;
  readonly check?: (value: number) => string | null;
  /** May be left empty. */
  readonly isOptional?: boolean;
  /** May lie on either side of nothing, as `-3 mm`. */
  readonly isSigned?: boolean;
}

/** A field that takes any unit people write and shows the maker's own when left. What cannot be read stays. */
export function UnitField(props: UnitFieldProps) {
  const {
    quantity,
    value,
    assume,
    write,
    onChange,
    problem,
    check,
    isOptional = false,
    isSigned = false,
    ...looks
  } = props;
  const isEmpty = (written: string) => isOptional && written.trim() === '';
  const sentence = useSentence();
  const [text, setText] = useState<string | null>(null);
  const written = (based: number) => (based < 0 && isSigned ? `-${write(-based)}` : write(based));
  const read = (typed: string) => {
    const side = isSigned ? (/^\s*[-−]/.exec(typed)?.[0] ?? '') : '';
    const parsed = parseQuantity(typed.slice(side.length), quantity, assume);
    if (!parsed.ok) return sentence(parsed.problem);
    const based = side === '' ? parsed.value.value : -parsed.value.value;
    return check?.(based) ?? based;
  };
  const result = text === null || isEmpty(text) ? null : read(text);
  const ownProblem = typeof result === 'string' ? result : null;
  const message = ownProblem ?? (value !== null ? check?.(value) : null) ?? problem ?? null;
  return (
    <FieldInput
      {...looks}
      text={text ?? (value === null ? '' : written(value))}
      message={message}
      onType={(typed) => {
        setText(typed);
        const next = isEmpty(typed) ? null : read(typed);
        // What may be empty would be emptied by a slip: it keeps its last figure until the slip is mended.
        if (typeof next !== 'string') onChange(next);
        else if (!isOptional) onChange(null);
      }}
      onLeave={() => {
        if (text !== null && !ownProblem) setText(null);
      }}
    />
  );
}
