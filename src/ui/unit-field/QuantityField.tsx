'use client';

import { measuredKind, type Measured } from '@/text/quantity-text';
import { useUnits } from '../units/use-units';
import { UnitField } from './UnitField';

interface QuantityFieldProps {
  readonly label: string;
  readonly of: Measured;
  /** In what it is kept in: mm, depths in m, speeds in m/s, C, cm³, kg of strain. */
  readonly value: number | null;
  readonly least: number;
  readonly most: number;
  readonly onChange: (value: number | null) => void;
  /** May be left empty. */
  readonly isOptional?: boolean;
  readonly hint?: string;
  /** What is wrong besides what was typed. */
  readonly problem?: string | null;
  readonly width?: number | string;
}

/** What is measured, in the maker's own unit; any unit typed is taken, and what is out of range is said. */
export function QuantityField(props: QuantityFieldProps) {
  const { label, of, value, least, most, onChange, isOptional = false, hint, problem, width } = props;
  const units = useUnits();
  const { quantity, base, assume, write } = measuredKind(of);
  const written = (based: number) => write(based / base, units);
  return (
    <UnitField
      label={label}
      quantity={quantity}
      assume={assume(units)}
      value={value === null ? null : value * base}
      write={written}
      isOptional={isOptional}
      hint={hint}
      problem={problem}
      width={width}
      check={(based) =>
        based / base < least || based / base > most
          ? `From ${write(least, units)} to ${write(most, units)}.`
          : null
      }
      onChange={(based) => onChange(based === null ? null : based / base)}
    />
  );
}
