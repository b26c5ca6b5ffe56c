'use client';

import { spoolText } from '@/text/roll-text';
import { CountField } from '@/ui/unit-field/CountField';
import type { FieldLooks } from '@/ui/unit-field/FieldInput';
import { MassField } from '@/ui/unit-field/MassField';
import { NumberField } from '@/ui/unit-field/NumberField';
import { UnitField } from '@/ui/unit-field/UnitField';
import { useUnits } from '@/ui/units/use-units';
import type { Bin } from '@/records/bin';

interface AmountFieldProps extends FieldLooks {
  readonly unit: Bin['unit'];
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
  /** Halves and quarters of a piece lie there too, as of tabs and sheets. */
  readonly isDivided?: boolean;
  readonly isOptional?: boolean;
  readonly problem?: string | null;
}

/** So much of what is kept by the piece, by its weight or by its length. */
export function AmountField({ unit, isDivided = false, isOptional, ...field }: AmountFieldProps) {
  const { length } = useUnits();
  if (unit === 'pieces' && isDivided) {
    return <NumberField hint="halves and quarters too: 2 1/2" {...field} step={0.25} most={1e6} />;
  }
  if (unit === 'pieces') return <CountField {...field} isOptional={isOptional} />;
  if (unit === 'g') return <MassField {...field} isOptional={isOptional} />;
  return (
    <UnitField
      {...field}
      isOptional={isOptional}
      quantity="length"
      assume={length === 'in' ? 'yd' : 'm'}
      write={(mm) => spoolText(mm, length)}
    />
  );
}
