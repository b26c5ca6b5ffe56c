'use client';

import { spoolText } from '@/text/roll-text';
import { CountField } from '@/ui/unit-field/CountField';
import { MassField } from '@/ui/unit-field/MassField';
import { UnitField } from '@/ui/unit-field/UnitField';
import { useUnits } from '@/ui/units/use-units';
import type { Bin } from '@/records/bin';

interface AmountFieldProps {
  readonly label: string;
  readonly unit: Bin['unit'];
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
  readonly hint?: string;
  readonly problem?: string | null;
}

/** So much of what is kept by the piece, by its weight or by its length. */
export function AmountField({ unit, ...field }: AmountFieldProps) {
  const { length } = useUnits();
  if (unit === 'pieces') return <CountField {...field} />;
  if (unit === 'g') return <MassField {...field} />;
  return (
    <UnitField
      {...field}
      quantity="length"
      assume={length === 'in' ? 'yd' : 'm'}
      write={(mm) => spoolText(mm, length)}
    />
  );
}
