'use client';

import type { RoleSize } from '@/core/parts/part-roles';
import { measureText, unitToAssume } from '@/text/measure-text';
import { NumberField } from '@/ui/unit-field/NumberField';
import { UnitField } from '@/ui/unit-field/UnitField';
import { useUnits } from '@/ui/units/use-units';

interface MeasureFieldProps {
  readonly role: RoleSize;
  /** What it usually is; undefined where nobody says. */
  readonly typical?: number | undefined;
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
}

/** One measure of a part, in any unit that it can be written in. */
export function MeasureField({ role: { label, unit, most }, typical, value, onChange }: MeasureFieldProps) {
  const units = useUnits();
  const hint = typical === undefined ? undefined : `usually ${measureText(unit, typical, units)}`;
  const assumed = unitToAssume(unit, units);
  const check = (next: number) =>
    next <= 0 || next > most ? `Over 0, and up to ${measureText(unit, most, units)}.` : null;
  if (assumed === null)
    return <NumberField label={label} hint={hint} value={value} check={check} onChange={onChange} />;
  return (
    <UnitField
      label={label}
      quantity={assumed.quantity}
      assume={assumed.unit}
      write={(next) => measureText(unit, next, units)}
      hint={hint}
      value={value}
      isOptional
      check={check}
      onChange={onChange}
    />
  );
}
