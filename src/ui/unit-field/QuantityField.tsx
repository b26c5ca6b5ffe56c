'use client';

import { measuredKind, type Measured } from '@/text/quantity-text';
import { useUnits } from '../units/use-units';
import type { FieldLooks } from './FieldInput';
import { UnitField } from './UnitField';

interface QuantityFieldProps extends FieldLooks {
  readonly of: Measured;
  /** In what it is kept in: mm, depths in m, speeds in m/s, C, cm³, kg of strain. */
  readonly value: number | null;
  readonly least: number;
  readonly most: number;
  readonly onChange: (value: number | null) => void;
  /** May be left empty. */
  readonly isOptional?: boolean;
  readonly isSigned?: boolean;
  /** What is wrong besides what was typed. */
  readonly problem?: string | null;
}

/** What is measured, in the maker's own unit; any unit typed is taken, and what is out of range is said. */
export function QuantityField(props: QuantityFieldProps) {
  const { of, value, least, most, onChange, ...field } = props;
  const units = useUnits();
  const { quantity, base, assume, write } = measuredKind(of);
  const written = (based: number) => write(based / base, units);
  return (
    <UnitField
      {...field}
      quantity={quantity}
      assume={assume(units)}
      value={value === null ? null : value * base}
      write={written}
      check={(based) =>
        based / base < least || based / base > most
          ? `From ${write(least, units)} to ${write(most, units)}.`
          : null
      }
      onChange={(based) => onChange(based === null ? null : based / base)}
    />
  );
}
